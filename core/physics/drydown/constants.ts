/**
 * The numbers of the dry-down. Those from memory were set so that the check intervals of practice come
 * out; they hold for every setup alike, none is fitted to a single case.
 */
import { byChoice, byDefinition, fromMemory, fromPractice, fromSource, numbersOf } from '../../base';

export const drydownConstants = {
  VAPOUR_DIFFUSIVITY_M2_H: fromSource(
    0.09,
    'm²/h',
    'Incropera & DeWitt, Fundamentals of Heat and Mass Transfer, table A.8',
    'diffusivity of water vapour in air at about 22 °C (2.5e-5 m²/s)',
  ),
  VENTILATION_AT_10_MM: fromMemory(
    8,
    '',
    'gain of vapour transport at 10 mm pieces in still air: air moves between them by itself',
  ),
  EXPOSED_SURFACE_SHARE: fromMemory(
    0.25,
    'share',
    'of the pieces’ surface is wet and open to the passages right after watering',
  ),
  SURFACE_WET_ABOVE: fromMemory(
    0.5,
    'share',
    'relative wetness below which surfaces dry and give vapour off ever more slowly',
  ),
  UPTAKE_FULL_ABOVE: fromMemory(
    0.3,
    'share',
    'of available water below which roots can no longer take up all they need',
  ),
  LIQUID_CONDUCTIVITY_AT_10_CM: fromMemory(
    0.3,
    'g/(cm·h)',
    'of a wet medium that wicks 10 cm, per unit of relative wetness',
  ),
  WICKING_EXPONENT: fromMemory(1.5, '', 'media that wick higher move water faster'),
  WICK_SUPPLY_G_H: fromMemory(4, 'g/h', 'one wick carries at its foot into dry medium'),
  FOOT_FILL_HOURS: fromMemory(1, 'h', 'a submerged or wicking foot takes to fill its own cell'),
  UNDERSIDE_SHARE: fromMemory(0.35, 'share', 'of the underside that air can reach when a pot stands on a shelf'),
  CLAY_WALL_RESISTANCE_S_M: fromMemory(
    150,
    's/m',
    'of a wet clay wall to water reaching its outside, as if it were vapour',
  ),
  CLAY_CONTACT_MM: fromMemory(8, 'mm', 'pieces of this size touch a clay wall over half of it'),
  SLANTED_LIGHT_SHARE: fromMemory(0.5, 'share', 'of what a pot shows from the side catches light'),
  MOST_ROOT_SHARE: fromMemory(1 / 3, 'share', 'of the root zone’s room is taken by roots at most'),
  MOST_UNAVAILABLE_SHARE: fromMemory(0.8, 'share', 'of what a cell holds is out of the roots’ reach at most'),
  LEAST_PASSAGE_AIR: fromMemory(0.02, 'v/v', 'vapour always finds some way'),
  CELL_HEIGHT_CM: byChoice(1.2, 'cm', 'mean height of a cell of the column'),
  MIN_CELLS: byChoice(8, 'cells', 'the fewest a column is cut into'),
  SURFACE_RELATIVE: byChoice(0.15, '', 'cell height at the surface, relative to the mean wanted'),
  GROWTH_RELATIVE: byChoice(1.7, '', 'its growth down to the base, relative to the mean wanted'),
  COARSE_CELL_CM: byChoice(4, 'cm', 'mean height of a cell for a quick guess'),
  COARSE_LEAST_CELLS: byChoice(4, 'cells', 'the fewest for a quick guess'),
  COARSE_PAD_CELLS: byChoice(3, 'cells', 'of a pad for a quick guess'),
  PAD_CELLS: byChoice(6, 'cells', 'of a pad'),
  COVERED_SHARE: fromMemory(0.45, 'share', 'of the mount’s face that pad or roots cover'),
  VELAMEN_WATER_SHARE: fromMemory(0.45, 'v/v', 'of a bare root that its velamen fills with water'),
  VELAMEN_PASSAGES: fromMemory(0.3, 'v/v', 'room between the cells of velamen'),
  VELAMEN_POROSITY: fromMemory(0.85, 'v/v', 'of velamen'),
  VELAMEN_PORE_SIZE_INDEX: fromMemory(2, '', 'pore-size index of velamen'),
  VELAMEN_UNAVAILABLE: fromMemory(0.05, 'v/v', 'water the velamen does not give up'),
  VELAMEN_WICKING_CM: fromMemory(2, 'cm', 'how far velamen wicks'),
  VELAMEN_WETTABILITY: fromMemory(0.95, 'share', 'velamen fills almost at once'),
  VELAMEN_DENSITY_G_L: fromMemory(100, 'g/L', 'dry density of velamen'),
  MOUNT_HEAT_GAIN: fromMemory(1.8, '', 'the backing warms a pad from behind nearly as well as air does'),
  SECONDS_PER_HOUR: byDefinition(3600, 's', 'in an hour'),
  WATER_G_MOL: fromSource(18.015, 'g/mol', 'IUPAC', 'molar mass of water'),
  MAX_HEAT_AREA_RATIO: fromMemory(3, '', 'surface that collects heat over surface that evaporates stays below'),
  STILL_AIR_TRANSFER_MS: fromMemory(
    0.0042,
    'm/s',
    'mass transfer coefficient of a still room, to which the ventilation gain is stated',
  ),
  FULL_BREAK_RATIO: fromMemory(
    0.5,
    '',
    'entry head of the layer below over that of the one above, at which the break between them is whole',
  ),
  FIRST_HOUR: fromPractice(8, 'h', 'of the day: growers water in the morning'),
  MIDDAY_HOUR: byDefinition(13, 'h', 'middle of the daylight on an ordinary clock'),
  HORIZON_DAYS: byChoice(60, 'days', 'the longest time looked ahead'),
  READ_EVERY_HOURS: byChoice(4, 'h', 'temperatures change slowly: they are read so often'),
  SAMPLE_DAYS: byChoice(14, 'days', 'looked at for a quick guess of comfort, at least'),
  SAMPLE_GAPS: byChoice(2, 'gaps', 'of the routine looked at for it'),
  SAMPLE_WARM_UP_DAYS: byChoice(6, 'days', 'that only bring the pot into its rhythm'),
  SAMPLE_STEP_HOURS: byChoice(6, 'h', 'step of the quick guess'),
  REFRESH_HOURS: byChoice(6, 'h', 'the vapour network is solved anew after so long at the latest'),
  EMPTY_WETNESS: byChoice(1e-9, 'share', 'a cell this dry is empty'),
  DAYS_PER_WEEK: byDefinition(7, 'days', 'in a week'),
  MISTING_G_M2: fromMemory(400, 'g/m²', 'water one misting leaves (about 0.4 mm)'),
} as const;

export const k = numbersOf(drydownConstants);
export const SURFACE_WET_ABOVE = drydownConstants.SURFACE_WET_ABOVE.value;
export const UPTAKE_FULL_ABOVE = drydownConstants.UPTAKE_FULL_ABOVE.value;
export const COVERED_SHARE = drydownConstants.COVERED_SHARE.value;
export const HORIZON_DAYS = drydownConstants.HORIZON_DAYS.value;
export const DAYS_PER_WEEK = drydownConstants.DAYS_PER_WEEK.value;
