/**
 * Why a setup stands where it stands: each reason is a sentence with its own numbers, and what
 * would change it. The facts come from the assessment; this file only words them.
 */
import { mediaCatalogue, mediumById } from '../catalogue/media';
import { type CandidateFacts, type CaseContext, type Judgement, layerVolumesL, meanPieceMm, neededWidthCm, pieceBandMm, spreadCm, switchRootMm, yearsOfRoom } from '../decide/setups';
import { daysOf, longestGapDays } from '../physics/drydown';
import { meanAir } from '../physics/places';
import { cm, days, litres, mm, mmRange, monthNames, number, percent, type WordUnits } from './format';
import { Kin, kin } from './kin';

export interface Reason {
  readonly code:
    | 'pieces'
    | 'drying'
    | 'comfort'
    | 'air'
    | 'size'
    | 'position'
    | 'depth'
    | 'layers'
    | 'life'
    | 'stability'
    | 'reservoir'
    | 'pad';
  readonly sentence: string;
  readonly wouldChange: string;
}

function extremeMonths(judgement: Judgement): { fastest: number; slowest: number } {
  const all = judgement.byMonth.map(daysOf);
  return { fastest: all.indexOf(Math.min(...all)), slowest: all.indexOf(Math.max(...all)) };
}

function piecesReason(context: CaseContext, facts: CandidateFacts, units: WordUnits): Reason | null {
  if (facts.setup.kind === 'mount') return null;
  const root = context.plant.rootDiameterMm;
  const band = pieceBandMm(root);
  const heaviest = [...facts.mainMix].sort((a, b) => b.parts - a.parts)[0]!.medium;
  if (heaviest.pieceShape === 'strand' || heaviest.pieceShape === 'crumb') {
    return {
      code: 'pieces',
      sentence: `${heaviest.name.replace(/ \d.*mm$/, '')} gives way to roots of any thickness, so yours of ${mm(root, units)} set no grade here.`,
      wouldChange: 'How firmly it is pressed matters more: firm is wetter and holds less air.',
    };
  }
  const where = facts.misfit === 1 ? 'inside' : facts.pieceMm < band.fromMm ? 'finer than' : 'coarser than';
  const grades = mediaCatalogue
    .map((entry) => mediumById(entry.id))
    .filter((medium) => medium.family === heaviest.family && medium.pieceShape === heaviest.pieceShape)
    .sort((a, b) => meanPieceMm(a) - meanPieceMm(b));
  const own = grades.findIndex((grade) => grade.id === heaviest.id);
  const finer = grades[own - 1];
  const coarser = grades[own + 1];
  const turns = [
    finer &&
      `under ${mm(switchRootMm(meanPieceMm(finer), facts.pieceMm), units)} the ${mmRange(finer.smallMm, finer.largeMm, units)} grade fits better`,
    coarser &&
      `over ${mm(switchRootMm(meanPieceMm(coarser), facts.pieceMm), units)} the ${mmRange(coarser.smallMm, coarser.largeMm, units)} grade`,
  ].filter(Boolean);
  return {
    code: 'pieces',
    sentence: `Pieces of about ${mm(facts.pieceMm, units)} are ${where} the ${mmRange(band.fromMm, band.toMm, units)} that roots of ${mm(root, units)} live in.`,
    wouldChange: turns.length > 0 ? `With roots ${turns.join(', ')}.` : 'There is no other grade of it.',
  };
}

function dryingReason(context: CaseContext, judgement: Judgement): Reason {
  const { fastest, slowest } = extremeMonths(judgement);
  const fast = judgement.byMonth[fastest]!;
  const slow = judgement.byMonth[slowest]!;
  const air = meanAir(context.place.months[fastest]!);
  const slowText = slow.status === 'dries' ? days(slow.days) : `more than ${slow.overDays} days`;
  const gap = longestGapDays(context.routine);
  const routine =
    context.routine.kind === 'when dry'
      ? 'you water when it asks'
      : context.routine.kind === 'misting'
        ? `you mist it ${context.routine.timesADay === 1 ? 'once' : `${context.routine.timesADay} times`} a day`
        : `you leave it up to ${days(gap ?? 1)}`;
  const fastText = fast.status === 'dries' ? days(fast.days) : `more than ${fast.overDays} days`;
  return {
    code: 'drying',
    sentence: `It asks for water after ${fastText} in ${monthNames[fastest]} (${number(air.temperatureC, 0)} °C, ${number(air.relativeHumidityPct, 0)} % humidity) and after ${slowText} in ${monthNames[slowest]}; ${routine}.`,
    wouldChange:
      fast.status === 'dries' && gap !== null && fast.days < gap
        ? `Watering every ${days(Math.max(0.5, fast.days))} would meet every month; so would more moss, a finer grade or a larger pot.`
        : 'A draught, a fan or drier air brings the day forward; a cooler, damper place puts it off.',
  };
}

function comfortReason(judgement: Judgement): Reason {
  const { comfortable, tooDry, tooWet, longestDrySpellDays, longestWetSpellDays } = judgement.year;
  const turn =
    tooDry > tooWet
      ? 'Watering more often, or a setup that holds more, would raise it.'
      : tooWet > 0.02
        ? 'Watering less often, or more air in the medium, would raise it.'
        : 'Only a much longer gap or much drier air would lower it.';
  return {
    code: 'comfort',
    sentence: `Over the year the roots are comfortable ${percent(comfortable)} of the time, too dry ${percent(tooDry)}, too wet ${percent(tooWet)}; the longest spells below the watering line and above the dried-off line are ${days(longestDrySpellDays)} and ${days(longestWetSpellDays)}.`,
    wouldChange: turn,
  };
}

function airReason(context: CaseContext, facts: CandidateFacts): Reason {
  const need = context.plant.genus.airNeed;
  const enough = facts.airAfterWatering >= need;
  return {
    code: 'air',
    sentence: `Right after watering ${percent(facts.airAfterWatering)} of the root zone is air; ${kin(context.plant.genus)} wants about ${percent(need)}.`,
    wouldChange: enough
      ? `Only a medium with less than ${percent(need)} air would turn this against it.`
      : 'A coarser grade, less moss or a deeper pot would give more.',
  };
}

function mountReason(context: CaseContext, facts: CandidateFacts, units: WordUnits): Reason | null {
  const { setup } = facts;
  if (setup.kind !== 'mount') return null;
  const holdsG = facts.column.capacityG.reduce((sum, grams) => sum + grams, 0);
  const { padThicknessCm, widthCm } = setup.mount;
  return {
    code: 'pad',
    sentence:
      padThicknessCm > 0
        ? `A ${cm(padThicknessCm, units)} pad on a ${cm(widthCm, units)} mount holds ${number(holdsG, 0)} g of water.`
        : `Bare, the roots themselves hold about ${number(holdsG, 0)} g of water on a ${cm(widthCm, units)} mount.`,
    wouldChange:
      padThicknessCm > 0
        ? `Half the pad holds about ${number(holdsG / 2, 0)} g; a second centimetre would keep the roots wetter for longer.`
        : `A moss pad would hold several times that, if ${kin(context.plant.genus)} bears the cover.`,
  };
}

function reservoirReason(facts: CandidateFacts, judgement: Judgement): Reason | null {
  if (!facts.hasReservoir) return null;
  const litresFull = litres(facts.column.reservoirCapacityG / 1000);
  const lasts = judgement.reservoirDays;
  return {
    code: 'reservoir',
    sentence:
      lasts === null
        ? `A full reservoir of ${litresFull} lasts longer than 60 days.`
        : `A full reservoir of ${litresFull} lasts ${days(lasts)} in the month that empties it fastest.`,
    wouldChange: 'A larger plant, drier air or more light empties it sooner.',
  };
}

function sizeReason(context: CaseContext, facts: CandidateFacts, units: WordUnits): Reason | null {
  const { setup } = facts;
  if (setup.kind !== 'pot') return null;
  const { plant } = context;
  const years = yearsOfRoom(facts.mainMix, context.resolved.yearsWanted);
  const spread = spreadCm(plant, years);
  return {
    code: 'size',
    sentence: `${cm(plant.rootBallDiameterCm, units)} of root ball and ${cm(spread, units)} of growth in ${number(years, 1)} years make ${cm(plant.rootBallDiameterCm + spread, units)}: the ${cm(setup.pot.rimDiameterCm, units)} size.`,
    wouldChange: `For ${number(years + 1, 1)} years it would need ${cm(neededWidthCm(plant, years + 1), units)}.`,
  };
}

function positionReason(context: CaseContext, facts: CandidateFacts, units: WordUnits): Reason | null {
  const { position, offsetCm } = facts.placement;
  switch (position) {
    case 'on the mount':
      return null;
    case 'centre':
      return {
        code: 'position',
        sentence: `In the middle: its habit (${context.plant.habit}) fills the pot from there.`,
        wouldChange: 'Growth that runs one way would put its back to the wall.',
      };
    case 'back to the wall':
    case 'on the diagonal':
      return {
        code: 'position',
        sentence: `Oldest growth ${position === 'on the diagonal' ? 'into a corner' : 'against the wall'}, ${cm(offsetCm, units)} from the middle, so that ${cm(context.plant.genus.rhizomeStepCm, units)} steps have the whole pot before them.`,
        wouldChange: 'Fronts running several ways would put it in the middle.',
      };
  }
}

function depthReason(context: CaseContext, facts: CandidateFacts, units: WordUnits): Reason | null {
  if (facts.setup.kind !== 'pot') return null;
  const { depth, deeperForDryAirCm, baseAboveSurfaceCm } = facts.placement;
  const where =
    baseAboveSurfaceCm >= 0
      ? `${cm(baseAboveSurfaceCm, units)} above the surface`
      : `${cm(-baseAboveSurfaceCm, units)} under the surface`;
  const dryAir =
    deeperForDryAirCm > 0
      ? ` (${cm(deeperForDryAirCm, units)} of it because your air averages ${number(context.climate.meanHumidityPct, 0)} % humidity)`
      : '';
  return {
    code: 'depth',
    sentence: `${Kin(context.plant.genus)}: ${depth}. The base of the growth sits ${where}${dryAir}.`,
    wouldChange:
      deeperForDryAirCm > 0
        ? 'In air above 45 % it would sit shallower.'
        : 'Never bury a bulb or a soft new shoot in something wet.',
  };
}

function layersReason(facts: CandidateFacts, units: WordUnits): Reason | null {
  const { setup } = facts;
  if (setup.kind !== 'pot' || setup.layers[0]?.role !== 'crocking') return null;
  const volumes = layerVolumesL(setup);
  return {
    code: 'layers',
    sentence: `${cm(setup.layers[0].heightCm, units)} of crocking takes the place of ${litres(volumes[0] ?? 0)} of mix that would stay wettest. It does not lower the wet foot of the layer above; that stays as high as over any base.`,
    wouldChange: 'A pot with an air cone or a shallower pot needs less of it.',
  };
}

function lifeReason(facts: CandidateFacts): Reason {
  return {
    code: 'life',
    sentence: facts.isOrganic
      ? `The medium is spent after about ${number(facts.lifeYears, 1)} years; that sets the date of the next repot.`
      : `The medium lasts about ${number(facts.lifeYears, 0)} years; the plant's size, not rot, sets the next repot.`,
    wouldChange: facts.isOrganic ? 'Warmer and always wet shortens it.' : 'Old roots left in it would sour it sooner.',
  };
}

function stabilityReason(judgement: Judgement): Reason | null {
  if (!judgement.stability) return null;
  const { weightG, tippingAngleDeg } = judgement.stability;
  return {
    code: 'stability',
    sentence: `Half dry and with the plant it weighs ${number(weightG / 1000, 1)} kg and tips at ${number(tippingAngleDeg, 0)}°.`,
    wouldChange: 'Stones at the bottom, a heavier pot or a stake make it steadier.',
  };
}

/** All reasons of a setup, the weightiest first. */
export function reasonsFor(
  context: CaseContext,
  facts: CandidateFacts,
  judgement: Judgement,
  units: WordUnits,
): readonly Reason[] {
  const reasons = [
    dryingReason(context, judgement),
    comfortReason(judgement),
    piecesReason(context, facts, units),
    airReason(context, facts),
    sizeReason(context, facts, units),
    mountReason(context, facts, units),
    reservoirReason(facts, judgement),
    positionReason(context, facts, units),
    depthReason(context, facts, units),
    layersReason(facts, units),
    lifeReason(facts),
    stabilityReason(judgement),
  ];
  return reasons.filter((reason): reason is Reason => reason !== null);
}
