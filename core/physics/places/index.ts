export {
  type Aspect,
  aspects,
  type DaysAway,
  type Heating as RoomHeating,
  heatings,
  type HomeTown,
  kindTraits,
  type LampStrength,
  lampStrengths,
  type Reading,
  type RoomDescription,
  type RoomKind,
  roomKinds,
  type Shade,
  shades,
  type TimeAway,
  usualRoom,
  type YearDay,
} from './description';
export { daylightHours } from './day-length';
export { leanMonths } from './seasons';
export { withHeatWave } from './heat-wave';
export { heatedRoom, type Heating, ORDINARY_HEATING } from './heated-room';
export {
  constantPlace,
  daysInMonth,
  dryingPowerMmPerDay,
  firstDayOfMonth,
  type HalfDayAir,
  meanAir,
  type MonthAir,
  monthDrying,
  type MonthDrying,
  monthOfDay,
  type Place,
  type Setting,
  yearDrying,
} from './place';
export { summarizePlace } from './summary';
export { dayOfYear, isAwayOn, isSummerAway, usualDaysAway, withTimeAway } from './time-away';
