/**
 * The sun on an upright pane, from the sun on level ground.
 *
 * Sources: diffuse share of a month's mean day by Erbs, Klein & Duffie 1982; hours of the day by Liu & Jordan 1960
 * (diffuse) and Collares-Pereira & Rabl 1979 (all); angle of incidence and isotropic sky by Duffie & Beckman, Solar
 * Engineering of Thermal Processes, chapters 1 and 2.
 */
import { HOURS_PER_DAY } from '../base';
import { type Aspect } from '../physics/places';
import { k } from './constants';

/** From south, westward positive, as in the formula of incidence. */
const azimuths: Readonly<Record<Aspect, number>> = {
  south: 0,
  west: Math.PI / 2,
  north: Math.PI,
  east: -Math.PI / 2,
};

const DEGREE = Math.PI / 180;
/** Erbs: long days and short ones have each their curve. */
const SHORT_DAY = 81.4 * DEGREE;
const shortDay = [1.391, -3.56, 4.189, -2.137] as const;
const longDay = [1.311, -3.022, 3.427, -1.821] as const;
const clearness = { min: 0.3, max: 0.8 } as const;

/** Share of a month's sun that comes from the whole sky. */
export function diffuseShare(clearnessIndex: number, sunsetAngle: number): number {
  const [a, b, c, d] = sunsetAngle <= SHORT_DAY ? shortDay : longDay;
  const index = Math.min(clearness.max, Math.max(clearness.min, clearnessIndex));
  return Math.min(1, Math.max(0, a + b * index + c * index ** 2 + d * index ** 3));
}

/** The sun's declination, radians (Cooper 1969). */
export function declinationOf(dayOfYear: number): number {
  return 23.45 * DEGREE * Math.sin((2 * Math.PI * (284 + dayOfYear)) / 365);
}

export interface WallSun {
  readonly latitudeDeg: number;
  readonly dayOfYear: number;
  readonly sunMJ: number;
  readonly extraterrestrialMJ: number;
}

/** MJ/m² a day on a wall that looks this way, with nothing before it. */
export function sunOnWallMJ({ latitudeDeg, dayOfYear, sunMJ, extraterrestrialMJ }: WallSun, aspect: Aspect): number {
  if (sunMJ <= 0 || extraterrestrialMJ <= 0) return 0;
  const latitude = latitudeDeg * DEGREE;
  const declination = declinationOf(dayOfYear);
  const sunset = Math.acos(Math.min(1, Math.max(-1, -Math.tan(latitude) * Math.tan(declination))));
  const diffuseMJ = sunMJ * diffuseShare(sunMJ / extraterrestrialMJ, sunset);
  const azimuth = azimuths[aspect];
  const span = Math.sin(sunset) - sunset * Math.cos(sunset);
  const a = 0.409 + 0.5016 * Math.sin(sunset - 60 * DEGREE);
  const b = 0.6609 - 0.4767 * Math.sin(sunset - 60 * DEGREE);
  const STEPS_PER_HOUR = 4;
  const step = (15 * DEGREE) / STEPS_PER_HOUR;
  let beamMJ = 0;
  for (let i = 0; i < HOURS_PER_DAY * STEPS_PER_HOUR; i += 1) {
    const hour = -Math.PI + (i + 0.5) * step;
    const cosZenith =
      Math.cos(latitude) * Math.cos(declination) * Math.cos(hour) + Math.sin(latitude) * Math.sin(declination);
    if (Math.abs(hour) >= sunset || cosZenith < k.LOW_SUN_COSINE) continue;
    const ofDay = ((Math.PI / HOURS_PER_DAY) * (Math.cos(hour) - Math.cos(sunset))) / span / STEPS_PER_HOUR;
    const beam = Math.max(0, sunMJ * ofDay * (a + b * Math.cos(hour)) - diffuseMJ * ofDay);
    const cosIncidence =
      -Math.sin(declination) * Math.cos(latitude) * Math.cos(azimuth) +
      Math.cos(declination) * Math.sin(latitude) * Math.cos(azimuth) * Math.cos(hour) +
      Math.cos(declination) * Math.sin(azimuth) * Math.sin(hour);
    beamMJ += (beam * Math.max(0, cosIncidence)) / cosZenith;
  }
  return beamMJ + k.HALF_PANE * (diffuseMJ + k.GROUND_REFLECTS * sunMJ);
}
