import type { Column } from './column';
import { k } from './constants';
import { coarseMesh, daysMesh, type Mesh, yearMesh } from './mesh';
import { mountColumn } from './mount-column';
import { potColumn } from './pot-column';
import type { PlantWaterUse, Setup } from './setup';

/** Cuts a setup into the cells of its column, as finely as days and curves need; `finer` times finer still. */
export function buildColumn(setup: Setup, drinker: PlantWaterUse, finer = 1): Column {
  return columnOn(daysMesh(finer), setup, drinker);
}

/** For the whole year of a setup that is shown. */
export function buildShownColumn(setup: Setup, drinker: PlantWaterUse): Column {
  return columnOn(daysMesh(k.SHOWN_FINER), setup, drinker);
}

/** In larger cells for a whole year that ranks. */
export function buildYearColumn(setup: Setup, drinker: PlantWaterUse): Column {
  return columnOn(yearMesh, setup, drinker);
}

/** In few cells, for a quick guess: what it holds is within two per cent of the fine column's. */
export function buildCoarseColumn(setup: Setup, drinker: PlantWaterUse): Column {
  return columnOn(coarseMesh, setup, drinker);
}

function columnOn(mesh: Mesh, setup: Setup, drinker: PlantWaterUse): Column {
  return setup.kind === 'pot' ? potColumn(setup, drinker, mesh) : mountColumn(setup, drinker, mesh);
}
