declare module 'psychrolib' {
  interface Psychrolib {
    IP: number;
    SI: number;
    SetUnitSystem(unitSystem: number): void;
    /** °C → Pa */
    GetSatVapPres(temperatureC: number): number;
    /** °C, fraction, Pa → °C */
    GetTWetBulbFromRelHum(temperatureC: number, relativeHumidity: number, pressurePa: number): number;
    /** °C, fraction → °C */
    GetTDewPointFromRelHum(temperatureC: number, relativeHumidity: number): number;
    /** m → Pa */
    GetStandardAtmPressure(altitudeM: number): number;
  }
  const psychrolib: Psychrolib;
  export default psychrolib;
}
