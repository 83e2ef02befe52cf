/**
 * What is looked at when a plant is unpotted, in the order in which it comes into the hand (common practice, no source).
 * Whatever is left out was not looked at, and stays unknown.
 */
import * as z from 'zod';
import { faultCode, type Versions } from '../base';
import {
  pseudobulbStates,
  growthMapSchema,
  mediumConditions,
  oneOf,
  quantity,
  shootStates,
  textOf,
  tipStates,
  upTo,
  wholeQuantity,
  yesOrNo,
} from '../case';

export const reasonsToInspect = [
  'routine',
  'shoot at the rim',
  'old medium',
  'bad smell',
  'salt crust',
  'murky run-off',
  'pot broken',
  'wobbles',
  'shrivelled',
  'newly arrived',
  'outgrown',
] as const;
export type ReasonToInspect = (typeof reasonsToInspect)[number];

/** The pot between two hands. */
export const squeezes = ['hard as a rock', 'gives a little', 'flexes'] as const;
export type Squeeze = (typeof squeezes)[number];

export const smells = ['fresh', 'mouldy', 'sour or rotten'] as const;
export type Smell = (typeof smells)[number];

export const pestKinds = [
  'scale',
  'mealybug',
  'mites',
  'thrips or aphids',
  'snails or slugs',
  'something else',
] as const;
export type PestKind = (typeof pestKinds)[number];

/** What the plant is busy with, as far as it shows. */
export const seasonsSeen = ['growing', 'in bud or bloom', 'at rest', 'leaves shed'] as const;
export type SeasonSeen = (typeof seasonsSeen)[number];

export const sheathStates = ['none', 'dry ones', 'taken off'] as const;
export type SheathState = (typeof sheathStates)[number];

const MOST_PHOTOS = 12;
const MOST_NOTE = 2000;

export const inspectionSchema = z.strictObject({
  reasons: upTo('reasons', oneOf('reasons', reasonsToInspect), reasonsToInspect.length, 'reasons').optional(),
  squeeze: oneOf('squeeze', squeezes).optional(),
  smell: oneOf('smell', smells).optional(),
  condition: oneOf('condition', mediumConditions).optional(),
  /** Firm ones, by feel. */
  liveRootsPct: quantity('liveRootsPct').optional(),
  rootDiameterMm: quantity('rootDiameterMm').optional(),
  tips: oneOf('tips', tipStates).optional(),
  shoot: oneOf('shoot', shootStates).optional(),
  shootCount: wholeQuantity('shootCount').optional(),
  bulbs: oneOf('bulbs', pseudobulbStates).optional(),
  season: oneOf('season', seasonsSeen).optional(),
  /** On stem, leaf or bulb. */
  rot: yesOrNo('rot').optional(),
  /** None in the list: looked for, and none seen. */
  pests: upTo('pests', oneOf('pests', pestKinds), pestKinds.length, 'kinds').optional(),
  plantCount: wholeQuantity('plantCount').optional(),
  sheaths: oneOf('sheaths', sheathStates).optional(),
  growthMap: growthMapSchema.optional(),
  photoIds: upTo(
    'photoIds',
    z.uuid({ error: faultCode({ code: 'id', field: 'photoIds', of: 'a photograph' }) }),
    MOST_PHOTOS,
    'photographs',
  ).optional(),
  note: textOf('note', 0, MOST_NOTE).optional(),
});
export type Inspection = z.infer<typeof inspectionSchema>;

/** Each change of the shape adds its upgrade here. */
export const inspectionVersions: Versions = { newest: 1, upgrades: {} };
