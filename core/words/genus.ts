/** A genus in sentences, for a page that is read rather than looked up. Every number is its own. */
import { typicalRootMm } from '../case';
import type { Genus, GrowthHabit } from '../catalogue/genera';
import { pieceBandMm } from '../decide/setups';
import { regimeFigures } from '../physics/stress';
import { cm, joinAnd, mm, mmRange, number, percent, type WordUnits } from './phrasing/format';

export interface GenusStory {
  readonly grows: string;
  readonly roots: string;
  readonly drinks: string;
  readonly lives: string;
  readonly sits: string;
}

const habitTexts: Readonly<Record<GrowthHabit, string>> = {
  creeping: 'Its rhizome creeps one way, shoot before shoot',
  rambling: 'It rambles: each new shoot strides out where it likes',
  clump: 'It makes a tight clump, shoots side by side',
  canes: 'It stands in canes that rise from a short rhizome',
  fans: 'Fans of leaves follow each other closely',
  'single stem': 'A single stem grows on at its tip, year after year',
  'climbing chain': 'It climbs out of its pot in a chain of shoots, each above the last',
  'creeping stem': 'Its stem creeps along the ground and roots as it goes',
  'underground bulbs': 'Its bulbs lie underground and renew themselves each year',
};

const depthTexts: Readonly<Record<Genus['depth'], string>> = {
  'on the surface': 'It sits on the surface, its base in the air',
  'base just tucked in': 'It sits with its base just tucked in',
  'all roots covered': 'Every root is covered and the base lies just under',
  'bulb 4 cm under': 'Its bulbs go about four centimetres under',
};

const coverTexts: Readonly<Record<Genus['cover'], string>> = {
  'refuses cover': 'its roots refuse to be covered',
  'takes cover': 'its roots bear being covered',
  'needs cover': 'its roots must be covered',
};

const hardinessTexts: Readonly<Record<Genus['rootHardiness'], string>> = {
  robust: 'They take a repotting in their stride',
  ordinary: 'They take a careful repotting',
  fussy: 'They sulk when disturbed, and new ones must be starting',
};

const restTexts: Readonly<Record<Genus['rest'], string>> = {
  none: 'It never rests',
  'drier winter': 'In winter it wants about half the water',
  'dry winter': 'It wants a dry winter',
  'short and bright': 'For about two months in winter it wants bright light and little water',
  'leafless and moist': 'It dies back and sleeps cool and just moist, never dust-dry',
  'leafless and dry': 'It sheds its leaves and then wants to be left dry until new growth is tall and rooting',
};

function growsText(genus: Genus, units: WordUnits): string {
  const step = genus.rhizomeStepCm > 0 ? `, ${cm(genus.rhizomeStepCm, units)} apart` : '';
  const pace =
    genus.habit === 'single stem'
      ? ''
      : ` It makes about ${number(genus.shootsPerYear, 1)} shoots a year, and one in ${number(1 / Math.max(0.02, genus.forkingChance), 0)} makes two fronts.`;
  return `${habitTexts[genus.habit]}${step}, to about ${cm(genus.heightCm, units)} high.${pace}`;
}

function rootsText(genus: Genus, units: WordUnits): string {
  const band = pieceBandMm(typicalRootMm(genus));
  const branching = genus.rootsBranch
    ? 'They branch, so a long one may be shortened'
    : 'They hardly branch, so a sound one is never shortened';
  return `Roots of ${mmRange(genus.rootThinnestMm, genus.rootThickestMm, units)}; at ${mm(typicalRootMm(genus), units)} they live in pieces of ${mmRange(band.fromMm, band.toMm, units)} and want ${percent(genus.airNeed)} air after watering. ${branching}. ${hardinessTexts[genus.rootHardiness]}.`;
}

function drinksText(genus: Genus): string {
  const { waterAtShare, usualDays } = regimeFigures[genus.regime];
  return `${genus.regime.charAt(0).toUpperCase()}${genus.regime.slice(1)}: water again when ${percent(waterAtShare)} of what the roots can take is left, as a rule after ${usualDays[0]} to ${usualDays[1]} days. ${restTexts[genus.rest]}. It takes salts ${genus.saltTolerance === 'low' ? 'badly: feed at half strength' : genus.saltTolerance === 'high' ? 'well, and feeds heavily in growth' : 'as most do'}.`;
}

const growerWords: Readonly<Record<Genus['temperature'], string>> = {
  hardy: 'hardy plant that needs a cold winter,',
  cool: 'cool grower',
  adaptable: 'adaptable grower (cool nights, warm days)',
  intermediate: 'intermediate grower',
  warm: 'warm grower',
};

function livesText(genus: Genus): string {
  const ways = [
    `over standing water ${genus.overReservoir === 'well' ? 'it does well' : genus.overReservoir === 'possible' ? 'it can live' : 'it never lives'}`,
    `on a mount ${genus.onMount === 'well' ? 'it does well' : genus.onMount === 'possible' ? 'it can live' : 'it never lives'}`,
  ];
  const light =
    genus.light === 'sun' ? 'full sun' : `${genus.light} ${genus.light.includes('shade') ? '' : 'light'}`.trim();
  return `${/^[aeiou]/.test(genus.temperature) ? 'An' : 'A'} ${growerWords[genus.temperature]} for ${light}; ${joinAnd(ways)}.`;
}

export function genusStory(genus: Genus, units: WordUnits): GenusStory {
  return {
    grows: growsText(genus, units),
    roots: rootsText(genus, units),
    drinks: drinksText(genus),
    lives: livesText(genus),
    sits: `${depthTexts[genus.depth]}; ${coverTexts[genus.cover]}.`,
  };
}
