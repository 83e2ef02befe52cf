/** The address under which the bench opens with the plant being looked over. */
export const BEGIN_INSPECTION = 'look-over';

/** Whether the page was opened so; the address is cleaned, so that a reload does not begin anew. */
export function wasAskedToInspect(): boolean {
  if (!new URLSearchParams(window.location.search).has(BEGIN_INSPECTION)) return false;
  window.history.replaceState(null, '', window.location.pathname);
  return true;
}
