/**
 * Fits the weights of the score to the worked cases: of two setups of a case the one that meets more of what is expected
 * should score more. Pairwise ranking with a logistic curve, drawn towards the plain priors, by a standard least-squares
 * optimiser; each group of genera is left out in turn, and the agreement on it printed beside that on the others.
 */
import { levenbergMarquardt } from 'ml-levenberg-marquardt';
import { demoPlaces, makePlan, weightPriors, worthOf, workedCases } from '@core';

/** Points that one setup must lead by to be nearly sure: the scale of the logistic curve. */
const SURE_POINTS = 4;
/** How strongly a weight is held to its prior, in pairs: doubling it costs as much as so many lost ones. */
const HELD_BY_PAIRS = 12;

const names = Object.keys(weightPriors) as readonly (keyof typeof weightPriors)[];
const priors = names.map((name) => weightPriors[name]);

interface Pair {
  readonly group: string;
  /** What the better setup has more of, for each weight. */
  readonly more: readonly number[];
}

function pairsOfAll(): readonly Pair[] {
  return workedCases.flatMap((worked) => {
    const setups = makePlan(worked.ask, demoPlaces).setups.map((setup) => ({
      has: names.map((name) => worthOf(setup, name)),
      met: worked.meets(setup),
    }));
    return setups.flatMap((better) =>
      setups
        .filter((other) => better.met > other.met)
        .map((other) => ({ group: worked.group, more: better.has.map((value, i) => value - other.has[i]!) })),
    );
  });
}

const lead = (weights: readonly number[], { more }: Pair): number =>
  more.reduce((sum, value, i) => sum + value * weights[i]!, 0);

/** Share of pairs in the right order. */
function agreement(weights: readonly number[], pairs: readonly Pair[]): number {
  return pairs.filter((pair) => lead(weights, pair) > 0).length / pairs.length;
}

/** Weights as shares of their priors, none negative and none more than thrice. */
function fitted(pairs: readonly Pair[]): readonly number[] {
  const holds = names.map((_, i) => pairs.length + i);
  const fit = levenbergMarquardt(
    { x: [...pairs.map((_, i) => i), ...holds], y: [...pairs.map(() => 1), ...holds.map(() => 0)] },
    (shares: number[]) => {
      const weights = shares.map((share, i) => share * priors[i]!);
      return (index: number) => {
        const pair = pairs[index];
        if (pair !== undefined) return 1 / (1 + Math.exp(-lead(weights, pair) / SURE_POINTS));
        return Math.sqrt(HELD_BY_PAIRS) * (shares[index - pairs.length]! - 1);
      };
    },
    {
      initialValues: names.map(() => 1),
      minValues: names.map(() => 0),
      maxValues: names.map(() => 3),
      gradientDifference: 1e-4,
      maxIterations: 60,
      damping: 1,
    },
  );
  return fit.parameterValues.map((share, i) => share * priors[i]!);
}

function main(): void {
  const pairs = pairsOfAll();
  const groups = [...new Set(pairs.map(({ group }) => group))];
  const all = fitted(pairs);
  console.log(`${pairs.length} pairs of ${workedCases.length} cases`);
  console.log(`in the right order: with the priors ${agreement(priors, pairs).toFixed(3)}, fitted ${agreement(all, pairs).toFixed(3)}`);
  for (const group of groups) {
    const left = pairs.filter((pair) => pair.group === group);
    const others = pairs.filter((pair) => pair.group !== group);
    const without = fitted(others);
    console.log(
      `${group.padEnd(26)} left out: priors ${agreement(priors, left).toFixed(3)}, fitted on the others ${agreement(without, left).toFixed(3)} (on the others themselves ${agreement(without, others).toFixed(3)})`,
    );
  }
  names.forEach((name, i) => console.log(`${name.padEnd(36)} ${priors[i]!.toFixed(1).padStart(6)} -> ${all[i]!.toFixed(1)}`));
}

main();
