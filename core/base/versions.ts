/**
 * JSON that outlives the program that wrote it. Each kind has a newest version and one small upgrade
 * from every older one to the next; what was written without a version is version 1.
 */
export const FIRST_VERSION = 1;

export interface Versions {
  readonly newest: number;
  /** By the version they start from: what makes version n into version n + 1. */
  readonly upgrades: Readonly<Record<number, (old: unknown) => unknown>>;
}

export type Upgraded = { readonly status: 'ok'; readonly value: unknown } | { readonly status: 'unknown version' };

/** A value of any known version as one of the newest. Throws a RangeError where an upgrade is missing. */
export function upgraded(value: unknown, version: unknown, { newest, upgrades }: Versions): Upgraded {
  if (typeof version !== 'number' || !Number.isInteger(version)) return { status: 'unknown version' };
  if (version < FIRST_VERSION || version > newest) return { status: 'unknown version' };
  let current = value;
  for (let from = version; from < newest; from += 1) {
    const upgrade = upgrades[from];
    if (!upgrade) throw new RangeError(`no upgrade from version ${from} to ${from + 1}`);
    current = upgrade(current);
  }
  return { status: 'ok', value: current };
}
