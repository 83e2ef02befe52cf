/** How a potting went, in sentences. */
import type { PseudobulbChange, HoldState, JudgeAdvice, Judgement, JudgeVerdict } from '../aftercare';
import { days, number } from './phrasing/format';

export const holdWords: Readonly<Record<HoldState, string>> = {
  holds: 'It holds',
  'gives a little': 'It gives a little',
  loose: 'It is loose',
};
export const pseudobulbChangeWords: Readonly<Record<PseudobulbChange, string>> = {
  fuller: 'Fuller',
  'as before': 'As before',
  thinner: 'Thinner',
};

const verdicts: Readonly<Record<JudgeVerdict, string>> = {
  'it took': 'It took.',
  'not yet': 'It has not taken yet.',
  'it fails': 'It goes backwards.',
};

const advice: Readonly<Record<JudgeAdvice, string>> = {
  'as it is': 'Go on as it is.',
  'more time': 'Give it more time, and tug again in a month.',
  'hold it firmer': 'Hold it firmer: a stake, a clip, stones at its foot. What moves does not root.',
  'look at the roots': 'Look at the roots now: unpot it, cut what is dead.',
  'water sooner': 'Water it sooner.',
  'water later': 'Wait longer with water: by your finger it stays wet longer than reckoned.',
  'finer next time': 'By your finger it dries sooner than reckoned: finer pieces, or some moss, the next time.',
  'airier next time': 'Coarser pieces, or a smaller pot, the next time.',
};

export function wordJudgement({ verdict, advice: said, waters, roots, shoots }: Judgement): readonly string[] {
  return [
    verdicts[verdict],
    ...(waters
      ? [`Water was reckoned every ${days(waters.foreseenDays)}, and came every ${days(waters.keptDays)}.`]
      : []),
    ...(roots ? [`Live roots ${number(roots.thenPct, 0)} % then, ${number(roots.nowPct, 0)} % now.`] : []),
    ...(shoots
      ? [
          `New shoots: ${number(shoots.found, 0)}, where its kind makes about ${number(shoots.foreseen, 1)} in that time.`,
        ]
      : []),
    ...said.map((one) => advice[one]),
  ];
}
