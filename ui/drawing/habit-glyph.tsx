/** How a plant grows, as a small drawing: the same strokes for every plant of a habit. */
import type { GrowthHabit } from '@core';
import { PSEUDOBULB, LEAF, LEAF_LINE } from './plant/colors';

/** A leaf from a point, so long, leaning by so many degrees. */
function Leaf({ x, y, long, wide, lean }: { x: number; y: number; long: number; wide: number; lean: number }) {
  return (
    <path
      transform={`translate(${x} ${y}) rotate(${lean})`}
      d={`M0 0 C${-wide} ${-long * 0.35} ${-wide * 0.8} ${-long * 0.8} 0 ${-long} C${wide * 0.8} ${-long * 0.8} ${wide} ${-long * 0.35} 0 0Z`}
      fill={LEAF}
      stroke={LEAF_LINE}
      strokeWidth={0.8}
    />
  );
}

function Bulb({ x, high, wide }: { x: number; high: number; wide: number }) {
  return (
    <ellipse
      cx={x}
      cy={34 - high / 2}
      rx={wide / 2}
      ry={high / 2}
      fill={PSEUDOBULB}
      stroke={LEAF_LINE}
      strokeWidth={0.8}
    />
  );
}

function Rhizome({ from, to }: { from: number; to: number }) {
  return <path d={`M${from} 34 H${to}`} stroke={LEAF_LINE} strokeWidth={2} strokeLinecap="round" />;
}

const glyphs: Readonly<Record<GrowthHabit, React.JSX.Element>> = {
  'single stem': (
    <>
      {[-70, -48, 48, 70].map((lean, i) => (
        <Leaf key={lean} x={20} y={32 - (i % 3) * 3} long={17} wide={3.6} lean={lean} />
      ))}
      <path d="M20 36 V18" stroke={LEAF_LINE} strokeWidth={3} strokeLinecap="round" />
      <path d="M20 34 C14 36 10 35 7 38 M20 34 C25 37 28 35 32 38" stroke="#8b8f7c" strokeWidth={1.6} fill="none" />
    </>
  ),
  creeping: (
    <>
      <Rhizome from={6} to={35} />
      {[9, 20, 31].map((x, i) => (
        <g key={x}>
          <Bulb x={x} high={12 - i} wide={6} />
          <Leaf x={x} y={23 + i} long={18} wide={3.2} lean={-8 + i * 10} />
        </g>
      ))}
    </>
  ),
  clump: (
    <>
      {[12, 17, 23, 28].map((x, i) => (
        <g key={x}>
          <Leaf x={x} y={30} long={24 - Math.abs(i - 1.5) * 4} wide={2.8} lean={-24 + i * 16} />
        </g>
      ))}
      <Rhizome from={11} to={29} />
    </>
  ),
  canes: (
    <>
      {[12, 20, 28].map((x, i) => (
        <g key={x} transform={`rotate(${-9 + i * 9} ${x} 34)`}>
          <path d={`M${x} 34 V8`} stroke={LEAF_LINE} strokeWidth={3.4} strokeLinecap="round" />
          <path d={`M${x} 34 V8`} stroke={PSEUDOBULB} strokeWidth={2} strokeLinecap="round" />
          {[12, 18, 24].map((y, j) => (
            <Leaf key={y} x={x} y={y} long={9} wide={2} lean={j % 2 === 0 ? 62 : -62} />
          ))}
        </g>
      ))}
    </>
  ),
  fans: (
    <>
      {[13, 27].map((x) => (
        <g key={x}>
          {[-52, -28, -6, 18, 44].map((lean) => (
            <Leaf key={lean} x={x} y={35} long={19} wide={2.4} lean={lean} />
          ))}
        </g>
      ))}
    </>
  ),
  rambling: (
    <>
      <path
        d="M4 30 C12 38 18 26 24 33 S34 30 37 24"
        stroke={LEAF_LINE}
        strokeWidth={2}
        fill="none"
        strokeLinecap="round"
      />
      {[8, 20, 32].map((x, i) => (
        <g key={x}>
          <ellipse cx={x} cy={29 - i} rx={2.6} ry={4} fill={PSEUDOBULB} stroke={LEAF_LINE} strokeWidth={0.8} />
          <Leaf x={x} y={25 - i} long={14} wide={2.6} lean={-14 + i * 14} />
        </g>
      ))}
    </>
  ),
  'climbing chain': (
    <>
      <path d="M9 36 L31 10" stroke={LEAF_LINE} strokeWidth={2} strokeLinecap="round" />
      {[0, 1, 2, 3].map((i) => (
        <g key={i} transform={`translate(${11 + i * 6} ${33 - i * 7.4})`}>
          <ellipse cx={2} cy={-3} rx={2.4} ry={3.8} fill={PSEUDOBULB} stroke={LEAF_LINE} strokeWidth={0.8} />
          <Leaf x={2} y={-6} long={11} wide={1.8} lean={38} />
        </g>
      ))}
    </>
  ),
  'creeping stem': (
    <>
      <path d="M5 35 C12 35 15 34 17 27 M17 35 C24 35 28 33 30 24" stroke={LEAF_LINE} strokeWidth={2.4} fill="none" />
      {[
        [17, 27],
        [30, 24],
      ].map(([x, y]) => (
        <g key={x}>
          {[-66, -20, 22, 66].map((lean) => (
            <Leaf key={lean} x={x!} y={y!} long={11} wide={4} lean={lean} />
          ))}
        </g>
      ))}
    </>
  ),
  'underground bulbs': (
    <>
      <path d="M3 27 H37" stroke="#8a7a5c" strokeWidth={1.4} strokeDasharray="3 2" />
      {[13, 25].map((x) => (
        <g key={x}>
          <circle cx={x} cy={33} r={4} fill={PSEUDOBULB} stroke={LEAF_LINE} strokeWidth={0.8} />
          <Leaf x={x} y={29} long={22} wide={2.6} lean={-10} />
          <Leaf x={x} y={29} long={19} wide={2.6} lean={14} />
        </g>
      ))}
    </>
  ),
};

export function HabitGlyph({ habit }: { readonly habit: GrowthHabit }) {
  return (
    <svg width={40} height={40} viewBox="0 0 40 40" aria-hidden="true" focusable="false" style={{ flex: 'none' }}>
      {glyphs[habit]}
    </svg>
  );
}
