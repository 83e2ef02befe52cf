/** What would keep somebody from using a page: WCAG 2.2 AA, as far as axe can see. */
import AxeBuilder from '@axe-core/playwright';
import type { Page } from '@playwright/test';

const allRules = ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa'];

interface Wish {
  /** Of the whole page, or only of what stands there. */
  readonly within?: string;
  /** Only these. */
  readonly rules?: readonly string[];
}

/** One line a rule, with where it is broken. */
export async function accessibilityFaults(page: Page, { within, rules }: Wish = {}): Promise<readonly string[]> {
  // Only what is broken is written up, and in the page itself, which has no frames of others: three times as fast, and it finds the same.
  const axe = new AxeBuilder({ page }).options({ resultTypes: ['violations'] }).setLegacyMode(true);
  if (rules) axe.withRules([...rules]);
  else axe.withTags(allRules);
  // The pieces in the pot are paths by the hundred, hidden from readers as one.
  const { violations } = await (within ? axe.include(within) : axe.exclude('[data-part="pieces"]')).analyze();
  return violations.map(({ id, nodes }) => `${id}: ${nodes.map((node) => node.target.join(' ')).join(' | ')}`);
}
