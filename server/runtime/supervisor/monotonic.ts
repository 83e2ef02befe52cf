/** Time that only goes on: a clock that is put right, forward or back, lengthens no waiting and shortens none. */
export const monotonicMs = (): number => performance.now();
