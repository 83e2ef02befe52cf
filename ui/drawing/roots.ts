/** Roots as they run through the main layer, at their true thickness. The same plant, the same roots. */
import { seededRandom } from './chance/seeded-random';

export interface RootPath {
  readonly points: readonly { readonly xCm: number; readonly yCm: number }[];
  readonly hasTip: boolean;
}

export interface RootBox {
  readonly startXCm: number;
  readonly startYCm: number;
  readonly ballRadiusCm: number;
  readonly floorCm: number;
  readonly halfWidthCm: (heightCm: number) => number;
  readonly count: number;
  readonly isGrowing: boolean;
}

const STEP_CM = 0.55;

export function growRoots(box: RootBox, seed: number): readonly RootPath[] {
  const random = seededRandom(seed);
  return Array.from({ length: box.count }, (_, k) => {
    const spread = ((k + 0.5) / box.count) * 2 - 1;
    let heading = -Math.PI / 2 + spread * 1.25;
    let x = box.startXCm + spread * 0.4;
    let y = box.startYCm;
    const points = [{ xCm: x, yCm: y }];
    const length = box.ballRadiusCm * (1.1 + random() * 0.9);
    for (let run = 0; run < length; run += STEP_CM) {
      heading += (random() - 0.5) * 0.8 + (-Math.PI / 2 - heading) * 0.12;
      const nextX = x + Math.cos(heading) * STEP_CM;
      const nextY = y + Math.sin(heading) * STEP_CM;
      const half = box.halfWidthCm(nextY) - 0.3;
      if (nextY < box.floorCm + 0.3 || Math.abs(nextX) > half) {
        // A root that meets wall or floor turns along it.
        heading = nextY < box.floorCm + 0.3 ? (Math.cos(heading) >= 0 ? 0 : Math.PI) : -Math.PI / 2;
        continue;
      }
      x = nextX;
      y = nextY;
      points.push({ xCm: x, yCm: y });
    }
    return { points, hasTip: box.isGrowing && k % 2 === 0 };
  });
}

/** A smooth path through the points; y points down. */
export function rootPath(root: RootPath): string {
  const [first, ...rest] = root.points;
  if (!first) return '';
  let d = `M${first.xCm.toFixed(2)} ${(-first.yCm).toFixed(2)}`;
  rest.forEach((point, i) => {
    const next = rest[i + 1];
    if (!next) d += ` L${point.xCm.toFixed(2)} ${(-point.yCm).toFixed(2)}`;
    else {
      const mx = (point.xCm + next.xCm) / 2;
      const my = (point.yCm + next.yCm) / 2;
      d += ` Q${point.xCm.toFixed(2)} ${(-point.yCm).toFixed(2)} ${mx.toFixed(2)} ${(-my).toFixed(2)}`;
    }
  });
  return d;
}
