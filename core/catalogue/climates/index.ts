/** Monthly normals of climate stations over all zones and both hemispheres. */
import { africa } from './africa';
import { asia } from './asia';
import { europe } from './europe';
import { northAmerica } from './north-america';
import { oceania } from './oceania';
import { southAmerica } from './south-america';
import type { ClimateStation } from './station';

export { type ClimateStation, type ClimateZone, climateZones } from './station';

export const climateStations: readonly ClimateStation[] = [
  ...europe,
  ...africa,
  ...asia,
  ...oceania,
  ...northAmerica,
  ...southAmerica,
];
