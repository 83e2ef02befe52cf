/** What the year hangs on its cells: the year that is shown hardly, the one that ranks somewhat more. */
import fc from 'fast-check';
import { genusById, genusIds } from '../../catalogue/genera';
import { mediumById, mediumIds } from '../../catalogue/media';
import { demoPlaces } from '../../catalogue/places';
import { makePot, potKindIds } from '../../catalogue/vessels';
import {
  buildColumn,
  buildShownColumn,
  buildYearColumn,
  type Column,
  type PlantWaterUse,
  type PottedSetup,
} from '../drydown';
import { yearDrying } from '../places';
import { usualFeeding } from '../salt';
import { regimeFigures, type RootNeeds, saltToleranceDsM, warmthOf } from '../stress';
import { simulateYear, type YearReport } from '.';

interface Moved {
  readonly health: number;
  readonly fineDays: number;
}

const movedBetween = (one: YearReport, other: YearReport): Moved => ({
  health: Math.abs(one.rootHealth - other.rootHealth),
  fineDays: Math.abs(one.fineDays - other.fineDays),
});

/** Of pots drawn at random: how far shown and ranking years lie from those on cells twice as fine as shown. */
function movedByFinerCells(count: number): { readonly shown: readonly Moved[]; readonly ranking: readonly Moved[] } {
  const [shown, ranking]: [Moved[], Moved[]] = [[], []];
  fc.assert(
    fc.property(
      fc.constantFrom(...genusIds),
      fc.constantFrom(...potKindIds),
      fc.integer({ min: 7, max: 20 }),
      fc.constantFrom(...mediumIds),
      fc.constantFrom(...mediumIds),
      fc.constantFrom(...demoPlaces),
      fc.integer({ min: 1, max: 10 }),
      (genusId, potKindId, rimCm, one, other, place, days) => {
        const genus = genusById(genusId);
        const pot = makePot(potKindId, rimCm);
        const mix = [one, other].map((id) => ({ medium: mediumById(id), parts: 1 }));
        const setup: PottedSetup = { kind: 'pot', pot, layers: [{ role: 'main', mix, heightCm: pot.heightCm - 1 }] };
        const drinker: PlantWaterUse = {
          leafAreaCm2: genus.leafAreaPerShootCm2,
          photosynthesis: genus.photosynthesis,
          rootVolumeL: 0.06,
          rootDiameterMm: genus.rootThickestMm,
        };
        const rankingColumn = buildYearColumn(setup, drinker);
        const needs: RootNeeds = {
          regime: regimeFigures[genus.regime],
          airNeed: genus.airNeed,
          warmth: warmthOf[genus.temperature],
          saltToleranceDsM: saltToleranceDsM[genus.saltTolerance],
          takesToWater: rankingColumn.reservoirCapacityG > 0 && genus.overReservoir !== 'never',
        };
        const feeding = usualFeeding(genus.saltTolerance === 'low');
        const care = { routine: { kind: 'every', days }, feeding, holiday: null, flushes: true } as const;
        const yearOn = (column: Column) => simulateYear(column, yearDrying(place), care, needs);
        const finest = yearOn(buildColumn(setup, drinker, 4));
        shown.push(movedBetween(yearOn(buildShownColumn(setup, drinker)), finest));
        ranking.push(movedBetween(yearOn(rankingColumn), finest));
      },
    ),
    { numRuns: count, seed: 3 },
  );
  return { shown, ranking };
}

/** Reached by 19 of 20, and the highest. */
function spreadOf(values: readonly number[]): { readonly nearlyAll: number; readonly highest: number } {
  const sorted = [...values].sort((a, b) => a - b);
  return { nearlyAll: sorted[Math.floor(0.95 * sorted.length)]!, highest: sorted[sorted.length - 1]! };
}

test('cells twice as fine move root health in the shown year by under 0.02, and the ranking one by no more than its slack', () => {
  const { shown, ranking } = movedByFinerCells(60);
  const health = spreadOf(shown.map((moved) => moved.health));
  expect(health.nearlyAll).toBeLessThan(0.01);
  expect(health.highest).toBeLessThan(0.02);
  expect(spreadOf(shown.map((moved) => moved.fineDays)).nearlyAll).toBeLessThan(10);
  const ranked = spreadOf(ranking.map((moved) => moved.health));
  expect(ranked.nearlyAll).toBeLessThan(0.03);
  expect(ranked.highest).toBeLessThan(0.08);
});
