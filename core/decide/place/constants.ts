import { byDefinition, fromMemory, fromPractice, fromSource, numbersOf } from '../../base';
import type { LightClass } from '../../catalogue/genera';
import type { MoistureRegime } from '../../physics/stress';

export const placeFitConstants = {
  CARE_FROM: fromMemory(0.3, '', 'strain from which a month asks for care; from 1 on it does not suit'),
  DRY_POINTS: fromMemory(25, 'points', 'of humidity short of what it wants, at which a month does not suit'),
  COOL_WANTS_POINTS: fromMemory(10, 'points', 'of humidity that cool growers want besides'),
  BARE_WANTS_POINTS: fromMemory(15, 'points', 'of humidity that roots in the open want besides'),
  MJ_PER_WH: byDefinition(0.0036, 'MJ/Wh', 'in a watt-hour'),
  MOL_PER_MJ: fromSource(
    2.06,
    'mol/MJ',
    'Thimijan & Heins 1983, from memory',
    'light that plants use in sunlight: 4.57 µmol/J of the 45 per cent they can use',
  ),
  TAKEN_UP_SHARE: fromMemory(0.8, 'share', 'of the light on a pot that it takes up'),
  BRIGHT_MONTHS: fromPractice(6, 'months', 'of the year, the brightest, in which a plant lives from its light'),
  DARK_SHARE: fromMemory(0.4, 'share', 'of the least light, at which a place is too dark'),
  BRIGHT_TIMES: fromMemory(2, 'times', 'the most light, at which care can hardly shade enough'),
  MOST_BY_BRIGHT: fromMemory(0.9, '', 'strain by too much light at most: shade can always be made'),
  WORST_MONTHS: fromMemory(3, 'months', 'the worst, tell how badly a place suits'),
  MOST_STRAIN: fromMemory(1.5, '', 'strain beyond which worse makes no difference'),
} as const;

export const k = numbersOf(placeFitConstants);

/** Humidity by day and night together that such roots want of the air about them, per cent. */
export const wantedHumidityConstants = {
  'fast wet-dry': fromPractice(45, '%', 'for roots that dry off fast'),
  'wet-dry': fromPractice(40, '%', 'for roots between wet and dry'),
  'nearly dry': fromPractice(50, '%', 'for fine roots that dry nearly'),
  'evenly moist': fromPractice(50, '%', 'for roots that are always moist'),
} satisfies Record<MoistureRegime, ReturnType<typeof fromMemory>>;
export const wantedHumidityPct = numbersOf(wantedHumidityConstants);

/** Least light a day in the bright half of the year, mol/m². */
export const leastLightConstants = {
  shade: fromMemory(2, 'mol/m²', 'a day, for plants of shade'),
  'bright shade': fromMemory(4, 'mol/m²', 'a day, for plants of bright shade'),
  bright: fromMemory(8, 'mol/m²', 'a day, for plants of bright light'),
  sun: fromMemory(12, 'mol/m²', 'a day, for plants of the sun'),
} satisfies Record<LightClass, ReturnType<typeof fromMemory>>;
export const leastLightMol = numbersOf(leastLightConstants);

/** Most light a day, mol/m². */
export const mostLightConstants = {
  shade: fromMemory(9, 'mol/m²', 'a day, for plants of shade'),
  'bright shade': fromMemory(14, 'mol/m²', 'a day, for plants of bright shade'),
  bright: fromMemory(24, 'mol/m²', 'a day, for plants of bright light'),
  sun: fromMemory(35, 'mol/m²', 'a day, for plants of the sun'),
} satisfies Record<LightClass, ReturnType<typeof fromMemory>>;
export const mostLightMol = numbersOf(mostLightConstants);
