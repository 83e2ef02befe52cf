import type { Column } from './column';
import { k } from './constants';
import { mountColumn } from './mount-column';
import { potColumn } from './pot-column';
import type { Drinker, Setup } from './setup';

/** Cuts a setup into the cells of its column, as finely as days and curves need; `finer` times finer still. */
export function buildColumn(setup: Setup, drinker: Drinker, finer = 1): Column {
  return setup.kind === 'pot'
    ? potColumn(setup, drinker, k.FINE_CELL_CM / finer, k.FINE_LEAST_CELLS * finer)
    : mountColumn(setup, drinker, k.PAD_CELLS * finer);
}

/** In larger cells for a whole year: what errs in a day between waterings evens out in months. */
export function buildYearColumn(setup: Setup, drinker: Drinker): Column {
  return setup.kind === 'pot' ? potColumn(setup, drinker) : mountColumn(setup, drinker, k.YEAR_PAD_CELLS);
}

/** The same in few cells, for a quick guess: what it holds is within two per cent of the fine column's. */
export function buildCoarseColumn(setup: Setup, drinker: Drinker): Column {
  return setup.kind === 'pot'
    ? potColumn(setup, drinker, k.COARSE_CELL_CM, k.COARSE_LEAST_CELLS)
    : mountColumn(setup, drinker, k.COARSE_PAD_CELLS);
}
