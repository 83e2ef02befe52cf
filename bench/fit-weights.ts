/**
 * Fits the weights of the score to the worked cases: of two setups of a case the one that meets more of what is expected
 * should score more. Pairwise ranking with a logistic curve, held to the plain priors, by a standard least-squares
 * optimiser; each group of genera is left out in turn, and the agreement there printed beside that with the priors.
 */
import { levenbergMarquardt } from 'ml-levenberg-marquardt';
import { makePlan, workedCases } from '@core';
import { findingsOf, weightedParts, weightPrior } from '@core/testing';

/** Points that one setup must lead by to be nearly sure: the scale of the logistic curve. */
const SURE_POINTS = 4;
/** How strongly a weight is held to its prior: dropping it altogether costs as much as so many cases lost. */
const HELD_BY_CASES = 5;
const PARTS_OF_A_SETUP = ['medium', 'piece size', 'vessel', 'size', 'layers', 'put aside'];

const names = [...weightedParts, 'how common it is', 'a change for the roots', 'rules'] as const;
const priors = names.map((name) => (name in weightPrior ? weightPrior[name as keyof typeof weightPrior] : 1));

type Plan = ReturnType<typeof makePlan>;
type Setup = Plan['setups'][number];

interface Pair {
  readonly group: string;
  /** What the better setup has more of, for each weight. */
  readonly more: readonly number[];
  /** All pairs of a case together weigh one. */
  readonly weight: number;
}

/** What a setup has of each part, free of the weights that are set now. */
function worthOf({ shares, costs, rulePoints }: Setup['scoredBy']): readonly number[] {
  return names.map((name) => {
    if (name === 'rules') return rulePoints;
    if (name === 'how common it is') return -costs.rarity;
    if (name === 'a change for the roots') return -costs.change;
    return shares[name];
  });
}

function metBy(setup: Setup, plan: Plan, expected: (typeof workedCases)[number]['expect']): number {
  return findingsOf(expected, { ...plan, setups: [setup] })
    .filter(({ part }) => PARTS_OF_A_SETUP.includes(part))
    .reduce((sum, { part, isMet }) => sum + (isMet ? 1 : part === 'put aside' ? -1 : 0), 0);
}

function pairsOf({ ask, expect, group }: (typeof workedCases)[number]): readonly Pair[] {
  const plan = makePlan(ask, { isRough: true });
  const setups = plan.setups.map((setup) => ({ has: worthOf(setup.scoredBy), met: metBy(setup, plan, expect) }));
  const pairs = setups.flatMap((better) =>
    setups
      .filter((other) => better.met > other.met)
      .map((other) => better.has.map((value, i) => value - other.has[i]!)),
  );
  return pairs.map((more) => ({ group, more, weight: 1 / Math.sqrt(pairs.length) }));
}

const lead = (weights: readonly number[], { more }: Pair): number =>
  more.reduce((sum, value, i) => sum + value * weights[i]!, 0);

/** Share of pairs in the right order, each case counting alike. */
function agreement(weights: readonly number[], pairs: readonly Pair[]): number {
  const all = pairs.reduce((sum, { weight }) => sum + weight ** 2, 0);
  const right = pairs.filter((pair) => lead(weights, pair) > 0).reduce((sum, { weight }) => sum + weight ** 2, 0);
  return right / all;
}

/** None negative, and none more than thrice its prior. */
function fitted(pairs: readonly Pair[]): readonly number[] {
  const holds = names.map((_, i) => pairs.length + i);
  const { parameterValues } = levenbergMarquardt(
    {
      x: [...pairs.map((_, i) => i), ...holds],
      y: [...pairs.map(({ weight }) => weight), ...holds.map(() => 0)],
    },
    (shares: number[]) => {
      const weights = shares.map((share, i) => share * priors[i]!);
      return (index: number) => {
        const pair = pairs[index];
        if (pair) return pair.weight / (1 + Math.exp(-lead(weights, pair) / SURE_POINTS));
        return Math.sqrt(HELD_BY_CASES) * (shares[index - pairs.length]! - 1);
      };
    },
    {
      initialValues: names.map(() => 1),
      minValues: names.map(() => 0),
      maxValues: names.map(() => 3),
      gradientDifference: 1e-4,
      maxIterations: 40,
      damping: 1,
    },
  );
  return parameterValues.map((share, i) => share * priors[i]!);
}

function main(): void {
  const pairs = workedCases.flatMap(pairsOf);
  const groups = [...new Set(pairs.map(({ group }) => group))];
  const weights = fitted(pairs);
  const digits = (value: number) => value.toFixed(3);
  const say = (line: string) => process.stdout.write(`${line}\n`);
  say(`${pairs.length} pairs of ${workedCases.length} cases in the right order`);
  say(`all together: priors ${digits(agreement(priors, pairs))}, fitted to them ${digits(agreement(weights, pairs))}`);
  for (const group of groups) {
    const left = pairs.filter((pair) => pair.group === group);
    const without = fitted(pairs.filter((pair) => pair.group !== group));
    say(
      `${group}, left out: priors ${digits(agreement(priors, left))}, fitted to the others ${digits(agreement(without, left))}`,
    );
  }
  const hundred = weights.slice(0, weightedParts.length).reduce((sum, value) => sum + value, 0) / 100;
  names.forEach((name, i) => say(`${name}: ${priors[i]!.toFixed(1)} -> ${(weights[i]! / hundred).toFixed(2)}`));
}

main();
