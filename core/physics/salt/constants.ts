import { byChoice, fromMemory, fromPractice, fromSource, numbersOf } from '../../base';

export const saltConstants = {
  TAP_WATER_DS_M: fromPractice(0.3, 'dS/m', 'of water where nothing is said: soft tap water or mixed with rain'),
  MISTED_WATER_DS_M: fromPractice(0.05, 'dS/m', 'of water for misting: rain or low in minerals'),
  FEED_ABOVE_WATER_DS_M: fromPractice(0.5, 'dS/m', 'that feed adds to the water: 0.4 to 0.8 for most'),
  FEED_EVERY_DAYS: fromPractice(
    14,
    'days',
    'from one feed to the next, at least: the watering that then comes carries it',
  ),
  FEED_SHARE_SENSITIVE: fromPractice(0.5, 'share', 'of the usual feed for kinds that bear little salt'),
  DRUNK_DS_M: fromMemory(0.35, 'dS/m', 'of salts go into the plant with the water it drinks, at most'),
  SALT_DIFFUSIVITY_CM2_DAY: fromSource(
    1.4,
    'cm²/day',
    'Cussler, Diffusion, from memory',
    'of the common salts in water (about 1.6e-9 m²/s)',
  ),
  DISPERSIVITY_CM: fromMemory(1, 'cm', 'of coarse beds; columns in the laboratory show 0.1 to 2'),
  PORTIONS: byChoice(4, 'portions', 'in which a watering pushes salts on'),
  RAIN_DS_M: fromMemory(0.02, 'dS/m', 'of rain'),
  FLUSH_FROM_SHARE: byChoice(
    0.6,
    'share',
    'of what the plant bears, read as if just watered, from which a flush is due',
  ),
  FLUSH_TO_SHARE: byChoice(0.25, 'share', 'of what the plant bears a flush should bring it down to'),
  FLUSH_THROUGH_SHARE: fromPractice(1.5, 'share', 'of what a pot holds runs through at a flush'),
  FLUSH_WATER_DS_M: fromPractice(0.3, 'dS/m', 'a flush uses water under this: rain, or low in minerals'),
  LEACHING_LIGHT: fromSource(
    0.1,
    '',
    'Hoffman 1980, in FAO Irrigation and Drainage Paper 29, from memory',
    'K of leaching in sand, or by portions',
  ),
  LEACHING_HEAVY: fromSource(
    0.3,
    '',
    'Hoffman 1980, in FAO Irrigation and Drainage Paper 29, from memory',
    'K of leaching in heavy soil',
  ),
  G_PER_L_DS_M: fromSource(
    0.64,
    'g/L per dS/m',
    'FAO Irrigation and Drainage Paper 29, table 2',
    'dissolved salts by conductivity',
  ),
  CRUST_DEPTH_CM: byChoice(0.3, 'cm', 'at the surface whose salts count as a crust'),
  CRUST_G_M2: fromMemory(60, 'g/m²', 'of salts at the surface that show as a crust'),
} as const;

export const k = numbersOf(saltConstants);
