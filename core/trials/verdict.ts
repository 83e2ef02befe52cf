/**
 * What the numbers of two sides say: means by Welch's t (B. L. Welch, Biometrika 34 (1947)), shares by Fisher's exact test, with the
 * interval of Newcombe (Statistics in Medicine 17 (1998), method 10). Where the interval holds both no difference and one that matters, the
 * numbers cannot tell, and that is the verdict. Of more than two sides each is held against each (Holm 1979).
 */
import jstat from 'jstat';
import { k } from './constants';

export interface Side {
  readonly name: string;
  /** A number a plant; of yes and no, 1 and 0. */
  readonly values: readonly number[];
}

export type TrialVerdict = 'a difference' | 'no difference that matters' | 'cannot tell' | 'too few';

export interface Compared {
  readonly one: string;
  readonly other: string;
  /** Of the means (or shares): the other less the one. */
  readonly difference: number;
  /** Between these in 19 trials of 20. */
  readonly from: number;
  readonly to: number;
  readonly pValue: number;
  readonly verdict: TrialVerdict;
}

const mean = (values: readonly number[]): number => values.reduce((sum, value) => sum + value, 0) / values.length;

function variance(values: readonly number[]): number {
  const middle = mean(values);
  return values.reduce((sum, value) => sum + (value - middle) ** 2, 0) / (values.length - 1);
}

interface Tested {
  readonly difference: number;
  readonly from: number;
  readonly to: number;
  readonly pValue: number;
}

/** Two-sided; where nothing varies at all, the difference is as it is. */
export function welch(one: readonly number[], other: readonly number[]): Tested {
  const difference = mean(other) - mean(one);
  const [a, b] = [variance(one) / one.length, variance(other) / other.length];
  const error = Math.sqrt(a + b);
  if (error === 0) return { difference, from: difference, to: difference, pValue: difference === 0 ? 1 : 0 };
  const freedom = (a + b) ** 2 / (a ** 2 / (one.length - 1) + b ** 2 / (other.length - 1));
  const t = Math.abs(difference) / error;
  const reach = jstat.studentt.inv(1 - k.ALPHA * k.HALF, freedom) * error;
  return {
    difference,
    from: difference - reach,
    to: difference + reach,
    pValue: 2 * (1 - jstat.studentt.cdf(t, freedom)),
  };
}

/** The interval of a share (E. B. Wilson, Journal of the American Statistical Association 22 (1927)). */
function wilson(yes: number, of: number): readonly [number, number] {
  const z = jstat.normal.inv(1 - k.ALPHA * k.HALF, 0, 1);
  const share = yes / of;
  const middle = share + z ** 2 / (2 * of);
  const reach = z * Math.sqrt((share * (1 - share)) / of + z ** 2 / (4 * of ** 2));
  return [(middle - reach) / (1 + z ** 2 / of), (middle + reach) / (1 + z ** 2 / of)];
}

/** Two-sided: of all tables with these sums, those no likelier than this one. */
export function fisherP(yesOne: number, ofOne: number, yesOther: number, ofOther: number): number {
  const yes = yesOne + yesOther;
  const all = ofOne + ofOther;
  const chance = (at: number): number => jstat.hypgeom.pdf(at, all, ofOne, yes);
  const here = chance(yesOne);
  let sum = 0;
  for (let at = Math.max(0, yes - ofOther); at <= Math.min(ofOne, yes); at += 1) {
    const one = chance(at);
    // Equal ones differ by the last digits of their reckoning.
    if (one <= here * (1 + 1e-7)) sum += one;
  }
  return Math.min(1, sum);
}

export function shares(one: readonly number[], other: readonly number[]): Tested {
  const [yesOne, yesOther] = [one, other].map((values) => values.reduce((sum, value) => sum + value, 0)) as [
    number,
    number,
  ];
  const [p, q] = [yesOne / one.length, yesOther / other.length];
  const [lowOne, highOne] = wilson(yesOne, one.length);
  const [lowOther, highOther] = wilson(yesOther, other.length);
  const difference = q - p;
  return {
    difference,
    from: difference - Math.sqrt((q - lowOther) ** 2 + (highOne - p) ** 2),
    to: difference + Math.sqrt((highOther - q) ** 2 + (p - lowOne) ** 2),
    pValue: fisherP(yesOne, one.length, yesOther, other.length),
  };
}

function verdictOf({ from, to, pValue }: Tested, matters: number, alpha: number): TrialVerdict {
  if (pValue < alpha) return 'a difference';
  return from > -matters && to < matters ? 'no difference that matters' : 'cannot tell';
}

/** matters: the size of a difference worth having. Each pair of sides once. */
export function compareTrial(sides: readonly Side[], isShare: boolean, matters: number): readonly Compared[] {
  const pairs = sides.flatMap((one, n) => sides.slice(n + 1).map((other) => ({ one, other })));
  const tested = pairs.map(({ one, other }) => {
    const isEnough = Math.min(one.values.length, other.values.length) >= k.LEAST_PLANTS;
    return { one, other, found: isEnough ? (isShare ? shares : welch)(one.values, other.values) : null };
  });
  // Holm: the least likely by chance first, each against what is left of the pairs.
  const byP = tested.flatMap(({ found }) => (found ? [found] : [])).sort((a, b) => a.pValue - b.pValue);
  let holds = true;
  const alphas = new Map(
    byP.map((found, n) => {
      const alpha = k.ALPHA / (byP.length - n);
      holds = holds && found.pValue < alpha;
      return [found, holds ? alpha : 0] as const;
    }),
  );
  return tested.map(({ one, other, found }): Compared => {
    const names = { one: one.name, other: other.name };
    if (!found) return { ...names, difference: NaN, from: NaN, to: NaN, pValue: NaN, verdict: 'too few' };
    return { ...names, ...found, verdict: verdictOf(found, matters, alphas.get(found)!) };
  });
}
