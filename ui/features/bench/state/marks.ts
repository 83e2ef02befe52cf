/** Marks on the browser's own time line: when something was asked, and when its answers stood on the page. */
type Mark = 'asked' | 'first good' | 'final';

/** As `npm run bench:browser` reads them. */
export function mark(name: Mark): void {
  performance.mark(`cairn ${name}`);
}

/** Set, and not drawn yet. */
const undrawn = new Set<Mark>();

/** Whoever waits for the next drawing to stand. */
let waiting: (() => void)[] = [];

/** A page that is not looked at draws nothing: so long is waited for it at most, ms. */
const AT_LATEST_MS = 250;

/** When what was just set stands on the page, or soon after. */
export function whenDrawn(): Promise<void> {
  return new Promise((resolve) => {
    waiting.push(resolve);
    setTimeout(resolve, AT_LATEST_MS);
  });
}

/** To be marked when what was just set stands on the page, its drawing with it. */
export function markDrawn(name: Mark): void {
  undrawn.add(name);
}

/** What is drawn now is what was set last. */
export function reportDrawn(): void {
  if (undrawn.size === 0) return;
  const names = [...undrawn];
  const heard = waiting;
  undrawn.clear();
  waiting = [];
  // The first frame paints it; the second comes after that.
  requestAnimationFrame(() =>
    requestAnimationFrame(() => {
      names.forEach(mark);
      heard.forEach((hear) => hear());
    }),
  );
}
