/** The sentences about the pot itself: its size, where in it the plant stands, how deep, and whether it stays upright. */
import { runsOneWay } from '../catalogue/genera';
import { DRY_HOME_PCT } from '../physics/air';
import { cm, cmSum, grams, number, type WordUnits, wind, years } from './phrasing/format';
import { Kin } from './phrasing/kin';
import type { FactOf, Sentences } from './reason-words';

/** Angles of tipping from which a pot stands firm, and under which it is easily knocked over, degrees. */
const FIRM_DEG = 25;
const WOBBLY_DEG = 18;
/** Shorter lengths round to nothing in inches. */
const LEAST_TOLD_CM = 0.13;
/** Of years inside the rim less is told as months. */
const SOON_YEARS = 0.75;

export function size(f: FactOf<'size'>, units: WordUnits): Sentences {
  // What would be told as nothing is not told.
  const growthCm = f.growthCm < LEAST_TOLD_CM ? 0 : f.growthCm;
  const { parts, total } = cmSum([f.liveBallCm, growthCm, f.marginCm + f.growthCm - growthCm], units);
  const [ball, growth, margin] = parts;
  const sum =
    growthCm === 0
      ? `${ball} of live root ball and ${margin} of room around make ${total}`
      : `${ball} of live root ball, ${growth} of growth in ${years(f.years)} and ${margin} of room around make ${total}`;
  const rim = cm(f.rimDiameterCm, units);
  return {
    sentence: f.isTight
      ? `${sum}: the ${rim} size is tight, and there is none wider of its kind.`
      : `${sum}: the ${rim} size.`,
    wouldChange: `For ${years(f.years + 1)} it would need ${cm(f.nextYearCm, units)}.`,
  };
}

/** How long that lasts, as far as can be said. */
function insideWords({ insideYears, isBeyond }: FactOf<'position'>): string {
  if (isBeyond) return 'inside the rim for longer than can be foreseen';
  return insideYears < SOON_YEARS ? 'at the rim within months' : `inside the rim for about ${years(insideYears)}`;
}

function positionSentence(f: FactOf<'position'>, units: WordUnits): string {
  // A ball that fills the pot stands in the middle and at the wall alike.
  const offset = f.offsetCm < 0.05 ? '' : `, ${cm(f.offsetCm, units)} from the middle`;
  switch (f.position) {
    case 'backs together':
      return 'Back to back in the middle, old growth inwards: all of them then grow outwards, each its own way';
    case 'side by side':
      return 'Side by side, growing the same way: so they need the least room';
    case 'centre':
      if (!runsOneWay(f.habit)) return `In the middle: its habit (${f.habit}) fills the pot from there`;
      return f.frontsRun === 'one way'
        ? 'In the middle: as it stands, no other place gives its shoots more room'
        : `In the middle: its fronts run ${f.frontsRun}, and each needs room before it`;
    case 'behind the middle':
      return `Behind the middle${offset}: most of its growth runs one way, and some of it does not`;
    case 'on the diagonal':
      return `Oldest growth into a corner${offset}, so that the longest way lies before it`;
    default:
      return `Oldest growth against the wall${offset}, so that the whole pot lies before it`;
  }
}

const elsewhere: Readonly<Record<string, string>> = {
  'backs together': 'One plant alone would stand where its growth has the whole pot before it.',
  'side by side': 'Plants with more leads would stand back to back in the middle.',
  centre: 'Growth that runs one way would put its back to the wall.',
};

export function position(f: FactOf<'position'>, units: WordUnits): Sentences {
  return {
    sentence: `${positionSentence(f, units)}: ${insideWords(f)}.`,
    wouldChange: elsewhere[f.position] ?? 'Fronts running several ways would put it in the middle.',
  };
}

export function depth(f: FactOf<'depth'>, units: WordUnits): Sentences {
  const where =
    f.baseAboveSurfaceCm >= 0
      ? `${cm(f.baseAboveSurfaceCm, units)} above the surface`
      : `${cm(-f.baseAboveSurfaceCm, units)} under the surface`;
  const isDeeper = f.deeperForDryAirCm > 0;
  const dryAir = isDeeper
    ? ` (${cm(f.deeperForDryAirCm, units)} of it because your air averages ${number(f.meanHumidityPct, 0)} % humidity)`
    : '';
  return {
    sentence: `${Kin(f.genusName)}: ${f.depth}. The base of the growth sits ${where}${dryAir}.`,
    wouldChange: isDeeper
      ? `In air above ${DRY_HOME_PCT} % it would sit shallower.`
      : 'Never bury a bulb or a soft new shoot in something wet.',
  };
}

/** In plain words, by the angle at which it falls. */
function standsHow(tippingAngleDeg: number): string {
  if (tippingAngleDeg >= FIRM_DEG) return 'stands firm';
  return tippingAngleDeg >= WOBBLY_DEG ? 'stands well enough' : 'is easily knocked over';
}

export function stability(f: FactOf<'stability'>, units: WordUnits): Sentences {
  const stands = `Half dry and with the plant it weighs ${number(f.weightG / 1000, 1)} kg and ${standsHow(f.tippingAngleDeg)}: it tips at ${number(f.tippingAngleDeg, 0)}°`;
  const inWind =
    f.gustMS === null
      ? ''
      : `, and a gust of ${wind(f.tippingWindMS, units)} blows it over; in a usual month they reach about ${wind(f.gustMS, units)} there`;
  return {
    sentence: `${stands}${inWind}.`,
    wouldChange:
      f.stonesG > 0
        ? `${grams(f.stonesG)} of stones at its foot would hold it in that gust; a stake holds the plant, not the pot.`
        : 'Stones at the bottom or a heavier pot make it steadier; a stake holds the plant, not the pot.',
  };
}
