export * from './medium';
export * from './mix';
export * from './ageing';
export * from './report';
export * from './porosity-test';
export * from './retention';
export { mixedVolumeL, packedSolidFraction, looseningEffect, wallEffect, type PackedFraction } from './packing';
export { mediaCatalogue, mediumById, mediumIds } from './catalogue';
