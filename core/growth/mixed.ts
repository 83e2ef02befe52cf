/** Another number from a number, 32 bits, for the stream of a fork: the finaliser of MurmurHash3 (Appleby, public domain), line by line. */
export function mixed(seed: number): number {
  let bits = Math.imul(seed ^ (seed >>> 16), 0x85ebca6b);
  bits = Math.imul(bits ^ (bits >>> 13), 0xc2b2ae35);
  return (bits ^ (bits >>> 16)) >>> 0;
}
