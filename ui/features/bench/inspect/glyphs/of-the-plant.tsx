/** Roots, bulbs and sheaths as they are found. */
import { PSEUDOBULB, LEAF, LEAF_LINE } from '../../../../drawing/plant/colors';
import { Roots } from './roots';

function Bulb({
  d,
  fill = PSEUDOBULB,
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

export const plantGlyphs = {
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
  sheath: (
    <>
      <ellipse cx={24} cy={30} rx={10} ry={15} fill={PSEUDOBULB} stroke={LEAF_LINE} />
      <path
        d="M12 44 C10 26 16 16 24 10 C20 24 20 34 26 46 Z M36 44 C39 30 34 22 28 16 C32 28 32 36 30 46 Z"
        fill="#d9c9a1"
        stroke="#8a7446"
      />
    </>
  ),
  stripped: (
    <>
      <ellipse cx={20} cy={28} rx={10} ry={16} fill={PSEUDOBULB} stroke={LEAF_LINE} />
      <path d="M34 46 C32 38 36 30 44 26 C44 34 42 42 38 46 Z" fill="#d9c9a1" stroke="#8a7446" />
    </>
  ),
} as const satisfies Readonly<Record<string, React.JSX.Element>>;
