export { areaAtCm2, coneAreaCm2, coneDiameterCm, volumeBetweenL, wallAreaCm2, widthAtCm } from './geometry';
export {
  hasOpenings,
  isOpenWork,
  isPorous,
  type Mount,
  type MountMaterial,
  type Pot,
  type PotShape,
  potShapes,
  type Reservoir,
  type WallMaterial,
} from './pot';
export { stability, type Stability, wallDensities } from './stability';
export { stonesAgainstG, tippingWindMS } from './wind';
