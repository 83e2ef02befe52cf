/** A look at the plant: what its roots have met since the last one. */
import { type HourClass, rootZoneC, setDemand, pondedG } from '../drydown';
import { openShare, refillGH, strainOn } from '../stress';
import type { MonthTally } from './tally';
import type { Pot } from './kept-pot';

/** Air-filled porosity of the wettest part, v/v. Where plants take to water, what stands in it is not held against it. */
function wettestAir({ column, state, foot, needs }: Pot): number {
  if (column.hangsInAir) return 1;
  let waterG = needs.takesToWater ? 0 : pondedG(column, state);
  waterG += foot.firstShare * state.wetness[foot.firstCell]! * column.capacityG[foot.firstCell]!;
  for (let i = foot.firstCell + 1; i <= foot.lastCell; i += 1) waterG += state.wetness[i]! * column.capacityG[i]!;
  return Math.max(0, (foot.poreG - waterG) / foot.volumeG);
}

/** One look at the plant. */
export function checkMoisture(
  pot: Pot,
  kind: HourClass,
  demandG: number,
  takenUp: number,
  rootZoneG: number,
  tally: MonthTally | null,
): void {
  const { column, state, strain, needs, zone, met } = pot;
  const meanAir = column.hangsInAir ? 1 : Math.max(0, (zone.poreG - rootZoneG) / zone.volumeG);
  const warmth = rootZoneC(state) ?? kind.temperatureC;
  met.availableShare = (rootZoneG - zone.unavailableG) / zone.availableG;
  met.wettestAir = wettestAir(pot);
  met.meanAir = meanAir;
  met.rootZoneC = warmth;
  met.airC = kind.temperatureC;
  met.deficitKPa = kind.deficitKPa;
  met.lightShare = kind.lightShare;
  met.demandG = demandG;
  met.takenUpG = takenUp;
  strainOn(strain, needs, met, pot.ways, pot.reserveG);
  setDemand(state, openShare(strain.reserve) * pot.demandShare, refillGH(strain.reserve, pot.reserveG));
  if (tally === null) return;
  const { readings } = tally;
  readings.air += meanAir;
  readings.rootC += warmth;
  readings.airC += kind.temperatureC;
  readings.dsM += met.rootWaterDsM;
  if (met.rootWaterDsM > readings.highestDsM) readings.highestDsM = met.rootWaterDsM;
  readings.looks += 1;
}
