/** What a hand does on the growth map: each makes a new map of the old one. */
import { type GrowthMapSaid, type GrowthView, type Point, placedAt } from '@core';
import type { ShootAt } from '../../../drawing/map-sheet';

export type ShootKind = 'lead' | 'bulb' | 'spent';
type PlantSaid = GrowthMapSaid['plants'][number];
type LeadSaid = PlantSaid['leads'][number];
type BulbSaid = PlantSaid['bulbs'][number];

export const MOST_PLANTS = 3;

const tenth = (value: number): number => Math.round(value * 10) / 10;
/** Headings are kept between 0 and 360. */
const whole = (deg: number): number => ((Math.round(deg) % 360) + 360) % 360;

export const sameShoot = (a: ShootAt | null, b: ShootAt): boolean =>
  a !== null && a.plant === b.plant && a.list === b.list && a.index === b.index;

export function shootIn(map: GrowthMapSaid, { plant, list, index }: ShootAt): BulbSaid | LeadSaid | undefined {
  return map.plants[plant]?.[list][index];
}

/** The plants as they usually stand, to begin from: one in the middle of its rim, several as they stand best. */
export function mapAsUsual(
  { plants, best }: Pick<GrowthView, 'plants' | 'best'>,
  rim: GrowthMapSaid['rim'],
): GrowthMapSaid {
  const said = plants.map(({ bulbs, leads }, k) => {
    const stood = best.stands[k]!;
    const stand = plants.length > 1 ? stood : { ...stood, xCm: 0, yCm: 0 };
    const put = (point: Point) => {
      const { xCm, yCm } = placedAt(point, stand);
      return { xCm: tenth(xCm), yCm: tenth(yCm) };
    };
    return {
      bulbs: bulbs.map(put),
      leads: leads.map((lead) => ({ ...put(lead), headingDeg: whole(lead.headingDeg + stand.turnDeg) })),
    };
  });
  return { plants: said, rim };
}

function withPlant(map: GrowthMapSaid, index: number, change: (plant: PlantSaid) => PlantSaid): GrowthMapSaid {
  return { ...map, plants: map.plants.map((plant, k) => (k === index ? change(plant) : plant)) };
}

/** Away from the middle of the plant’s other shoots; to the right where it has none. */
function headingFrom({ bulbs, leads }: PlantSaid, xCm: number, yCm: number): number {
  const all = [...bulbs, ...leads];
  if (all.length === 0) return 0;
  const [x, y] = all.reduce(([sumX, sumY], one) => [sumX + one.xCm, sumY + one.yCm], [0, 0]);
  return whole((Math.atan2(yCm - y / all.length, xCm - x / all.length) * 180) / Math.PI);
}

/** The new shoot comes last of its kind. */
export function added(map: GrowthMapSaid, plant: number, kind: ShootKind, xCm: number, yCm: number): GrowthMapSaid {
  const at = { xCm: tenth(xCm), yCm: tenth(yCm) };
  return withPlant(map, plant, (own) =>
    kind === 'lead'
      ? { ...own, leads: [...own.leads, { ...at, headingDeg: headingFrom(own, xCm, yCm) }] }
      : { ...own, bulbs: [...own.bulbs, kind === 'spent' ? { ...at, isSpent: true } : at] },
  );
}

export function movedTo(map: GrowthMapSaid, shoot: ShootAt, xCm: number, yCm: number): GrowthMapSaid {
  const to = <S extends BulbSaid | LeadSaid>(one: S, k: number): S =>
    k === shoot.index ? { ...one, xCm: tenth(xCm), yCm: tenth(yCm) } : one;
  return withPlant(map, shoot.plant, (own) =>
    shoot.list === 'leads' ? { ...own, leads: own.leads.map(to) } : { ...own, bulbs: own.bulbs.map(to) },
  );
}

export function turnedBy(map: GrowthMapSaid, shoot: ShootAt, byDeg: number): GrowthMapSaid {
  if (shoot.list !== 'leads') return map;
  return withPlant(map, shoot.plant, (own) => ({
    ...own,
    leads: own.leads.map((lead, k) =>
      k === shoot.index ? { ...lead, headingDeg: whole(lead.headingDeg + byDeg) } : lead,
    ),
  }));
}

/** A lead that heads that way, in whole degrees. */
export function headedTo(map: GrowthMapSaid, shoot: ShootAt, headingDeg: number): GrowthMapSaid {
  const lead = shoot.list === 'leads' ? map.plants[shoot.plant]?.leads[shoot.index] : undefined;
  return lead ? turnedBy(map, shoot, headingDeg - lead.headingDeg) : map;
}

/** A plant without a shoot is none, but the last one keeps its last shoot. */
export function removed(map: GrowthMapSaid, shoot: ShootAt): GrowthMapSaid {
  const left = withPlant(map, shoot.plant, (own) => ({
    ...own,
    [shoot.list]: own[shoot.list].filter((_, k) => k !== shoot.index),
  }));
  const plants = left.plants.filter(({ bulbs, leads }) => bulbs.length + leads.length > 0);
  return plants.length === 0 ? map : { ...left, plants };
}

/** One more plant, a single lead beside the middle. */
export function withAnotherPlant(map: GrowthMapSaid, halfCm: number): GrowthMapSaid {
  if (map.plants.length >= MOST_PLANTS) return map;
  const side = map.plants.length === 1 ? -1 : 1;
  const lead = { xCm: 0, yCm: tenth((side * halfCm) / 2), headingDeg: side === 1 ? 90 : 270 };
  return { ...map, plants: [...map.plants, { bulbs: [], leads: [lead] }] };
}
