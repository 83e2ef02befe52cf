/** Marks on the browser's own time line: when something was asked, and when its answers stood on the page. */
type Mark = 'asked' | 'first good' | 'final';

/** As `npm run bench:browser` reads them. */
export function mark(name: Mark): void {
  performance.mark(`cairn ${name}`);
}

/** When the browser has painted what was just set. */
export function markPainted(name: Mark): void {
  if (typeof requestAnimationFrame !== 'function') return;
  // The first frame paints it; the second comes after that.
  requestAnimationFrame(() => requestAnimationFrame(() => mark(name)));
}
