/** Why one looks, the pot between two hands, and the medium. */
import { LEAF, LEAF_LINE, ROOT_LINE } from '../../../../drawing/plant/colors';
import { Roots } from './roots';

const BARK = '#8d6a46';
const MUD = '#4c3a2a';
const CLAY = 'var(--clay)';
const INK = 'var(--ink-soft)';
const POT = 'M11 12 H37 L34 44 H14 Z';

function Hands({ bend }: { readonly bend: number }) {
  const wall = `M11 12 C${13 + bend} 24 ${13 + bend} 32 14 44 H34 C${35 - bend} 32 ${35 - bend} 24 37 12 Z`;
  return (
    <>
      <path d={wall} fill="none" stroke={INK} strokeWidth={2} />
      <path d={`M1 27 H${8 + bend} M${8 + bend} 27 l-4 -3 m4 3 l-4 3`} stroke={CLAY} strokeWidth={2.2} fill="none" />
      <path d={`M47 27 H${40 - bend} M${40 - bend} 27 l4 -3 m-4 3 l4 3`} stroke={CLAY} strokeWidth={2.2} fill="none" />
    </>
  );
}

function Pieces({
  fill,
  size,
  isDown = false,
}: {
  readonly fill: string;
  readonly size: number;
  readonly isDown?: boolean;
}) {
  const at = [
    [12, 14],
    [27, 11],
    [37, 20],
    [18, 26],
    [31, 30],
    [12, 37],
    [24, 40],
    [37, 39],
  ] as const;
  return (
    <>
      {at.map(([x, y], n) => (
        <rect
          key={n}
          x={x - size / 2}
          y={y - size / 2 + (isDown ? 4 : 0)}
          width={size * 1.25}
          height={size * 0.8}
          rx={1.5}
          fill={fill}
          stroke={LEAF_LINE}
          strokeWidth={0.6}
          transform={`rotate(${n * 47} ${x} ${y})`}
        />
      ))}
    </>
  );
}

export const potGlyphs = {
  calendar: (
    <g fill="none" stroke={INK} strokeWidth={2}>
      <rect x={8} y={11} width={32} height={30} rx={3} />
      <path d="M8 19 H40 M16 6 V14 M32 6 V14 M17 30 l5 5 l9 -10" />
    </g>
  ),
  rim: (
    <>
      <path d={POT} fill="none" stroke={INK} strokeWidth={2} />
      <path d="M24 13 C31 8 37 9 42 12" stroke={LEAF_LINE} strokeWidth={3} fill="none" />
      <path d="M42 12 C40 5 43 3 44 2 C46 5 47 8 42 12Z" fill="#b9cf7d" stroke={LEAF_LINE} />
    </>
  ),
  outgrown: (
    <>
      <path d="M17 26 H31 L29 44 H19 Z" fill="none" stroke={INK} strokeWidth={2} />
      <path
        d="M24 26 C10 20 4 12 4 6 C14 8 20 16 24 26 C28 14 36 6 45 5 C44 14 36 22 24 26Z"
        fill={LEAF}
        stroke={LEAF_LINE}
      />
      <path d="M18 30 C12 34 10 38 8 44 M30 30 C36 34 38 38 40 44" stroke={ROOT_LINE} strokeWidth={2.4} fill="none" />
    </>
  ),
  smell: (
    <>
      <path d="M12 30 H36 L34 44 H14 Z" fill={MUD} stroke={LEAF_LINE} />
      <path
        d="M16 26 q4 -5 0 -10 q-4 -5 0 -10 M24 26 q4 -5 0 -10 q-4 -5 0 -10 M32 26 q4 -5 0 -10 q-4 -5 0 -10"
        stroke="#6b7a3a"
        strokeWidth={2}
        fill="none"
      />
    </>
  ),
  crust: (
    <>
      <path d={POT} fill="none" stroke={INK} strokeWidth={2} />
      <path d="M10 12 q3 -4 6 0 q3 -5 6 0 q3 -4 6 0 q3 -5 6 0 q2 -3 4 0" stroke={INK} strokeWidth={1.4} fill="#fff" />
      <path d="M13 20 q3 3 1 8 M35 18 q-3 4 -1 9" stroke="#bdb7a5" strokeWidth={3} fill="none" strokeLinecap="round" />
    </>
  ),
  murky: (
    <>
      <path d="M13 4 H35 L33 24 H15 Z" fill="none" stroke={INK} strokeWidth={2} />
      <path d="M20 28 v4 M28 28 v4" stroke={MUD} strokeWidth={2.4} strokeLinecap="round" />
      <path d="M8 34 H40 V40 Q40 44 36 44 H12 Q8 44 8 40 Z" fill="#a08158" stroke={INK} strokeWidth={1.6} />
    </>
  ),
  arrived: (
    <g fill="none" stroke={INK} strokeWidth={2}>
      <path d="M6 18 L24 10 L42 18 V38 L24 46 L6 38 Z M6 18 L24 26 L42 18 M24 26 V46" />
      <path d="M24 8 C20 4 21 2 24 1 C27 2 28 4 24 8Z" fill={LEAF} stroke={LEAF_LINE} strokeWidth={1} />
    </g>
  ),
  hard: (
    <>
      <Hands bend={0} />
      <g transform="translate(12 12) scale(0.5 0.62)">
        <Roots alive={6} />
      </g>
    </>
  ),
  gives: (
    <>
      <Hands bend={2} />
      <g transform="translate(13 13) scale(0.46 0.6)">
        <Roots alive={3} />
      </g>
    </>
  ),
  flexes: (
    <>
      <Hands bend={6} />
      <path d="M24 14 C22 22 26 30 23 38" stroke={ROOT_LINE} strokeWidth={2.4} fill="none" />
    </>
  ),
  pieces: <Pieces fill={BARK} size={9} />,
  crumbs: (
    <>
      <Pieces fill={BARK} size={5} isDown />
      <path d="M6 44 q6 -5 12 0 q6 -4 12 0 q6 -5 12 0" fill={MUD} />
    </>
  ),
  mud: (
    <>
      <path d="M4 34 C10 24 16 28 22 24 C30 18 36 26 44 30 V45 H4 Z" fill={MUD} stroke={LEAF_LINE} />
      <path d="M12 38 h8 M26 36 h10 M18 43 h10" stroke="#7d654b" strokeWidth={1.6} />
    </>
  ),
  fresh: (
    <>
      <Pieces fill={BARK} size={7} isDown />
      <path
        d="M24 12 C18 10 16 6 16 3 C22 3 25 7 24 12 C27 6 31 5 35 5 C34 10 30 13 24 12Z"
        fill={LEAF}
        stroke={LEAF_LINE}
      />
    </>
  ),
  mouldy: (
    <>
      <Pieces fill={BARK} size={7} />
      {[
        [14, 16],
        [30, 14],
        [22, 30],
        [36, 34],
      ].map(([x, y]) => (
        <g key={`${x}${y}`} stroke="#e9ece4" strokeWidth={1.2}>
          <circle cx={x} cy={y} r={4} fill="#f4f6f0" stroke="#9aa793" />
          <path d={`M${x! - 6} ${y} h12 M${x} ${y! - 6} v12`} stroke="#9aa793" strokeWidth={0.8} />
        </g>
      ))}
    </>
  ),
} as const satisfies Readonly<Record<string, React.JSX.Element>>;
