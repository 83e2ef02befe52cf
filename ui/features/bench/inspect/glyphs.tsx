/** Small drawings of what a hand and an eye find at an unpotted plant. */
import { BULB, LEAF, LEAF_LINE, ROOT, ROOT_LINE } from '../../../drawing/plant/colors';
import type { SignKey } from '../questions/signs';
import { SignGlyph } from '../sentence/pickers/sign-glyph';

const DEAD = '#7a6248';
const BARK = '#8d6a46';
const MUD = '#4c3a2a';
const CLAY = 'var(--clay)';
const INK = 'var(--ink-soft)';

const POT = 'M11 12 H37 L34 44 H14 Z';

function Roots({ alive }: { readonly alive: number }) {
  const runs = [
    'M8 6 C6 18 11 28 7 42',
    'M15 6 C17 18 12 30 16 43',
    'M22 6 C20 20 25 28 21 42',
    'M29 6 C31 18 26 30 30 43',
    'M36 6 C34 18 39 28 35 42',
    'M42 6 C43 16 40 26 42 38',
  ];
  return (
    <>
      {runs.map((d, n) =>
        n < alive ? (
          <g key={d} fill="none" strokeLinecap="round">
            <path d={d} stroke={ROOT_LINE} strokeWidth={5} />
            <path d={d} stroke={ROOT} strokeWidth={3.6} />
          </g>
        ) : (
          <path key={d} d={d} fill="none" stroke={DEAD} strokeWidth={2} strokeDasharray="4 3" />
        ),
      )}
    </>
  );
}

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

function Leaf({ children }: { readonly children?: React.ReactNode }) {
  return (
    <>
      <path d="M6 38 C10 14 30 6 43 8 C42 24 28 42 6 38 Z" fill={LEAF} stroke={LEAF_LINE} />
      <path d="M6 38 C18 30 30 20 43 8" stroke={LEAF_LINE} strokeWidth={1} fill="none" />
      {children}
    </>
  );
}

function Bulb({
  d,
  fill = BULB,
  children,
}: {
  readonly d?: string;
  readonly fill?: string;
  readonly children?: React.ReactNode;
}) {
  return (
    <>
      <path d="M24 12 C20 6 21 3 24 1 C27 3 28 6 24 12Z" fill={LEAF} stroke={LEAF_LINE} />
      <path
        d={d ?? 'M24 10 C12 16 10 40 20 44 H28 C38 40 36 16 24 10Z'}
        fill={fill}
        stroke={LEAF_LINE}
        strokeWidth={1.4}
      />
      {children}
    </>
  );
}

const own = {
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
  roots0: <Roots alive={0} />,
  roots1: <Roots alive={1} />,
  roots3: <Roots alive={3} />,
  roots5: <Roots alive={5} />,
  roots6: <Roots alive={6} />,
  plump: <Bulb />,
  wrinkled: (
    <Bulb d="M24 10 C16 16 17 22 15 27 C18 31 15 38 20 44 H28 C33 38 30 31 33 27 C31 22 32 16 24 10Z">
      <path
        d="M20 18 q3 6 0 12 q-1 6 1 11 M28 18 q-3 6 0 12 q1 6 -1 11 M24 16 v26"
        stroke={LEAF_LINE}
        strokeWidth={1}
        fill="none"
      />
    </Bulb>
  ),
  soft: (
    <Bulb fill="#a98b5c">
      <path d="M14 30 C20 26 26 34 34 28 V38 C30 42 28 44 28 44 H20 C15 42 14 36 14 30Z" fill="#5d3d25" />
      <path d="M20 45 q-1 2 0 3 M27 45 q1 2 0 3" stroke="#5d3d25" strokeWidth={2} />
    </Bulb>
  ),
  clean: (
    <>
      <Leaf />
      <circle cx={37} cy={37} r={9} fill="var(--moss)" />
      <path d="M32 37 l4 4 l6 -8" stroke="var(--on-ink)" strokeWidth={2.4} fill="none" />
    </>
  ),
  scale: (
    <Leaf>
      {[
        [18, 26],
        [24, 20],
        [30, 17],
        [22, 30],
        [32, 23],
      ].map(([x, y]) => (
        <ellipse key={`${x}${y}`} cx={x} cy={y} rx={3.4} ry={2.4} fill="#7b4f2c" stroke="#4c2f18" strokeWidth={0.8} />
      ))}
    </Leaf>
  ),
  mealybug: (
    <Leaf>
      {[
        [17, 28],
        [25, 21],
        [32, 16],
      ].map(([x, y]) => (
        <g key={`${x}${y}`} stroke="#8d8a80" strokeWidth={0.8}>
          <path d={`M${x! - 5} ${y! - 3} l10 6 M${x! - 5} ${y! + 3} l10 -6 M${x} ${y! - 5} v10`} />
          <ellipse cx={x} cy={y} rx={4} ry={2.8} fill="#fbfbf8" />
        </g>
      ))}
    </Leaf>
  ),
  mites: (
    <Leaf>
      {[
        [14, 30],
        [18, 24],
        [22, 28],
        [25, 20],
        [29, 24],
        [31, 16],
        [35, 18],
        [20, 33],
        [27, 29],
      ].map(([x, y]) => (
        <circle key={`${x}${y}`} cx={x} cy={y} r={1.3} fill="#b4392b" />
      ))}
      <path d="M12 34 L30 12 M18 36 L38 14" stroke="#f2f2ec" strokeWidth={0.7} />
    </Leaf>
  ),
  thrips: (
    <Leaf>
      {[
        [17, 27, 30],
        [25, 20, -20],
        [32, 17, 50],
      ].map(([x, y, turn]) => (
        <g key={`${x}`} transform={`rotate(${turn} ${x} ${y})`}>
          <ellipse cx={x} cy={y} rx={5} ry={1.6} fill="#3c331f" />
          <path d={`M${x! + 4} ${y} l4 -3 m-4 3 l4 3`} stroke="#3c331f" strokeWidth={0.8} />
        </g>
      ))}
    </Leaf>
  ),
  snail: (
    <>
      <path d="M4 42 H42" stroke={LEAF_LINE} strokeWidth={2} />
      <path d="M8 41 C10 34 16 36 20 36 H34 C38 36 39 31 42 30 L44 41 Z" fill="#c9b18a" stroke={LEAF_LINE} />
      <path d="M41 30 l-1 -6 M43 30 l2 -6" stroke={LEAF_LINE} strokeWidth={1.4} />
      <circle cx={22} cy={26} r={11} fill="#9a6d3f" stroke={LEAF_LINE} strokeWidth={1.4} />
      <path d="M22 26 m-5 0 a5 5 0 1 1 8 4 a8 8 0 0 1 -11 -4" fill="none" stroke="#5c3d1f" strokeWidth={1.6} />
    </>
  ),
  else: (
    <Leaf>
      <text
        x={24}
        y={31}
        textAnchor="middle"
        fontSize={22}
        fontWeight={700}
        fill="#fff"
        stroke={LEAF_LINE}
        strokeWidth={0.6}
      >
        ?
      </text>
    </Leaf>
  ),
  sheath: (
    <>
      <ellipse cx={24} cy={30} rx={10} ry={15} fill={BULB} stroke={LEAF_LINE} />
      <path
        d="M12 44 C10 26 16 16 24 10 C20 24 20 34 26 46 Z M36 44 C39 30 34 22 28 16 C32 28 32 36 30 46 Z"
        fill="#d9c9a1"
        stroke="#8a7446"
      />
    </>
  ),
  stripped: (
    <>
      <ellipse cx={20} cy={28} rx={10} ry={16} fill={BULB} stroke={LEAF_LINE} />
      <path d="M34 46 C32 38 36 30 44 26 C44 34 42 42 38 46 Z" fill="#d9c9a1" stroke="#8a7446" />
    </>
  ),
} as const satisfies Readonly<Record<string, React.JSX.Element>>;

export type GlyphName = keyof typeof own | SignKey;

export function Glyph({ name }: { readonly name: GlyphName }) {
  if (!(name in own)) return <SignGlyph sign={name as SignKey} />;
  return (
    <svg width={48} height={48} viewBox="0 0 48 48" aria-hidden="true" focusable="false">
      {own[name as keyof typeof own]}
    </svg>
  );
}
