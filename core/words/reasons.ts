/** The sentences of the reasons in advise/reasons: each with its own numbers, and what would change it. */
import type { LayerWork, NextGrade, ReasonCode, ReasonFact } from '../advise';
import type { PieceShift, ShiftCause } from '../decide/setups';
import { type DryingTime, HORIZON_DAYS, type Routine } from '../physics/drydown';
import {
  cm,
  days,
  joinAnd,
  litres,
  mm,
  mmRange,
  monthNames,
  number,
  percent,
  type WordUnits,
  years,
} from './phrasing/format';
import { kin } from './phrasing/kin';
import type { FactOf, Reason, Sentences } from './reason-words';
import { stressNames, stressRemedies } from './stress';
import { depth, position, size, stability } from './reasons-of-the-pot';
import { kindName } from './phrasing/titles';

const WEEKS_PER_YEAR = 52;
/** With fewer days than this that are not fine nothing is wrong. */
const WORTH_A_WORD_DAYS = 2;

function pieces(f: FactOf<'pieces'>, units: WordUnits): Sentences {
  const root = mm(f.rootDiameterMm, units);
  if (f.fit === 'gives way') {
    return {
      sentence: `${kindName(f.mediumName)} gives way to roots of any thickness, so yours of ${root} set no grade here.`,
      wouldChange: 'How firmly it is pressed matters more: firm is wetter and holds less air.',
    };
  }
  const where = { inside: 'inside', finer: 'finer than', coarser: 'coarser than' }[f.fit];
  const grade = (next: NextGrade) => `the ${mmRange(next.smallMm, next.largeMm, units)} grade`;
  const turns = [
    f.finerGrade && `under ${mm(f.finerGrade.rootDiameterMm, units)} ${grade(f.finerGrade)} fits better`,
    f.coarserGrade && `over ${mm(f.coarserGrade.rootDiameterMm, units)} ${grade(f.coarserGrade)}`,
  ].filter(Boolean);
  return {
    sentence: `Pieces of about ${mm(f.pieceMm, units)} are ${where} the ${mmRange(f.bandFromMm, f.bandToMm, units)} that roots of ${root} live in here${shiftText(f.shifts)}.`,
    wouldChange: turns.length > 0 ? `With roots ${turns.join(', ')}.` : 'There is no other grade of it.',
  };
}

const shiftWords: Readonly<Record<ShiftCause, string>> = {
  'moist roots': 'roots that are kept moist',
  'dry air': 'dry air',
  'hairy roots': 'hairy roots',
  'lovers of air': 'roots that love air',
  'daily rain': 'daily rain',
  'standing water': 'standing water',
  'a large pot': 'a large pot',
  'fine roots in stone': 'fine sound roots in stone',
};

/** ": finer for dry air, larger for a large pot". */
function shiftText(shifts: readonly PieceShift[]): string {
  const causes = (isFiner: boolean) =>
    shifts.filter(({ factor }) => factor < 1 === isFiner).map(({ cause }) => shiftWords[cause]);
  const parts = [
    ['finer', causes(true)],
    ['larger', causes(false)],
  ] as const;
  const told = parts.filter(([, list]) => list.length > 0).map(([way, list]) => `${way} for ${joinAnd(list)}`);
  return told.length === 0 ? '' : ` (${told.join(', ')})`;
}

function timeText(time: DryingTime): string {
  return time.status === 'dries' ? days(time.days) : `more than ${time.overDays} days`;
}

function routineText(routine: Routine, gapDays: number | null): string {
  switch (routine.kind) {
    case 'when dry':
      return 'you water when it asks';
    case 'rain':
      return 'rain alone waters it';
    case 'misting':
      return `you mist it ${routine.timesADay === 1 ? 'once' : `${routine.timesADay} times`} a day`;
    case 'every':
    case 'weekdays':
      return `you leave it up to ${days(gapDays ?? 1)}`;
  }
}

function drying(f: FactOf<'drying'>): Sentences {
  const { fastest, slowest, gapDays } = f;
  const { temperatureC, relativeHumidityPct } = fastest.air;
  return {
    sentence: `It ${f.isRefilled ? 'wants a refill' : 'asks for water'} after ${timeText(fastest.time)} in ${monthNames[fastest.monthIndex]} (${number(temperatureC, 0)} °C, ${number(relativeHumidityPct, 0)} % humidity) and after ${timeText(slowest.time)} in ${monthNames[slowest.monthIndex]}; ${routineText(f.routine, gapDays)}.`,
    wouldChange:
      fastest.time.status === 'dries' && gapDays !== null && fastest.time.days < gapDays
        ? `Watering every ${days(Math.max(0.5, fastest.time.days))} would meet every month; so would more moss, a finer grade or a larger pot.`
        : 'A draught, a fan or drier air brings the day forward; a cooler, damper place puts it off.',
  };
}

function year(f: FactOf<'year'>): Sentences {
  const count = (daysCount: number) => number(daysCount, 0);
  const isMany = stressNames[f.worst].endsWith('s');
  const weighs = `${stressNames[f.worst]} ${isMany ? 'weigh' : 'weighs'} most, in ${monthNames[f.worstMonthIndex]}`;
  const kinds = [
    [f.fineDays, 'fine'],
    [f.watchDays, 'to watch'],
    [f.harmDays, 'of harm'],
  ] as const;
  // What there is none of is not counted; the first says what is counted.
  const told = kinds
    .filter(([daysCount]) => Math.round(daysCount) > 0)
    .map(([daysCount, kind], i) => {
      if (i > 0) return `${count(daysCount)} ${kind}`;
      const day = Math.round(daysCount) === 1 ? 'day' : 'days';
      return kind === 'fine' ? `${count(daysCount)} fine ${day}` : `${count(daysCount)} ${day} ${kind}`;
    });
  if (f.watchDays + f.harmDays < WORTH_A_WORD_DAYS) {
    return {
      sentence: `Over the year its roots have ${count(f.fineDays)} fine days: nothing weighs enough to be named.`,
      wouldChange: 'Only a much longer gap, much drier air or much more heat would change that.',
    };
  }
  return {
    sentence: `Over the year its roots have ${joinAnd(told)}; ${weighs}.`,
    wouldChange: stressRemedies[f.worst],
  };
}

function salt(f: FactOf<'salt'>): Sentences {
  const crust = `Salts crust at the surface (about ${number(f.crustGM2, 0)} g/m² in a year): scrape it off and top it up.`;
  if (f.flushesPerYear === 0) {
    return { sentence: crust, wouldChange: 'Water from above now and then washes it down.' };
  }
  const weeks = WEEKS_PER_YEAR / f.flushesPerYear;
  const every = f.flushesPerYear === 1 ? 'once a year' : `about every ${number(weeks, 0)} weeks`;
  return {
    sentence: `Salts gather about its roots, which bear about ${number(f.toleranceDsM, 1)} mS/cm: flush it ${every} with ${litres(f.flushL)} of water low in minerals, run through.`,
    wouldChange: `Purer water than your ${number(f.waterDsM, 2)} mS/cm, weaker feed, or more running through each time.`,
  };
}

function air(f: FactOf<'air'>): Sentences {
  return {
    sentence: `Right after watering ${percent(f.airShare)} of the root zone is air; ${kin(f.genusName)} wants about ${percent(f.airNeedShare)}.`,
    wouldChange:
      f.airShare >= f.airNeedShare
        ? `Only a medium with less than ${percent(f.airNeedShare)} air would turn this against it.`
        : 'A coarser grade, less moss or a deeper pot would give more.',
  };
}

function pad(f: FactOf<'pad'>, units: WordUnits): Sentences {
  const mount = `a ${cm(f.widthCm, units)} mount`;
  return f.padThicknessCm > 0
    ? {
        sentence: `A ${cm(f.padThicknessCm, units)} pad on ${mount} holds ${number(f.holdsG, 0)} g of water.`,
        wouldChange: `Half the pad holds about ${number(f.holdsG / 2, 0)} g; a second centimetre would keep the roots wetter for longer.`,
      }
    : {
        sentence: `Bare, the roots themselves hold about ${number(f.holdsG, 0)} g of water on ${mount}.`,
        wouldChange: `A moss pad would hold several times that, if ${kin(f.genusName)} bears the cover.`,
      };
}

function reservoir(f: FactOf<'reservoir'>): Sentences {
  const lasts = f.lastsDays === null ? `longer than ${HORIZON_DAYS} days` : days(f.lastsDays);
  const sooner =
    f.asksSoonerDays === null ? '' : `, but what stands above it asks for water after ${days(f.asksSoonerDays)}`;
  return {
    sentence: `A full reservoir of ${litres(f.volumeL)} lasts ${lasts} in the month that empties it fastest${sooner}.`,
    wouldChange: 'A larger plant, drier air or more light empties it sooner.',
  };
}

/** What counts as a change worth telling. */
const TOLD_WATER_G = 5;
const TOLD_AIR = 0.005;
const TOLD_WEIGHT_G = 20;
const TOLD_DAYS = 0.1;

/** To a tenth: a layer may change less than a day. */
function daysExactly(value: number): string {
  const told = number(value, 1);
  return `${told} ${told === '1' ? 'day' : 'days'}`;
}

function layerChanges(layer: LayerWork): readonly string[] {
  const { waterG, weightG, airShare, airWithoutShare, days: asks, daysWithout } = layer;
  const said: string[] = [];
  if (Math.abs(waterG) >= TOLD_WATER_G)
    said.push(`${number(Math.abs(waterG), 0)} g ${waterG < 0 ? 'less' : 'more'} water held`);
  if (Math.abs(airShare - airWithoutShare) >= TOLD_AIR)
    said.push(`air about the roots ${percent(airShare)} instead of ${percent(airWithoutShare)}`);
  if (Math.abs(asks - daysWithout) >= TOLD_DAYS)
    said.push(`water after ${daysExactly(asks)} instead of ${number(daysWithout, 1)} at the fastest`);
  if (Math.abs(weightG) >= TOLD_WEIGHT_G)
    said.push(`${number(Math.abs(weightG), 0)} g ${weightG < 0 ? 'lighter' : 'heavier'}`);
  if (layer.stopsLight) said.push('no light on the mix, so no algae');
  return said;
}

function layerSentence(layer: LayerWork, units: WordUnits): string {
  const where = layer.role === 'crocking' ? 'at the bottom' : 'on top';
  const said = layerChanges(layer);
  const what = said.length > 0 ? joinAnd(said) : 'next to nothing changed';
  return `${cm(layer.heightCm, units)} of ${kindName(layer.mediumName).toLowerCase()} ${where} instead of mix: ${what}.`;
}

function layers(f: FactOf<'layers'>, units: WordUnits): Sentences {
  const hasCrocking = f.layers.some(({ role }) => role === 'crocking');
  const foot = hasCrocking ? ' The wet foot of the layer above stays as high as over any base.' : '';
  return {
    sentence: `${f.layers.map((layer) => layerSentence(layer, units)).join(' ')}${foot}`,
    wouldChange: hasCrocking
      ? 'A pot with an air cone or a shallower pot needs less of it.'
      : 'A bare top shows when the mix is dry, and dries sooner.',
  };
}

function life(f: FactOf<'life'>): Sentences {
  return f.isOrganic
    ? {
        sentence: `The medium is spent after about ${years(f.lifeYears)}; that sets the date of the next repot.`,
        wouldChange: 'Warmer and always wet shortens it.',
      }
    : {
        sentence: `The medium lasts about ${years(Math.round(f.lifeYears))}; the plant's size, not rot, sets the next repot.`,
        wouldChange: 'Old roots left in it would sour it sooner.',
      };
}

const wording: { readonly [Code in ReasonCode]: (fact: FactOf<Code>, units: WordUnits) => Sentences } = {
  drying,
  year,
  pieces,
  air,
  size,
  pad,
  reservoir,
  salt,
  position,
  depth,
  layers,
  life,
  stability,
};

/** A reason with its figures and its sentences. */
export function wordReason(fact: ReasonFact, units: WordUnits): Reason & { readonly figures: ReasonFact } {
  const word = wording[fact.code] as (of: ReasonFact, units: WordUnits) => Sentences;
  return { code: fact.code, ...word(fact, units), figures: fact };
}
