/** A kind as a grower writes it, matched with the genera of the catalogue. */
import { findNames, groupCalled } from '../names';
import { k } from './constants';

export interface KindMatch {
  /** sure: so it is called; likely: a slip of the pen, or one of several; none: nobody knows. */
  readonly how: 'sure' | 'likely' | 'none';
  /** The likeliest first. */
  readonly genusIds: readonly string[];
}

/** text: a genus, a botanical name, a grower's word or a short form, with whatever stands before or after it. */
export function kindOf(text: string): KindMatch {
  const called = groupCalled(text);
  if (called !== null) return { how: 'sure', genusIds: [called] };
  const words = text.split(/\s+/).filter(Boolean);
  // "Miniature Phalaenopsis": a name that stands further on.
  for (let from = 0; from < words.length; from += 1) {
    const found = findNames(words.slice(from).join(' '));
    const [best] = found;
    if (!best) continue;
    const meant = found.filter(({ name, sure }) => name === best.name || sure >= k.ALSO_MEANT * best.sure);
    const isSure = from === 0 && best.sure >= k.SURE_KIND && meant.length === 1;
    return { how: isSure ? 'sure' : 'likely', genusIds: meant.map(({ genusId }) => genusId) };
  }
  return { how: 'none', genusIds: [] };
}
