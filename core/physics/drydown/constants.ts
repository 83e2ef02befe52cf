/**
 * The constants of the dry-down that no handbook gives. Each is from memory of how pots behave and
 * was set so that the check intervals of practice (core/practice) come out; they hold for every
 * setup alike, none is fitted to a single case.
 */

/** Diffusivity of water vapour in air at about 22 °C, m²/h (2.5e-5 m²/s, Incropera & DeWitt table A.8). */
export const VAPOUR_DIFFUSIVITY_M2_H = 0.09;

/** Air moves through coarse pieces by itself: gain of vapour transport at 10 mm pieces in still air. */
export const VENTILATION_AT_10_MM = 8;

/** Share of the pieces' surface that is wet and open to the passages right after watering. */
export const EXPOSED_SURFACE_SHARE = 0.25;

/** Relative wetness below which a cell's surfaces dry and it gives vapour off ever more slowly. */
export const SURFACE_WET_ABOVE = 0.5;

/** Below this share of available water roots can no longer take up all they need. */
export const UPTAKE_FULL_ABOVE = 0.3;

/** Liquid conductivity of a wet medium that wicks 10 cm, g/(cm·h) per unit of relative wetness. */
export const LIQUID_CONDUCTIVITY_AT_10_CM = 0.3;

/** How fast one wick carries water at its foot into dry medium, g/h. */
export const WICK_SUPPLY_G_H = 4;

/** Hours a submerged or wicking foot takes to fill its own cell. */
export const FOOT_FILL_HOURS = 1;

/** Share of the underside that air can reach when a pot stands on a shelf. */
export const UNDERSIDE_SHARE = 0.35;

/** Resistance of a wet clay wall to water reaching its outside, s/m as if it were vapour. */
export const CLAY_WALL_RESISTANCE_S_M = 150;

/** Mean height of a cell of the column, cm, and the fewest cells a column is cut into. */
export const CELL_HEIGHT_CM = 1.2;
export const MIN_CELLS = 8;
