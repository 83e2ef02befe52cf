/**
 * One or several changes tried on a setup and its case: another place, another routine, another
 * grade. The setup and the case go in, the changed ones come out; nothing is judged here.
 */
import { round1 } from '../base';
import {
  type Approach,
  type LayerSpec,
  type MixPartSpec,
  type PlanCase,
  potOf,
  type PotSpec,
  type SetupSpec,
} from '../case';
import { mediumById } from '../catalogue/media';
import { BARE_FILM_CM, fillPot, topDressings } from '../decide/setups';
import type { Routine } from '../physics/drydown';
import type { Place } from '../physics/places';
import { isOpenWork } from '../physics/pots';
import { k } from './constants';

export const tops = ['bare', 'pebbles', 'lava', 'moss', 'coarse'] as const;
export type Top = (typeof tops)[number];

export interface WhatIf {
  readonly place?: string | Place;
  readonly routine?: Routine;
  readonly heatWave?: PlanCase['heatWave'];
  readonly holiday?: PlanCase['holiday'];
  /** Height of the main layer, cm. */
  readonly mainHeightCm?: number;
  /** Height of the crocking, cm; 0 takes it out. The main layer gives or takes the room. */
  readonly crockingHeightCm?: number;
  /** Another grade or medium as the base of the mix. */
  readonly baseMediumId?: string;
  /** Share of chopped moss in the mix, 0..0.8. */
  readonly mossShare?: number;
  /** Another kind of pot: its wall, its shape. */
  readonly potKindId?: string;
  readonly rimDiameterCm?: number;
  readonly wickCount?: number;
  readonly padThicknessCm?: number;
  readonly top?: Top;
  /** Age of the medium, months. */
  readonly monthsOld?: number;
}

export interface Changed {
  readonly planCase: PlanCase;
  readonly spec: SetupSpec;
}

const CHOPPED_MOSS = 'sphagnum-chopped';

function isMoss(part: MixPartSpec): boolean {
  const { family } = mediumById(part.mediumId);
  return family === 'sphagnum' || family === 'live moss';
}

/** Share of moss in a mix, by bag volume, 0..1. */
export function mossShareOf(mix: readonly MixPartSpec[]): number {
  const all = mix.reduce((sum, part) => sum + part.parts, 0);
  return mix.reduce((sum, part) => sum + (isMoss(part) ? part.parts : 0), 0) / all;
}

/** The part of a mix that is not moss and makes up most of it; the moss itself where there is nothing else. */
export function baseOf(mix: readonly MixPartSpec[]): MixPartSpec {
  const ordered = [...mix].sort((a, b) => b.parts - a.parts);
  return ordered.find((part) => !isMoss(part)) ?? ordered[0]!;
}

/** The mix with a wanted share of chopped moss; the rest keeps its proportions. */
export function withMossShare(mix: readonly MixPartSpec[], share: number): readonly MixPartSpec[] {
  const rest = mix.filter((part) => !isMoss(part));
  if (rest.length === 0) return mix;
  if (share <= 0) return rest.length === 1 ? [{ ...rest[0]!, parts: 1 }] : rest;
  const restParts = rest.reduce((sum, part) => sum + part.parts, 0);
  const kind = mix.find(isMoss)?.mediumId ?? CHOPPED_MOSS;
  const parts = Math.round(((restParts * share) / (1 - share)) * 100) / 100;
  return [...rest, { mediumId: kind, parts }];
}

function withBase(mix: readonly MixPartSpec[], mediumId: string): readonly MixPartSpec[] {
  const base = baseOf(mix);
  return mix.map((part) => (part === base ? { mediumId, parts: part.parts } : part));
}

function mapMain(layers: readonly LayerSpec[], change: (layer: LayerSpec) => LayerSpec): readonly LayerSpec[] {
  return layers.map((layer) => (layer.role === 'main' ? change(layer) : layer));
}

function topOf(layers: readonly LayerSpec[]): LayerSpec | null {
  return layers.find((layer) => layer.role === 'top dressing') ?? null;
}

/** The layers refilled for another pot or top: crocking keeps its share of the depth, the main layer its mix. */
function refilled(spec: SetupSpec, vessel: PotSpec, top: Top | undefined): readonly LayerSpec[] {
  const filledCm = spec.layers.reduce((sum, layer) => sum + layer.heightCm, 0);
  const crocking = spec.layers.find((layer) => layer.role === 'crocking') ?? null;
  const main = spec.layers.find((layer) => layer.role === 'main')!;
  const oldTop = topOf(spec.layers);
  const dressing =
    top === undefined
      ? oldTop && { mediumId: oldTop.mix[0]!.mediumId, heightCm: oldTop.heightCm }
      : (topDressings.find((entry) => entry.side === top) ?? null);
  const layers = fillPot(vessel, main.mix, crocking ? crocking.heightCm / filledCm : 0, dressing);
  return main.isSideBySide ? mapMain(layers, (layer) => ({ ...layer, isSideBySide: true })) : layers;
}

function withHeights(layers: readonly LayerSpec[], change: WhatIf, potHeightCm: number): readonly LayerSpec[] {
  let next = layers;
  if (change.crockingHeightCm !== undefined) {
    const old = next.find((layer) => layer.role === 'crocking')?.heightCm ?? 0;
    const wanted = round1(Math.max(0, change.crockingHeightCm));
    const main = next.find((layer) => layer.role === 'main')!;
    const mainCm = round1(Math.max(k.LEAST_LAYER_CM, main.heightCm + old - wanted));
    const others = next.filter((layer) => layer.role !== 'crocking');
    const resized = mapMain(others, (layer) => ({ ...layer, heightCm: mainCm }));
    next =
      wanted < k.LEAST_LAYER_CM
        ? resized
        : [{ role: 'crocking', mix: [{ mediumId: 'pebbles-16-32', parts: 1 }], heightCm: wanted }, ...resized];
  }
  if (change.mainHeightCm !== undefined) {
    const othersCm = next.reduce((sum, layer) => sum + (layer.role === 'main' ? 0 : layer.heightCm), 0);
    const most = potHeightCm - k.RIM_FREE_CM - othersCm;
    const heightCm = round1(Math.min(most, Math.max(k.LEAST_LAYER_CM, change.mainHeightCm)));
    next = mapMain(next, (layer) => ({ ...layer, heightCm }));
  }
  return next;
}

/** The setup with the changes made; what does not apply to its vessel is left alone. */
export function changedSpec(spec: SetupSpec, change: WhatIf): SetupSpec {
  const aged = change.monthsOld === undefined ? spec : { ...spec, monthsOld: change.monthsOld || undefined };
  if (aged.vessel.kind === 'mount') {
    if (change.padThicknessCm === undefined) return aged;
    const vessel = { ...aged.vessel, padThicknessCm: change.padThicknessCm };
    return {
      ...aged,
      vessel,
      layers: aged.layers.map((layer) => ({ ...layer, heightCm: Math.max(BARE_FILM_CM, change.padThicknessCm!) })),
    };
  }
  const { vessel } = aged;
  const isOtherPot = change.potKindId !== undefined || change.rimDiameterCm !== undefined;
  const nextVessel: PotSpec = isOtherPot
    ? {
        kind: 'pot',
        potKindId: change.potKindId ?? vessel.potKindId,
        rimDiameterCm: change.rimDiameterCm ?? vessel.rimDiameterCm,
        ...(vessel.wickCount === undefined ? {} : { wickCount: vessel.wickCount }),
      }
    : vessel;
  const wicked = change.wickCount === undefined ? nextVessel : { ...nextVessel, wickCount: change.wickCount };
  const filled = isOtherPot || change.top !== undefined ? refilled(aged, wicked, change.top) : aged.layers;
  const mixed = mapMain(filled, (layer) => {
    const based = change.baseMediumId === undefined ? layer.mix : withBase(layer.mix, change.baseMediumId);
    return { ...layer, mix: change.mossShare === undefined ? based : withMossShare(based, change.mossShare) };
  });
  const layers = withHeights(mixed, change, potOf(wicked).heightCm);
  const isOtherWay = isOtherPot || change.baseMediumId !== undefined;
  return {
    ...aged,
    approach: isOtherWay ? approachOf(aged.approach, wicked, layers) : aged.approach,
    vessel: wicked,
    layers,
  };
}

/** Another pot or another base may be another way of potting. */
function approachOf(now: Approach, vessel: PotSpec, layers: readonly LayerSpec[]): Approach {
  const pot = potOf(vessel);
  if (pot.reservoir.kind === 'side holes') return 'side-hole reservoir';
  if (pot.reservoir.kind === 'wicks') return 'wick reservoir';
  if (isOpenWork(pot)) return 'basket';
  const { family, organic } = mediumById(baseOf(layers.find((layer) => layer.role === 'main')!.mix).mediumId);
  if (family === 'soil-like mix') return 'soil-like mix';
  if (family === 'sphagnum') return now === 'recovery in moss' ? now : 'moss pot';
  return organic ? 'organic pot' : 'moist inorganic';
}

/** Case and setup with the changes made. */
export function applyWhatIf(planCase: PlanCase, spec: SetupSpec, change: WhatIf): Changed {
  const patched: PlanCase = {
    ...planCase,
    ...(change.place === undefined ? {} : { place: change.place as PlanCase['place'] }),
    ...(change.routine === undefined ? {} : { routine: change.routine as PlanCase['routine'] }),
    ...(change.heatWave === undefined ? {} : { heatWave: change.heatWave }),
    ...(change.holiday === undefined ? {} : { holiday: change.holiday }),
  };
  return { planCase: patched, spec: changedSpec(spec, change) };
}
