/** What sits on a leaf, or does not. */
import { LEAF, LEAF_LINE } from '../../../../drawing/plant/colors';

function Leaf({ children }: { readonly children?: React.ReactNode }) {
  return (
    <>
      <path d="M6 38 C10 14 30 6 43 8 C42 24 28 42 6 38 Z" fill={LEAF} stroke={LEAF_LINE} />
      <path d="M6 38 C18 30 30 20 43 8" stroke={LEAF_LINE} strokeWidth={1} fill="none" />
      {children}
    </>
  );
}

export const pestGlyphs = {
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
} as const satisfies Readonly<Record<string, React.JSX.Element>>;
