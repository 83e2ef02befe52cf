/** What a plant shows, as small drawings: roots and their tips, the newest shoot, and what else can be seen. */
import {
  BLOOM,
  BLOOM_EYE,
  PSEUDOBULB,
  LEAF,
  LEAF_LINE,
  ROOT,
  ROOT_LINE,
  ROOT_TIP,
} from '../../../drawing/plant/colors';
import type { SignKey } from './signs';

const ROT = '#5d3d25';
const SOIL = '#8a7a5c';

function Root({ d, tip }: { readonly d: string; readonly tip?: readonly [number, number] }) {
  return (
    <>
      <path d={d} stroke={ROOT_LINE} strokeWidth={6} fill="none" strokeLinecap="round" />
      <path d={d} stroke={ROOT} strokeWidth={4.6} fill="none" strokeLinecap="round" />
      {tip ? <circle cx={tip[0]} cy={tip[1]} r={3} fill={ROOT_TIP} stroke={ROOT_LINE} strokeWidth={0.7} /> : null}
    </>
  );
}

function Plant({ children }: { readonly children?: React.ReactNode }) {
  return (
    <>
      <path d="M8 38 H40" stroke={LEAF_LINE} strokeWidth={2.4} strokeLinecap="round" />
      <ellipse cx={15} cy={31} rx={4.4} ry={7} fill={PSEUDOBULB} stroke={LEAF_LINE} />
      <path d="M15 24 C11 14 12 9 15 5 C18 9 19 14 15 24Z" fill={LEAF} stroke={LEAF_LINE} />
      {children}
    </>
  );
}

function NewShoot({ high, hasRoots = false }: { readonly high: number; readonly hasRoots?: boolean }) {
  return (
    <>
      <path
        d={`M32 38 C26 ${38 - high * 0.6} 29 ${38 - high} 32 ${38 - high} C35 ${38 - high} 38 ${38 - high * 0.6} 32 38Z`}
        fill="#b9cf7d"
        stroke={LEAF_LINE}
      />
      {hasRoots ? (
        <>
          <path
            d="M31 39 C28 42 27 43 26 46 M33 39 C36 42 37 43 38 46"
            stroke={ROOT_LINE}
            strokeWidth={3}
            fill="none"
          />
          <path d="M31 39 C28 42 27 43 26 46 M33 39 C36 42 37 43 38 46" stroke={ROOT} strokeWidth={1.8} fill="none" />
        </>
      ) : null}
    </>
  );
}

const glyphs: Readonly<Record<SignKey, React.JSX.Element>> = {
  'tips starting': (
    <>
      <Root d="M24 6 C22 16 27 24 23 34" tip={[23, 36]} />
      <Root d="M34 8 C33 14 36 20 34 26" tip={[34, 28]} />
    </>
  ),
  'tips long': (
    <>
      <Root d="M20 6 C17 18 22 28 16 42" tip={[16, 43]} />
      <Root d="M30 6 C33 18 27 28 33 42" tip={[33, 43]} />
    </>
  ),
  'tips none': (
    <>
      <Root d="M20 6 C18 16 22 24 19 34" />
      <Root d="M31 6 C33 14 29 22 31 30" />
    </>
  ),
  'shoot starting': (
    <Plant>
      <NewShoot high={7} />
    </Plant>
  ),
  'shoot half grown': (
    <Plant>
      <NewShoot high={19} />
    </Plant>
  ),
  'shoot rooting': (
    <Plant>
      <NewShoot high={22} hasRoots />
    </Plant>
  ),
  'shoot none': <Plant />,
  inBloom: (
    <Plant>
      <path d="M17 36 C26 30 28 18 34 10" stroke={LEAF_LINE} strokeWidth={1.6} fill="none" />
      {[0, 72, 144, 216, 288].map((turn) => (
        <ellipse
          key={turn}
          cx={34}
          cy={6.5}
          rx={2.6}
          ry={4.4}
          fill={BLOOM}
          stroke={LEAF_LINE}
          strokeWidth={0.6}
          transform={`rotate(${turn} 34 11)`}
        />
      ))}
      <circle cx={34} cy={11} r={2} fill={BLOOM_EYE} stroke={LEAF_LINE} strokeWidth={0.6} />
    </Plant>
  ),
  leavesShed: (
    <>
      <path d="M8 38 H40" stroke={LEAF_LINE} strokeWidth={2.4} strokeLinecap="round" />
      {[15, 25, 34].map((x) => (
        <ellipse key={x} cx={x} cy={30} rx={4.4} ry={8} fill={PSEUDOBULB} stroke={LEAF_LINE} />
      ))}
      <path d="M6 44 C10 41 14 42 17 45 M26 45 C30 41 35 42 38 45" stroke="#a98d4b" strokeWidth={2.4} fill="none" />
    </>
  ),
  resting: (
    <Plant>
      <path d="M37 8 A9 9 0 1 0 41 21 A7 7 0 0 1 37 8Z" fill="#c9d3df" stroke="var(--ink-soft)" />
    </Plant>
  ),
  rot: (
    <>
      <path d="M22 5 C19 16 25 24 20 40" stroke={ROOT_LINE} strokeWidth={6} fill="none" strokeLinecap="round" />
      <path d="M22 5 C19 16 25 24 20 40" stroke={ROT} strokeWidth={4.6} fill="none" strokeLinecap="round" />
      <path d="M32 8 C31 16 34 24 32 32" stroke={ROT} strokeWidth={1.6} fill="none" strokeDasharray="4 3" />
      <path d="M9 12 q3 -4 0 -7 M13 14 q3 -4 0 -7" stroke="#6b7a3a" strokeWidth={1.6} fill="none" />
    </>
  ),
  wobbles: (
    <>
      <g transform="rotate(14 22 38)">
        <Plant />
      </g>
      <path
        d="M34 10 q6 4 4 11 M5 12 q-3 4 -2 9"
        stroke="var(--clay)"
        strokeWidth={2}
        fill="none"
        strokeLinecap="round"
      />
    </>
  ),
  noPot: (
    <>
      <path d="M12 16 H36 L32 44 H16 Z" fill="none" stroke={SOIL} strokeWidth={2} strokeDasharray="5 4" />
      <path d="M26 16 L22 26 L27 31 L24 40" stroke="var(--clay)" strokeWidth={2} fill="none" />
    </>
  ),
};

export function SignGlyph({ sign }: { readonly sign: SignKey }) {
  return (
    <svg width={48} height={48} viewBox="0 0 48 48" aria-hidden="true" focusable="false">
      {glyphs[sign]}
    </svg>
  );
}
