export * from './medium';
export * from './mix';
export * from './retention';
export { mixedVolumeL, packedSolidFraction, looseningEffect, wallEffect, type PackedFraction } from './packing';
export { mediaCatalogue, mediumById, mediumIds } from './catalogue';
