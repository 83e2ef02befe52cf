/** Tells all windows of this browser that something changed in the outbox. */

export interface Bell {
  readonly ring: (what: 'changed' | 'kept') => void;
  /** Heard from the other windows. */
  readonly onRing: (listener: (what: 'changed' | 'kept') => void) => void;
}

export function browserBell(): Bell {
  const channel = new BroadcastChannel('tender-cairn.outbox');
  return {
    ring: (what) => channel.postMessage(what),
    onRing: (listener) =>
      channel.addEventListener('message', ({ data }) => listener(data === 'kept' ? 'kept' : 'changed')),
  };
}
