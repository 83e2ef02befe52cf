/** What is used of jstat here; it comes without types. */
declare module 'jstat' {
  const jstat: {
    readonly normal: { inv(share: number, mean: number, spread: number): number };
    readonly studentt: { inv(share: number, freedom: number): number; cdf(t: number, freedom: number): number };
    /** at: of so many drawn, those marked; of all, drawn, and marked. */
    readonly hypgeom: { pdf(at: number, all: number, marked: number, drawn: number): number };
  };
  export default jstat;
}
