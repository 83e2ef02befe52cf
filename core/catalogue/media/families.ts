/** Properties that all grades of a family share. Life and reuse are the trade's; the rest is from memory. */
import { memory, practice } from '../../base';
import type { MediumEntry, PhTendency, PriceClass, ReuseRule } from '../../physics/media';

type Shared = Omit<
  MediumEntry,
  | 'id'
  | 'name'
  | 'd10Mm'
  | 'd90Mm'
  | 'airAt10cm'
  | 'capacityAt10cm'
  | 'interPorosity'
  | 'dryDensityGL'
  | 'wickingHeightCm'
  | 'note'
>;

export const bark: Shared = {
  family: 'conifer bark',
  organic: true,
  pieceShape: 'chip',
  poreSizeIndex: memory(2),
  unavailableShare: memory(0.2),
  firstYearWettability: practice(0.65),
  lifeYears: practice(3),
  warmthFactorPer10C: memory(2),
  wetnessFactor: memory(2),
  saltHolding: memory(0.4),
  rootGrip: practice(0.5),
  dust: memory(0.3),
  reuse: practice<ReuseRule>('never'),
  phTendency: memory<PhTendency>('slightly acid'),
  priceClass: memory<PriceClass>(2),
};

export const sphagnum: Shared = {
  family: 'sphagnum',
  organic: true,
  pieceShape: 'strand',
  poreSizeIndex: memory(0.9),
  unavailableShare: memory(0.08),
  firstYearWettability: memory(0.95),
  lifeYears: practice(1.5),
  warmthFactorPer10C: memory(2.2),
  wetnessFactor: memory(2),
  saltHolding: memory(0.7),
  rootGrip: practice(0.2),
  dust: practice(0.4),
  reuse: practice<ReuseRule>('never'),
  phTendency: memory<PhTendency>('acid'),
  priceClass: memory<PriceClass>(4),
};

export const liveMoss: Shared = {
  ...sphagnum,
  family: 'live moss',
  lifeYears: practice(2),
  dust: memory(0),
  priceClass: memory<PriceClass>(3),
};

export const coconut: Shared = {
  family: 'coconut',
  organic: true,
  pieceShape: 'block',
  poreSizeIndex: memory(1.5),
  unavailableShare: memory(0.12),
  firstYearWettability: memory(0.9),
  lifeYears: practice(1.5),
  warmthFactorPer10C: memory(2.2),
  wetnessFactor: memory(2.2),
  saltHolding: memory(0.8),
  rootGrip: memory(0.5),
  dust: memory(0.2),
  reuse: practice<ReuseRule>('never'),
  phTendency: memory<PhTendency>('slightly acid'),
  priceClass: memory<PriceClass>(2),
};

export const fernAndCork: Shared = {
  family: 'tree fern and cork',
  organic: true,
  pieceShape: 'strand',
  poreSizeIndex: memory(1.6),
  unavailableShare: memory(0.15),
  firstYearWettability: memory(0.8),
  lifeYears: practice(5),
  warmthFactorPer10C: memory(1.6),
  wetnessFactor: memory(1.5),
  saltHolding: memory(0.3),
  rootGrip: memory(0.6),
  dust: memory(0.2),
  reuse: practice<ReuseRule>('never'),
  phTendency: memory<PhTendency>('slightly acid'),
  priceClass: memory<PriceClass>(4),
};

export const soil: Shared = {
  family: 'soil-like mix',
  organic: true,
  pieceShape: 'crumb',
  poreSizeIndex: memory(0.5),
  unavailableShare: memory(0.25),
  firstYearWettability: memory(0.85),
  lifeYears: practice(2),
  warmthFactorPer10C: memory(1.8),
  wetnessFactor: memory(1.6),
  saltHolding: memory(0.7),
  rootGrip: memory(0.2),
  dust: memory(0.5),
  reuse: practice<ReuseRule>('never'),
  phTendency: memory<PhTendency>('acid'),
  priceClass: memory<PriceClass>(1),
};

export const charcoal: Shared = {
  family: 'charcoal',
  organic: false,
  pieceShape: 'block',
  poreSizeIndex: memory(2.2),
  unavailableShare: memory(0.3),
  firstYearWettability: practice(0.6),
  lifeYears: practice(6),
  warmthFactorPer10C: memory(1),
  wetnessFactor: memory(1),
  saltHolding: memory(0.6),
  rootGrip: memory(0.6),
  dust: memory(0.8),
  reuse: memory<ReuseRule>('same plant, rinsed'),
  phTendency: memory<PhTendency>('slightly alkaline'),
  priceClass: memory<PriceClass>(3),
};

/** Mineral media last; "20 years" stands for the trade's "indefinite". */
const mineral = {
  organic: false,
  lifeYears: practice(20),
  warmthFactorPer10C: memory(1),
  wetnessFactor: memory(1),
  reuse: practice<ReuseRule>('same plant rinsed, others after boiling or baking'),
  phTendency: memory<PhTendency>('neutral'),
} as const;

export const expandedClay: Shared = {
  ...mineral,
  family: 'expanded clay',
  pieceShape: 'round',
  poreSizeIndex: memory(2),
  unavailableShare: memory(0.1),
  firstYearWettability: memory(0.85),
  saltHolding: memory(0.5),
  rootGrip: practice(0.1),
  dust: practice(0.6),
  priceClass: memory<PriceClass>(2),
};

export const firedClay: Shared = {
  ...mineral,
  family: 'fired clay',
  pieceShape: 'granule',
  poreSizeIndex: memory(1.6),
  unavailableShare: memory(0.15),
  firstYearWettability: memory(0.95),
  saltHolding: memory(0.5),
  rootGrip: memory(0.3),
  dust: memory(0.6),
  priceClass: memory<PriceClass>(3),
};

export const pumice: Shared = {
  ...mineral,
  family: 'pumice',
  pieceShape: 'pitted',
  poreSizeIndex: memory(2),
  unavailableShare: memory(0.2),
  firstYearWettability: memory(0.9),
  saltHolding: memory(0.3),
  rootGrip: memory(0.5),
  dust: practice(0.9),
  priceClass: memory<PriceClass>(3),
};

export const lava: Shared = {
  ...mineral,
  family: 'lava',
  pieceShape: 'pitted',
  poreSizeIndex: memory(2.2),
  unavailableShare: memory(0.2),
  firstYearWettability: memory(0.95),
  saltHolding: memory(0.4),
  rootGrip: practice(1),
  dust: memory(0.6),
  priceClass: memory<PriceClass>(2),
};

export const bakedClay: Shared = {
  ...mineral,
  family: 'baked clay',
  pieceShape: 'granule',
  poreSizeIndex: memory(1.4),
  unavailableShare: memory(0.2),
  firstYearWettability: memory(1),
  lifeYears: practice(6),
  saltHolding: memory(0.6),
  rootGrip: memory(0.2),
  dust: memory(0.6),
  reuse: memory<ReuseRule>('same plant, rinsed'),
  phTendency: memory<PhTendency>('slightly acid'),
  priceClass: memory<PriceClass>(4),
};

export const perlite: Shared = {
  ...mineral,
  family: 'perlite',
  pieceShape: 'pitted',
  lifeYears: practice(3),
  poreSizeIndex: memory(1.8),
  unavailableShare: memory(0.2),
  firstYearWettability: memory(0.9),
  saltHolding: memory(0.3),
  rootGrip: memory(0.2),
  dust: practice(1),
  reuse: memory<ReuseRule>('same plant, rinsed'),
  priceClass: memory<PriceClass>(1),
};

export const vermiculite: Shared = {
  ...perlite,
  family: 'vermiculite',
  pieceShape: 'plate',
  poreSizeIndex: memory(0.9),
  lifeYears: practice(2),
  saltHolding: memory(0.6),
};

export const stone: Shared = {
  ...mineral,
  family: 'stone',
  pieceShape: 'round',
  poreSizeIndex: memory(2.5),
  unavailableShare: memory(0.3),
  firstYearWettability: memory(1),
  saltHolding: memory(0.1),
  rootGrip: memory(0.2),
  dust: memory(0.2),
  priceClass: memory<PriceClass>(1),
};

export const synthetic: Shared = {
  ...mineral,
  family: 'synthetic',
  pieceShape: 'plate',
  poreSizeIndex: memory(1.6),
  unavailableShare: memory(0.1),
  firstYearWettability: memory(0.95),
  lifeYears: practice(4),
  saltHolding: memory(0.5),
  rootGrip: memory(0.3),
  dust: memory(0),
  reuse: practice<ReuseRule>('same plant, rinsed; cannot be boiled'),
  priceClass: memory<PriceClass>(4),
};
