/** Where a word beside the level line lies on no curve. */

/** In pixels of the chart, y downwards. */
export interface ChartPoint {
  readonly x: number;
  readonly y: number;
}

export interface Room {
  readonly side: 'left' | 'right';
  /** Its foot stands on the line, or its head hangs from it. */
  readonly lies: 'above' | 'below';
}

interface Asked {
  readonly curves: readonly (readonly ChartPoint[])[];
  readonly left: number;
  readonly right: number;
  readonly top: number;
  readonly bottom: number;
  /** Of the level line. */
  readonly y: number;
  readonly widthPx: number;
  readonly heightPx: number;
}

/** In the order in which they are liked. */
const rooms: readonly Room[] = [
  { side: 'right', lies: 'above' },
  { side: 'right', lies: 'below' },
  { side: 'left', lies: 'above' },
  { side: 'left', lies: 'below' },
];

/** How many points of the curves a room holds; Infinity where it leaves the chart. */
function pointsIn({ side, lies }: Room, asked: Asked): number {
  const x0 = side === 'left' ? asked.left : asked.right - asked.widthPx;
  const y0 = lies === 'above' ? asked.y - asked.heightPx : asked.y;
  if (y0 < asked.top || y0 + asked.heightPx > asked.bottom) return Infinity;
  return asked.curves
    .flat()
    .filter(({ x, y }) => x >= x0 && x <= x0 + asked.widthPx && y >= y0 && y <= y0 + asked.heightPx).length;
}

/** The first of the rooms that holds the fewest points. */
export function freeRoom(asked: Asked): Room {
  const counts = rooms.map((room) => pointsIn(room, asked));
  return rooms[counts.indexOf(Math.min(...counts))]!;
}
