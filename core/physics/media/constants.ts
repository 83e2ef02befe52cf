import { byChoice, fromMemory, fromPractice, fromSource, numbersOf } from '../../base';

export const mediaConstants = {
  CAPILLARY_CONSTANT_MM2: fromSource(
    30,
    'mm²',
    'Terzaghi & Peck, Soil Mechanics in Engineering Practice',
    'C of the capillary rise rule: the middle of 10 to 50',
  ),
  REFERENCE_DEPTH_CM: byChoice(10, 'cm', 'depth at which the catalogue states capacity and air'),
  FILM_SHARE: fromMemory(
    0.2,
    'share',
    'of the capacity is film and inner water at least: every wet piece carries some',
  ),
  REFERENCE_C: byChoice(20, '°C', 'warmth at which the catalogue states lives'),
  FRESH_DECAY: fromMemory(0.35, 'share', 'of the decay of a spent organic medium goes on in a new one'),
  WETTING_MONTHS: fromMemory(9, 'months', 'until a new medium wets as well as it ever will'),
  WETTING_GAINED: fromMemory(0.7, 'share', 'of what it lacks at first in wetting, gained by then'),
  PASSAGES_LOST: fromMemory(0.4, 'share', 'of the room between pieces, lost at the end of a life'),
  SIZE_LOST: fromMemory(0.55, 'share', 'of the piece size, lost at the end of a life'),
  SETTLED_AT_END: fromMemory(0.25, 'share', 'of the height, lost at the end of a life'),
  WEAR_EXPONENT: fromMemory(1.5, '', 'wear over the life: slow at first, fast towards the end'),
  LEAST_CAPACITY: fromMemory(0.02, 'v/v', 'under this a bed would be all solid'),
  LEAST_AIR: fromMemory(0.01, 'v/v', 'no drained bed is without any'),
  MAX_MIX_PARTS: byChoice(5, 'parts', 'of a mix'),
  MOST_POROSITY: fromMemory(0.98, 'v/v', 'no mix is more void than this'),
  ORGANIC_FROM_SHARE: fromMemory(0.25, 'share', 'of the bags: more organic than this makes a mix organic'),
  LOOSENING_EXPONENT: fromSource(
    1.02,
    '',
    'de Larrard, Concrete Mixture Proportioning, 1999, eq. 1.45',
    'how fast small pieces loosen a coarse bed as they grow',
  ),
  WALL_EXPONENT: fromSource(
    1.5,
    '',
    'de Larrard, Concrete Mixture Proportioning, 1999, eq. 1.46',
    'how fast coarse pieces disturb a finer bed',
  ),
  SETTLING_SHARE: fromPractice(0.05, 'share', 'of the volume settles after the first waterings: about a twentieth'),
} as const;

export const k = numbersOf(mediaConstants);
export const MAX_MIX_PARTS = mediaConstants.MAX_MIX_PARTS.value;
export const SETTLING_SHARE = mediaConstants.SETTLING_SHARE.value;
