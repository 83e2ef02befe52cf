/**
 * The order of work that costs a grower least. Few plants are looked at in every order; of more, the best of the given order, a
 * plain rule and a greedy choice is mended by moving one plant at a time, so that the answer is never worse than any of these.
 */
import { orderCost, type DaySetting } from './clock';
import { k } from './constants';
import type { PlantWork } from './work';

type Order = readonly PlantWork[];

/** Emergencies, then the dirty, then the others mix by mix, the largest mix first; what is sick comes last. */
export function plainOrder(works: Order): Order {
  const litresOf = new Map<string, number>();
  for (const { mixKey, litres } of works) litresOf.set(mixKey, (litresOf.get(mixKey) ?? 0) + litres);
  const rank = ({ isUrgent, isSuspect, isDirty }: PlantWork): number =>
    isSuspect ? 3 : isUrgent ? 0 : isDirty ? 1 : 2;
  return [...works].sort(
    (a, b) =>
      rank(a) - rank(b) ||
      litresOf.get(b.mixKey)! - litresOf.get(a.mixKey)! ||
      a.mixKey.localeCompare(b.mixKey) ||
      b.litres - a.litres ||
      a.id.localeCompare(b.id),
  );
}

/** As one would go on by eye: always the plant that makes the day so far cheapest. Tried among the nearest of a plain order. */
export function greedyOrder(works: Order, setting: DaySetting): Order {
  const left = [...plainOrder(works)];
  const done: PlantWork[] = [];
  while (left.length > 0) {
    const costs = left.slice(0, k.NEAR).map((one) => orderCost([...done, one], setting));
    done.push(...left.splice(costs.indexOf(Math.min(...costs)), 1));
  }
  return done;
}

function* everyOrder(works: Order): Generator<Order> {
  if (works.length <= 1) yield works;
  else
    for (const [at, first] of works.entries())
      for (const rest of everyOrder(works.filter((_, n) => n !== at))) yield [first, ...rest];
}

function cheapest(orders: Iterable<Order>, setting: DaySetting): Order {
  let best: Order = [];
  let least = Infinity;
  for (const order of orders) {
    const cost = orderCost(order, setting);
    if (cost < least) [best, least] = [order, cost];
  }
  return best;
}

const moved = (order: Order, from: number, to: number): Order => {
  const next = [...order];
  next.splice(to, 0, ...next.splice(from, 1));
  return next;
};

/** Moves one plant at a time, near and to either end, as long as that makes the day cheaper. */
function mended(start: Order, setting: DaySetting): Order {
  let order = start;
  let least = orderCost(order, setting);
  for (let round = 0; round < k.MOST_ROUNDS; round += 1) {
    const before = least;
    for (const { id } of [...order]) {
      const from = order.findIndex((one) => one.id === id);
      const [low, high] = [Math.max(0, from - k.NEAR), Math.min(order.length - 1, from + k.NEAR)];
      const places = new Set([0, order.length - 1]);
      for (let to = low; to <= high; to += 1) places.add(to);
      places.delete(from);
      for (const to of places) {
        const next = moved(order, from, to);
        const cost = orderCost(next, setting);
        // A place that is no better by a second is the same.
        if (cost < least - 1 / 60) {
          [order, least] = [next, cost];
          break;
        }
      }
    }
    if (least === before) break;
  }
  return order;
}

/** works: in the given order. */
export function bestOrder(works: Order, setting: DaySetting): Order {
  const starts = [works, plainOrder(works), greedyOrder(works, setting)];
  if (works.length <= k.EXACT_UP_TO) return cheapest([...starts.slice(0, 1), ...everyOrder(works)], setting);
  return mended(cheapest(starts, setting), setting);
}
