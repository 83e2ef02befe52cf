/** Words and units for catalogue fields, as the library shows them. */
export interface FieldWords {
  readonly key: string;
  readonly label: string;
  readonly unit?: 'mm' | 'cm' | 'share' | 'g/L' | 'years' | 'cm²' | 'grade' | 'factor';
}

export const mediumFields: readonly FieldWords[] = [
  { key: 'd10Mm', label: 'smallest pieces (d10)', unit: 'mm' },
  { key: 'd90Mm', label: 'largest pieces (d90)', unit: 'mm' },
  { key: 'airAt10cm', label: 'air, 10 cm deep, drained', unit: 'share' },
  { key: 'capacityAt10cm', label: 'water held, 10 cm deep', unit: 'share' },
  { key: 'interPorosity', label: 'room between the pieces', unit: 'share' },
  { key: 'unavailableShare', label: 'of its water, roots cannot take', unit: 'share' },
  { key: 'wickingHeightCm', label: 'wicks water up', unit: 'cm' },
  { key: 'firstYearWettability', label: 'new and dry, it takes up', unit: 'share' },
  { key: 'dryDensityGL', label: 'dry weight', unit: 'g/L' },
  { key: 'lifeYears', label: 'lasts', unit: 'years' },
  { key: 'warmthFactorPer10C', label: 'breaks down faster per 10 °C', unit: 'factor' },
  { key: 'wetnessFactor', label: 'breaks down faster always wet', unit: 'factor' },
  { key: 'saltHolding', label: 'holds salts', unit: 'grade' },
  { key: 'rootGrip', label: 'clings to roots', unit: 'grade' },
  { key: 'dust', label: 'dusty', unit: 'grade' },
  { key: 'reuse', label: 'use again' },
  { key: 'phTendency', label: 'its water turns' },
  { key: 'priceClass', label: 'price class, 1 low to 4 high' },
  { key: 'poreSizeIndex', label: 'pore-size index' },
];

export const genusFields: readonly FieldWords[] = [
  { key: 'rootThinnestMm', label: 'thinnest roots', unit: 'mm' },
  { key: 'rootThickestMm', label: 'thickest roots', unit: 'mm' },
  { key: 'rootsBranch', label: 'roots branch' },
  { key: 'rootHardiness', label: 'roots take disturbance' },
  { key: 'habit', label: 'how it grows' },
  { key: 'rhizomeStepCm', label: 'step between shoots', unit: 'cm' },
  { key: 'shootsPerYear', label: 'shoots a year' },
  { key: 'forkingChance', label: 'chance that a shoot forks', unit: 'share' },
  { key: 'airNeed', label: 'air its roots want', unit: 'share' },
  { key: 'regime', label: 'how it likes its water' },
  { key: 'temperature', label: 'temperature' },
  { key: 'light', label: 'light' },
  { key: 'saltTolerance', label: 'takes salts' },
  { key: 'rest', label: 'rest' },
  { key: 'depth', label: 'depth' },
  { key: 'cover', label: 'cover on its roots' },
  { key: 'heightCm', label: 'height', unit: 'cm' },
  { key: 'leafAreaPerShootCm2', label: 'leaf area of a shoot', unit: 'cm²' },
  { key: 'photosynthesis', label: 'photosynthesis' },
  { key: 'overReservoir', label: 'over standing water' },
  { key: 'onMount', label: 'on a mount' },
  { key: 'lime', label: 'lime' },
];

export const potFields: readonly FieldWords[] = [
  { key: 'rimDiametersCm', label: 'rim sizes, cm' },
  { key: 'widthsCm', label: 'widths, cm' },
  { key: 'heightPerRim', label: 'height to rim', unit: 'factor' },
  { key: 'heightPerWidth', label: 'height to width', unit: 'factor' },
  { key: 'basePerRim', label: 'base to rim', unit: 'factor' },
  { key: 'wallThicknessMm', label: 'wall', unit: 'mm' },
  { key: 'openShare', label: 'holes in the side', unit: 'share' },
  { key: 'baseOpenShare', label: 'holes in the base', unit: 'share' },
  { key: 'coneHeightCm', label: 'air cone', unit: 'cm' },
];
