/**
 * Photographs of the invented collection, drawn by us: each plant by its habit before the wall of its place, with flowers where
 * it is in bloom. The same plant and day give the same picture.
 */
import { createHash } from 'node:crypto';
import { uniformFloat64 } from 'pure-rand/distribution/uniformFloat64';
import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus';
import { genusById, type GrowthHabit } from '@core';

export interface DemoPicture {
  readonly genusId: string;
  readonly place: string;
  readonly name: string;
  /** YYYY-MM-DD */
  readonly on: string;
  /** Years with this grower: it has grown since it came. */
  readonly years: number;
  readonly inBloom: boolean;
}

const WIDTH = 900;
const HEIGHT = 1200;
const FLOOR = 1010;
/** What the camera takes of it. */
const FRAME = '120 330 660 880';

/** Numbers from 0 to 1, one after the other, the same for the same text. */
function dice(of: string): () => number {
  const generator = xoroshiro128plus(createHash('sha256').update(of).digest().readInt32BE());
  return () => uniformFloat64(generator);
}

const walls: Readonly<Record<string, readonly [wall: string, board: string]>> = {
  glasshouse: ['#cfdcd3', '#8d9aa0'],
  'lamp-shelf': ['#d9d2e0', '#5d5a66'],
  'cool-shade': ['#c6cbb8', '#7d7358'],
  'salt-stair': ['#dfe3e6', '#a7a298'],
};
const indoors = ['#e3d9c8', '#9a7a57'] as const;

const greens = ['#4f7a3f', '#5f8a4a', '#45703d', '#6c9150', '#557f52'] as const;
const petals = ['#f3eff5', '#d9a3c7', '#b54f8a', '#f0d46a', '#e8b98f', '#cfe0a8', '#9c3f52'] as const;
const pots = ['#b5653f', '#4b4f52', '#c9d2cf', '#7c4a33'] as const;

type Roll = () => number;
const of = <T>(roll: Roll, items: readonly T[]): T => items[Math.floor(roll() * items.length)]!;
const at = (n: number): string => n.toFixed(1);

/** A leaf as an arching blade from a foot, so long, leaning so far (-1 to 1). */
function blade(x: number, y: number, long: number, lean: number, wide: number, color: string): string {
  const [tipX, tipY] = [x + long * lean, y - long * (1 - 0.55 * Math.abs(lean))];
  const [midX, midY] = [x + long * lean * 0.35, y - long * (0.75 - 0.2 * Math.abs(lean))];
  return `<path d="M${at(x - wide * 0.3)} ${at(y)} Q${at(midX - wide)} ${at(midY)} ${at(tipX)} ${at(tipY)} Q${at(midX + wide)} ${at(midY + wide)} ${at(x + wide * 0.3)} ${at(y)} Z" fill="${color}"/>`;
}

function flower(x: number, y: number, size: number, color: string): string {
  const around = [0, 72, 144, 216, 288].map(
    (turn) =>
      `<ellipse cx="${at(x)}" cy="${at(y - size * 0.55)}" rx="${at(size * 0.36)}" ry="${at(size * 0.6)}" fill="${color}" stroke="#00000022" transform="rotate(${turn} ${at(x)} ${at(y)})"/>`,
  );
  return `${around.join('')}<circle cx="${at(x)}" cy="${at(y + size * 0.12)}" r="${at(size * 0.26)}" fill="#d7a83a"/>`;
}

function spray(roll: Roll, x: number, y: number, tall: number, color: string): string {
  const lean = (roll() - 0.5) * 260;
  const count = 4 + Math.floor(roll() * 4);
  const flowers = Array.from({ length: count }, (_, n) => {
    const along = 0.5 + (0.5 * n) / (count - 1);
    return flower(x + lean * along ** 2, y - tall * along, 46 - 14 * along, color);
  });
  return `<path d="M${at(x)} ${at(y)} Q${at(x)} ${at(y - tall * 0.7)} ${at(x + lean)} ${at(y - tall)}" stroke="#55703f" stroke-width="7" fill="none"/>${flowers.join('')}`;
}

type Grower = (roll: Roll, x: number, y: number, size: number, green: string) => string;

const fan: Grower = (roll, x, y, size, green) =>
  [-0.95, -0.7, -0.4, 0.4, 0.7, 0.95]
    .map((lean) => blade(x, y, size * (0.85 + 0.3 * roll()), lean * (0.9 + 0.2 * roll()), size * 0.2, green))
    .join('');

const stem: Grower = (roll, x, y, size, green) => {
  const leaves = Array.from({ length: 10 }, (_, n) => {
    const foot = y - (size * 1.2 * n) / 10;
    return blade(x, foot, size * (0.62 + 0.15 * roll()), n % 2 === 0 ? -0.85 : 0.85, size * 0.11, green);
  });
  return `<path d="M${at(x)} ${at(y)} V${at(y - size * 1.2)}" stroke="#5a6f45" stroke-width="16"/>${leaves.join('')}`;
};

const bulbs: Grower = (roll, x, y, size, green) =>
  Array.from({ length: 5 }, (_, n) => {
    const foot = x + (n - 2) * size * 0.3;
    const tall = size * (0.3 + 0.12 * roll());
    return `${blade(foot, y - tall * 0.9, size * (0.75 + 0.25 * roll()), (n - 2) * 0.28 + (roll() - 0.5) * 0.3, size * 0.16, green)}<ellipse cx="${at(foot)}" cy="${at(y - tall * 0.5)}" rx="${at(size * 0.14)}" ry="${at(tall * 0.56)}" fill="#7f9a58" stroke="#4f6b3a" stroke-width="3"/>`;
  }).join('');

const canes: Grower = (roll, x, y, size, green) =>
  Array.from({ length: 6 }, (_, n) => {
    const foot = x + (n - 2.5) * size * 0.16;
    const tall = size * (0.9 + 0.5 * roll());
    const tip = foot + (n - 2.5) * 34;
    const leaves = Array.from({ length: 5 }, (_unused, m) =>
      blade(
        foot + ((tip - foot) * (m + 1)) / 5,
        y - (tall * (m + 1)) / 5,
        size * 0.3,
        m % 2 ? -0.8 : 0.8,
        size * 0.045,
        green,
      ),
    );
    return `<path d="M${at(foot)} ${at(y)} L${at(tip)} ${at(y - tall)}" stroke="#7d8f52" stroke-width="15" stroke-linecap="round"/>${leaves.join('')}`;
  }).join('');

const ground: Grower = (roll, x, y, size, green) =>
  Array.from({ length: 7 }, (_, n) =>
    blade(x + (n - 3) * 26, y, size * (0.9 + 0.35 * roll()), (n - 3) * 0.2, size * 0.14, green),
  ).join('');

const growers: Readonly<Record<GrowthHabit, Grower>> = {
  creeping: bulbs,
  rambling: bulbs,
  clump: bulbs,
  canes,
  fans: fan,
  'single stem': fan,
  'climbing chain': canes,
  'creeping stem': ground,
  'underground bulbs': ground,
};

function pot(x: number, wide: number, color: string): string {
  const tall = wide * 0.86;
  return `<path d="M${at(x - wide / 2)} ${at(FLOOR - tall)} L${at(x - wide * 0.38)} ${FLOOR} H${at(x + wide * 0.38)} L${at(x + wide / 2)} ${at(FLOOR - tall)} Z" fill="${color}"/><rect x="${at(x - wide * 0.53)}" y="${at(FLOOR - tall - 22)}" width="${at(wide * 1.06)}" height="40" rx="9" fill="${color}"/><ellipse cx="${at(x)}" cy="${at(FLOOR - tall - 20)}" rx="${at(wide * 0.49)}" ry="20" fill="#4a3626"/>`;
}

/** As SVG. */
export function pictureOf({ genusId, place, name, on, years, inBloom }: DemoPicture): string {
  // What the plant is stays from year to year; how it was taken does not.
  const own = dice(name);
  const roll = dice(`${name}|${on}`);
  const [wall, board] = walls[place] ?? indoors;
  const { habit, heightCm } = genusById(genusId);
  const isTall = habit === 'single stem' && heightCm > 40;
  const size = Math.min(430, 190 + heightCm * 2.4) * (0.72 + Math.min(0.28, years * 0.06));
  const green = of(own, greens);
  const wide = 210 + 90 * own();
  const x = WIDTH / 2 + (roll() - 0.5) * 120;
  const y = FLOOR - wide * 0.86 - 20;
  const grow = isTall ? stem : growers[habit];
  const color = of(own, petals);
  const flowers = inBloom
    ? spray(own, x + 20, y - 40, size * 1.15, color) + spray(own, x - 30, y - 30, size * 0.95, color)
    : '';
  return `<svg xmlns="http://www.w3.org/2000/svg" width="${WIDTH}" height="${HEIGHT}" viewBox="${FRAME}">
    <defs><linearGradient id="light" x1="0" y1="0" x2="${at(0.4 + roll() * 0.6)}" y2="1"><stop offset="0" stop-color="#ffffff" stop-opacity="0.55"/><stop offset="1" stop-color="#000000" stop-opacity="0.16"/></linearGradient></defs>
    <rect width="${WIDTH}" height="${HEIGHT}" fill="${wall}"/><rect y="${FLOOR - 20}" width="${WIDTH}" height="${HEIGHT}" fill="${board}"/>
    <ellipse cx="${at(x)}" cy="${FLOOR + 4}" rx="${at(wide * 0.6)}" ry="20" fill="#00000033"/>
    ${pot(x, wide, of(own, pots))}${grow(dice(name), x, y, size, green)}${flowers}
    <rect width="${WIDTH}" height="${HEIGHT}" fill="url(#light)"/></svg>`;
}
