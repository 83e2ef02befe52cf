/** The outline of a leaf along its bent middle. */
import type { LeafKind } from './forms';

const STEPS = 9;

/** Widest at this part of the length, how wide for its length, how far it bends down. */
const kinds: Readonly<Record<LeafKind, { widest: number; wide: number; droop: number }>> = {
  strap: { widest: 0.55, wide: 0.17, droop: 0.55 },
  oval: { widest: 0.5, wide: 0.24, droop: 0.2 },
  sword: { widest: 0.3, wide: 0.085, droop: 0.5 },
  pencil: { widest: 0.3, wide: 0.06, droop: 0.15 },
  pleated: { widest: 0.5, wide: 0.26, droop: 0.35 },
};

export interface Leaf {
  readonly outline: string;
  /** The middle, and of pleated leaves the folds beside it. */
  readonly veins: string;
  readonly tip: readonly [number, number];
}

/** leanDeg: from upright, to the right; long: cm. In cm, y points down, the base at x, y. */
export function leafOf(kind: LeafKind, x: number, y: number, long: number, leanDeg: number): Leaf {
  const { widest, wide, droop } = kinds[kind];
  const lean = (leanDeg * Math.PI) / 180;
  const side = Math.sign(leanDeg) || 1;
  // The tip leans further than the base does.
  const tipLean = lean + side * droop;
  const control = [x + Math.sin(lean) * long * 0.55, y - Math.cos(lean) * long * 0.55] as const;
  const tip = [control[0] + Math.sin(tipLean) * long * 0.45, control[1] - Math.cos(tipLean) * long * 0.45] as const;
  const at = (t: number) => {
    const u = 1 - t;
    return [
      u * u * x + 2 * u * t * control[0] + t * t * tip[0],
      u * u * y + 2 * u * t * control[1] + t * t * tip[1],
    ] as const;
  };
  const sideways = (t: number) => {
    const [ax, ay] = at(Math.max(0, t - 0.02));
    const [bx, by] = at(Math.min(1, t + 0.02));
    const length = Math.hypot(bx - ax, by - ay) || 1;
    return [-(by - ay) / length, (bx - ax) / length] as const;
  };
  const half = (t: number) => {
    const rise = t < widest ? t / widest : (1 - t) / (1 - widest);
    return (long * wide * Math.sin((Math.PI / 2) * rise) ** 0.8) / 2;
  };
  const edge = (sign: number) =>
    Array.from({ length: STEPS + 1 }, (_, k) => {
      const t = k / STEPS;
      const [px, py] = at(t);
      const [sx, sy] = sideways(t);
      return `${(px + sign * sx * half(t)).toFixed(2)} ${(py + sign * sy * half(t)).toFixed(2)}`;
    });
  const along = (share: number) =>
    `M${Array.from({ length: STEPS }, (_, k) => {
      const t = 0.06 + (0.88 * k) / (STEPS - 1);
      const [px, py] = at(t);
      const [sx, sy] = sideways(t);
      return `${(px + share * sx * half(t)).toFixed(2)} ${(py + share * sy * half(t)).toFixed(2)}`;
    }).join('L')}`;
  return {
    outline: `M${[...edge(1), ...edge(-1).reverse()].join('L')}Z`,
    veins: kind === 'pleated' ? along(0) + along(0.5) + along(-0.5) : along(0),
    tip,
  };
}
