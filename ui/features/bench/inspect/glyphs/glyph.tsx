/** Small drawings of what a hand and an eye find at an unpotted plant. */
import type { SignKey } from '../../questions/signs';
import { SignGlyph } from '../../questions/sign-glyph';
import { pestGlyphs } from './of-pests';
import { plantGlyphs } from './of-the-plant';
import { potGlyphs } from './of-the-pot';

const own = { ...potGlyphs, ...plantGlyphs, ...pestGlyphs };

export type GlyphName = keyof typeof own | SignKey;

export function Glyph({ name }: { readonly name: GlyphName }) {
  if (!(name in own)) return <SignGlyph sign={name as SignKey} />;
  return (
    <svg width={48} height={48} viewBox="0 0 48 48" aria-hidden="true" focusable="false">
      {own[name as keyof typeof own]}
    </svg>
  );
}
