/** Whether this process works out what is to come behind its requests: the server does; tests and commands do not. */

declare global {
  // Made by the gateway, found by the bundled handlers.
  var tenderCairnOutlooks: { running: Promise<void> | null; isWanted: boolean } | undefined;
}

export function workOnOutlooks(): void {
  globalThis.tenderCairnOutlooks ??= { running: null, isWanted: false };
}
