import { fromMemory, numbersOf } from '../../base';

export const airConstants = {
  DRY_HOME_PCT: fromMemory(45, '%', 'the air of dry homes: under it growers set roots deeper and lay moss on top'),
} as const;

export const k = numbersOf(airConstants);
export const DRY_HOME_PCT = airConstants.DRY_HOME_PCT.value;
