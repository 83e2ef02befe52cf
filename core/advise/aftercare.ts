/** What follows after potting: the first weeks. Common practice, no source. */
import { isFailing, type PlantInHand } from '../case';
import type { Stance } from '../catalogue/schools';

export interface AftercareStep {
  readonly code: 'water' | 'flush' | 'shade' | 'feed' | 'rest' | 'tug' | 'watch';
  /** Days after potting, from and until. */
  readonly fromDay: number;
  readonly untilDay: number;
  readonly sentence: string;
}

export interface AftercareInput {
  readonly plant: PlantInHand;
  readonly stance: Pick<Stance, 'after-cutting'>;
  readonly isMount: boolean;
  readonly hasReservoir: boolean;
}

const fullFeedPpm = [50, 100] as const;

/** Whether freshly cut roots are kept dry for some days: the school decides, or the plant. */
function keepsDryAfterCutting(plant: PlantInHand, stance: Pick<Stance, 'after-cutting'>): boolean {
  if (stance['after-cutting'] === 'dry-spell') return true;
  if (stance['after-cutting'] === 'at-once') return false;
  return plant.genus.regime !== 'evenly moist';
}

export function firstAftercare({ plant, stance, isMount, hasReservoir }: AftercareInput): readonly AftercareStep[] {
  const isDormant = plant.state === 'dormant' && plant.genus.rest === 'leafless and dry';
  const isWeak = isFailing(plant);
  const half = plant.genus.saltTolerance === 'low' ? 0.5 : 1;
  const steps: AftercareStep[] = [
    isDormant
      ? {
          code: 'water',
          fromDay: 0,
          untilDay: 60,
          sentence: 'Keep nearly dry until the new growth is tall and its roots are long: water before roots is rot.',
        }
      : !keepsDryAfterCutting(plant, stance)
        ? {
            code: 'water',
            fromDay: 0,
            untilDay: 1,
            sentence:
              plant.genus.regime === 'evenly moist' ? 'Water it in at once; it hates drought.' : 'Water it in at once.',
          }
        : {
            code: 'water',
            fromDay: 0,
            untilDay: 4,
            sentence:
              'If roots were cut, leave it dry three or four days so that the cuts close; with sound roots, water now.',
          },
    {
      code: 'flush',
      fromDay: 0,
      untilDay: 1,
      sentence: 'Flush until the run-off is clear. Murk later means the medium is breaking down.',
    },
    {
      code: 'shade',
      fromDay: 0,
      untilDay: 14,
      sentence: 'Shade for one to two weeks, then gentle early sun for about a month.',
    },
    {
      code: 'feed',
      fromDay: isMount || isWeak ? 30 : 14,
      untilDay: 120,
      sentence: `No feed for ${isMount || isWeak ? 'a month' : 'two weeks'}, then ${fullFeedPpm[0] * half}–${fullFeedPpm[1] * half} ppm in growth. The label of your feed wins.`,
    },
    {
      code: 'tug',
      fromDay: 28,
      untilDay: 56,
      sentence: 'After four to eight weeks tug it gently: if it holds, it has rooted.',
    },
  ];
  if (hasReservoir) {
    steps.push({
      code: 'watch',
      fromDay: 0,
      untilDay: 30,
      sentence: 'Keep the reservoir filled low at first; new roots must find it.',
    });
  }
  if (plant.genus.rest !== 'none') {
    steps.push({
      code: 'rest',
      fromDay: 120,
      untilDay: 240,
      sentence: 'In its rest give about half the water for two to three months.',
    });
  }
  return steps;
}
