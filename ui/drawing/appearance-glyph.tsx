/** What is asked of an orchid without a name, as small drawings: one for each answer. */
import type { ReactNode } from 'react';
import type { GrowthHabit } from '@core';
import { HabitGlyph } from './habit-glyph';
import { BLOOM, BLOOM_EYE, LEAF, LEAF_LINE, ROOT, ROOT_LINE } from './plant/colors';

const habitOfBase: Readonly<Record<string, GrowthHabit>> = {
  'one stem': 'single stem',
  tufts: 'fans',
  bulbs: 'clump',
  canes: 'canes',
  chain: 'climbing chain',
  underground: 'underground bulbs',
};

function RootOf({ wide }: { readonly wide: number }) {
  return (
    <>
      <path d="M8 8 C16 14 14 26 32 32" stroke={ROOT_LINE} strokeWidth={wide + 1.4} fill="none" strokeLinecap="round" />
      <path d="M8 8 C16 14 14 26 32 32" stroke={ROOT} strokeWidth={wide} fill="none" strokeLinecap="round" />
    </>
  );
}

const roots: Readonly<Record<string, ReactNode>> = {
  thin: <RootOf wide={1.6} />,
  middling: <RootOf wide={4} />,
  thick: <RootOf wide={8} />,
};

const leafLine = { fill: LEAF, stroke: LEAF_LINE, strokeWidth: 1 } as const;
const leaves: Readonly<Record<string, ReactNode>> = {
  'broad and thick': <path d="M6 30 C4 14 18 6 34 10 C36 24 22 34 6 30Z" {...leafLine} strokeWidth={2} />,
  'leathery strap': <path d="M6 34 C10 20 20 9 34 5 L36 10 C26 15 17 24 12 36 Z" {...leafLine} strokeWidth={1.6} />,
  'thin and narrow': (
    <path d="M14 36 C14 22 18 10 28 4 C22 14 19 24 18 36Z M10 36 C8 24 8 16 4 8 C11 15 13 25 13 36Z" {...leafLine} />
  ),
  'soft and pleated': (
    <>
      <path d="M20 37 C4 26 8 10 20 3 C32 10 36 26 20 37Z" {...leafLine} />
      <path d="M20 37 V3 M20 35 C13 26 13 14 17 6 M20 35 C27 26 27 14 23 6" stroke={LEAF_LINE} fill="none" />
    </>
  ),
  'round or stubby': <path d="M10 34 L28 6 M20 36 L34 16" stroke={LEAF_LINE} strokeWidth={6} strokeLinecap="round" />,
  patterned: (
    <>
      <path d="M6 30 C4 14 18 6 34 10 C36 24 22 34 6 30Z" {...leafLine} />
      {[12, 19, 26].map((x) => (
        <g key={x} fill={LEAF_LINE}>
          <circle cx={x} cy={24 - (x - 12) / 3} r={2} />
          <circle cx={x + 3} cy={17 - (x - 12) / 3} r={1.6} />
        </g>
      ))}
    </>
  ),
};

function Shoots({ at }: { readonly at: readonly number[] }) {
  return (
    <>
      <path d="M3 34 H37" stroke={LEAF_LINE} strokeWidth={1.6} />
      {at.map((x, i) => (
        <path
          key={i}
          d={`M${x} 34 C${x - 5} 24 ${x - 2} 12 ${x + (i - 1) * 5} 6`}
          stroke={LEAF_LINE}
          strokeWidth={3}
          fill="none"
        />
      ))}
    </>
  );
}

const spacings: Readonly<Record<string, ReactNode>> = {
  'one point': <Shoots at={[20, 20, 20]} />,
  close: <Shoots at={[14, 20, 26]} />,
  apart: <Shoots at={[6, 20, 34]} />,
};

/** So many petals round a middle. */
function Petals({ count, long, wide, from = 0 }: { count: number; long: number; wide: number; from?: number }) {
  return (
    <>
      {Array.from({ length: count }, (_, i) => (
        <ellipse
          key={i}
          cx={20}
          cy={20 - long / 2}
          rx={wide / 2}
          ry={long / 2}
          fill={BLOOM}
          stroke={LEAF_LINE}
          strokeWidth={0.6}
          transform={`rotate(${from + (360 / count) * i} 20 20)`}
        />
      ))}
    </>
  );
}

const Eye = () => <circle cx={20} cy={20} r={3} fill={BLOOM_EYE} />;

function Spike({ r }: { readonly r: number }) {
  return (
    <>
      <path d="M8 37 C12 22 20 10 34 5" stroke={LEAF_LINE} strokeWidth={1.4} fill="none" />
      {[0, 1, 2, 3].map((i) => (
        <circle key={i} cx={12 + i * 7} cy={27 - i * 7} r={r} fill={BLOOM} stroke={LEAF_LINE} strokeWidth={0.6} />
      ))}
    </>
  );
}

const flowers: Readonly<Record<string, ReactNode>> = {
  'flat, moth-like': (
    <>
      <ellipse cx={11} cy={19} rx={9} ry={7.5} fill={BLOOM} stroke={LEAF_LINE} strokeWidth={0.6} />
      <ellipse cx={29} cy={19} rx={9} ry={7.5} fill={BLOOM} stroke={LEAF_LINE} strokeWidth={0.6} />
      <Petals count={3} long={16} wide={8} />
      <Eye />
    </>
  ),
  pouch: (
    <>
      <Petals count={3} long={17} wide={9} from={-60} />
      <path d="M13 20 C12 36 28 36 27 20Z" fill={BLOOM_EYE} stroke={LEAF_LINE} />
    </>
  ),
  'frilled lip': (
    <>
      <Petals count={5} long={17} wide={11} />
      <path d="M14 22 C10 28 13 33 16 31 C17 36 23 36 24 31 C27 33 30 28 26 22Z" fill={BLOOM_EYE} stroke={LEAF_LINE} />
    </>
  ),
  'many small ones on a spray': (
    <>
      <path
        d="M20 38 V8 M20 26 L10 16 M20 26 L31 15 M20 18 L13 8 M20 18 L27 7"
        stroke={LEAF_LINE}
        strokeWidth={1.2}
        fill="none"
      />
      {[
        [10, 16],
        [31, 15],
        [13, 8],
        [27, 7],
        [20, 6],
        [20, 17],
        [15, 22],
        [26, 21],
      ].map(([x, y]) => (
        <circle key={`${x}-${y}`} cx={x} cy={y} r={2.8} fill={BLOOM} stroke={LEAF_LINE} strokeWidth={0.5} />
      ))}
    </>
  ),
  spidery: (
    <>
      <Petals count={5} long={19} wide={2.6} />
      <Eye />
    </>
  ),
  'pansy face': (
    <>
      <Petals count={3} long={15} wide={12} />
      <path d="M20 18 C6 22 8 37 20 35 C32 37 34 22 20 18Z" fill={BLOOM} stroke={LEAF_LINE} strokeWidth={0.6} />
      <path d="M20 19 L14 28 H26Z" fill={BLOOM_EYE} />
    </>
  ),
  'tails or triangle': (
    <>
      <path d="M8 14 H32 L20 30Z" fill={BLOOM} stroke={LEAF_LINE} strokeWidth={0.8} />
      <path d="M8 14 C5 9 4 6 3 3 M32 14 C35 9 36 6 37 3 M20 30 V38" stroke={LEAF_LINE} strokeWidth={1.6} fill="none" />
    </>
  ),
  'waxy spray on a spike': <Spike r={4.6} />,
  star: (
    <>
      <Petals count={6} long={17} wide={5} />
      <Eye />
    </>
  ),
  'hanging or hooded': (
    <>
      <path d="M20 3 V14" stroke={LEAF_LINE} strokeWidth={1.6} />
      <path
        d="M20 12 C8 14 8 30 14 36 C18 30 22 30 26 36 C32 30 32 14 20 12Z"
        fill={BLOOM}
        stroke={LEAF_LINE}
        strokeWidth={0.8}
      />
    </>
  ),
};

const drawings = { roots, leaves, spacing: spacings, flower: flowers } as const;

interface AppearanceGlyphProps {
  readonly question: keyof typeof drawings | 'base';
  readonly answer: string;
}

export function AppearanceGlyph({ question, answer }: AppearanceGlyphProps) {
  if (question === 'base') return <HabitGlyph habit={habitOfBase[answer]!} />;
  return (
    <svg viewBox="0 0 40 40" width={40} height={40} aria-hidden="true">
      {drawings[question][answer]}
    </svg>
  );
}
