/** Keeps a number and its unit on one line. */
export function nb(text: string): string {
  return text.replace(/(\d) (cm|mm|in|%|°C|°F|L|g|kg|days?|years?|points)/g, '$1\u00a0$2');
}
