/** Conversions, used only at the edges (screens, files); inside the core units are metric. */
export const MM_PER_INCH = 25.4; // exact by definition
export const CM_PER_INCH = 2.54;

export type LengthUnit = 'metric' | 'inch';
export type TemperatureUnit = 'C' | 'F';

export const celsiusToFahrenheit = (temperatureC: number): number => (temperatureC * 9) / 5 + 32;
export const fahrenheitToCelsius = (temperatureF: number): number => ((temperatureF - 32) * 5) / 9;
export const cmToInch = (lengthCm: number): number => lengthCm / CM_PER_INCH;
export const inchToCm = (lengthIn: number): number => lengthIn * CM_PER_INCH;
export const mmToInch = (lengthMm: number): number => lengthMm / MM_PER_INCH;
