/** A pot watered with the same water until nothing changes: what drains against what was given. */
import { mediumById } from '../catalogue/media';
import { makePot } from '../catalogue/vessels';
import { buildYearColumn, createState, monthHours, stepHour, takenUpG, waterColumn } from '../physics/drydown';
import { constantPlace, monthDrying } from '../physics/places';
import { freshSalt, moveSalt, saltWatering } from '../physics/salt';

const WATER_DS_M = 1;
const ROUNDS = 160;
const LATE_ROUNDS = 40;
const GAP_DAYS = 3;
const WATERING = { mostG: Infinity, minutes: 30, throughShare: 0.2 };

/** EC of the drainage over EC of the water, times the leaching fraction: 1 where the plant took no salts along. */
export function leachedRatio(): number {
  const pot = makePot('plastic-round', 12);
  const mix = [{ medium: mediumById('pumice-3-6'), parts: 1 }];
  const column = buildYearColumn(
    { kind: 'pot', pot, layers: [{ role: 'main', mix, heightCm: pot.heightCm - 1 }] },
    { leafAreaCm2: 300, photosynthesis: 'CAM', rootVolumeL: 0.05, rootDiameterMm: 4 },
  );
  const state = createState(column);
  const salt = freshSalt(column, state, WATER_DS_M);
  const hours = monthHours(
    column,
    monthDrying(constantPlace({ temperatureC: 22, relativeHumidityPct: 50, airflow: 'still room' }), 0),
  );
  let [drained, drainedG, givenG] = [0, 0, 0];
  for (let round = 0; round < ROUNDS; round += 1) {
    for (let day = 0; day < GAP_DAYS; day += 1) {
      const drank = takenUpG(state);
      for (const hour of hours) {
        stepHour(column, hour, state);
      }
      moveSalt(column, state, salt, 0, takenUpG(state) - drank);
    }
    const before = { salt: salt.drained, grams: salt.drainedG };
    const heldG = waterColumn(column, state, WATERING);
    saltWatering(column, state, salt, WATER_DS_M, 0);
    if (round < ROUNDS - LATE_ROUNDS) continue;
    drained += salt.drained - before.salt;
    drainedG += salt.drainedG - before.grams;
    givenG += heldG + salt.drainedG - before.grams;
  }
  return (drained / drainedG / WATER_DS_M) * (drainedG / givenG);
}
