/** Stored text may be from an older version or damaged; then it counts as absent. */
export function safeJson(text: string): unknown {
  try {
    return JSON.parse(text);
  } catch {
    return null;
  }
}
