/** "If-Match: 3" names the version that the writer saw; null where none is named. */
export function seenVersionOf(request: Request): number | null {
  const text = request.headers.get('if-match')?.replaceAll('"', '') ?? '';
  const version = Number(text);
  return text !== '' && Number.isInteger(version) ? version : null;
}
