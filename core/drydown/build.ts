import type { Column } from './column';
import { mountColumn } from './mount-column';
import { potColumn } from './pot-column';
import type { Drinker, Setup } from './setup';

/** Cuts a setup into the cells of its column. */
export function buildColumn(setup: Setup, drinker: Drinker): Column {
  return setup.kind === 'pot' ? potColumn(setup, drinker) : mountColumn(setup, drinker);
}
