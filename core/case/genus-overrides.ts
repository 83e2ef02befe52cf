/** What differs on one plant from its genus. */
import type { Genus } from '../catalogue/genera';
import type { GenusOverrides } from './genus-schema';

/** A genus with one plant's differences put in. A thickest root under the thinnest is lifted to it. */
export function withOverrides(genus: Genus, overrides: GenusOverrides | undefined): Genus {
  if (!overrides) return genus;
  const given = Object.fromEntries(Object.entries(overrides).filter(([, value]) => value !== undefined));
  const merged: Genus = { ...genus, ...given };
  return { ...merged, rootThickestMm: Math.max(merged.rootThinnestMm, merged.rootThickestMm) };
}
