/**
 * One outline for each kind of piece, so that media differ without colour: slivers of bark, round
 * pebbles, angular granules, pitted pumice and lava, strands of moss, blocks, plates, crumbs.
 *
 * All pieces of a kind that do not touch make one path: a browser draws a path of a thousand outlines at once, and a thousand elements one
 * by one.
 */
import type { PieceShape } from '@core';
import type { Piece } from './pieces';

/** Pieces of one family and shape in one layer, in cm; y points down. */
export interface PiecePaths {
  readonly key: string;
  readonly family: string;
  readonly shape: PieceShape;
  readonly body: string;
  /** What is drawn on the bodies: grain, light, pits; empty where there is nothing. */
  readonly detail: string;
  /** Width of the outlines, and of what strands are made of, cm. */
  readonly lineCm: number;
  readonly strandCm: number;
}

/** From the piece's own axes to the drawing's. */
type Place = (x: number, y: number) => string;

const show = (value: number): string => value.toFixed(3);

function placeOf({ xCm, yCm, turn }: Piece): Place {
  const angle = (turn * Math.PI) / 180;
  const cos = Math.cos(angle);
  const sin = Math.sin(angle);
  return (x, y) => `${show(xCm + x * cos - y * sin)} ${show(-yCm + x * sin + y * cos)}`;
}

function polygon(at: Place, corners: number, radius: number, grain: number, squash: number): string {
  let d = '';
  for (let k = 0; k < corners; k += 1) {
    const angle = ((k + 0.35 * Math.sin(grain * 40 + k * 2.7)) / corners) * Math.PI * 2;
    const reach = radius * (0.86 + 0.2 * Math.sin(grain * 90 + k * 5.1));
    d += `${k === 0 ? 'M' : 'L'}${at(Math.cos(angle) * reach, Math.sin(angle) * reach * squash)}`;
  }
  return `${d}Z`;
}

function box(at: Place, halfWide: number, halfHigh: number): string {
  const corners = [at(-halfWide, -halfHigh), at(halfWide, -halfHigh), at(halfWide, halfHigh), at(-halfWide, halfHigh)];
  return `M${corners.join('L')}Z`;
}

/** An ellipse about a point of the piece, as two arcs. */
function ellipse(at: Place, turn: number, x: number, y: number, rx: number, ry: number): string {
  const arc = `A${show(rx)} ${show(ry)} ${turn.toFixed(0)} 1 1 `;
  return `M${at(x - rx, y)}${arc}${at(x + rx, y)}${arc}${at(x - rx, y)}Z`;
}

const stroke = (at: Place, fromX: number, fromY: number, toX: number, toY: number): string =>
  `M${at(fromX, fromY)}L${at(toX, toY)}`;

interface Drawn {
  readonly body: string;
  readonly detail: string;
}

/** Local shapes in cm; r: the piece's radius. */
const draw: Readonly<Record<PieceShape, (piece: Piece, at: Place) => Drawn>> = {
  chip: ({ radiusCm: r, grain }, at) => ({
    body: polygon(at, 6, r * 1.16, grain, 0.6),
    detail: stroke(at, -r * 0.7, r * 0.05, r * 0.7, -r * 0.08),
  }),
  round: ({ radiusCm: r, grain, turn }, at) => ({
    body: ellipse(at, turn, 0, 0, r, r * (0.82 + grain * 0.18)),
    detail: `M${at(-r * 0.45, -r * 0.3)}A${show(r * 0.6)} ${show(r * 0.6)} 0 0 1 ${at(r * 0.2, -r * 0.52)}`,
  }),
  granule: ({ radiusCm: r, grain }, at) => ({ body: polygon(at, 7, r, grain, 0.9), detail: '' }),
  pitted: ({ radiusCm: r, grain, turn }, at) => ({
    body: polygon(at, 9, r, grain, 0.85),
    detail:
      ellipse(at, turn, -r * 0.3, -r * 0.2, r * 0.14, r * 0.14) +
      ellipse(at, turn, r * 0.28, r * 0.12, r * 0.17, r * 0.17) +
      ellipse(at, turn, -r * 0.05, r * 0.38, r * 0.11, r * 0.11),
  }),
  block: ({ radiusCm: r }, at) => ({
    body: box(at, r, r * 0.72),
    detail: stroke(at, -r * 0.9, -r * 0.2, r * 0.9, -r * 0.2) + stroke(at, -r * 0.9, r * 0.28, r * 0.9, r * 0.28),
  }),
  plate: ({ radiusCm: r }, at) => ({ body: box(at, r, r * 0.35), detail: stroke(at, -r, 0, r, 0) }),
  crumb: ({ radiusCm: r, grain }, at) => ({ body: polygon(at, 5, r * 0.9, grain, 0.8), detail: '' }),
  strand: ({ radiusCm: r }, at) => ({
    body: `M${at(-r * 2.6, 0)}Q${at(-r, -r * 1.8)} ${at(0, 0)}T${at(r * 2.6, r * 0.4)}`,
    detail: '',
  }),
};

const MOST_LINE_CM = 0.045;
const LINE_SHARE = 0.18;
const MOST_STRAND_CM = 0.12;
const STRAND_SHARE = 0.7;

/** How far outlines reach beyond a piece's radius: nearer ones may touch. */
const REACH = 1.2;

/** What lies on another is in a layer above it; within a layer no two outlines touch, so that none shows through another. */
function layersOf(pieces: readonly Piece[]): readonly number[] {
  const layers: number[] = [];
  pieces.forEach((piece, i) => {
    let layer = 0;
    for (let k = 0; k < i; k += 1) {
      const below = pieces[k]!;
      const reach = (below.radiusCm + piece.radiusCm) * REACH;
      const dx = below.xCm - piece.xCm;
      const dy = below.yCm - piece.yCm;
      if (layers[k]! >= layer && dx * dx + dy * dy < reach * reach) layer = layers[k]! + 1;
    }
    layers.push(Math.min(layer, MOST_LAYERS - 1));
  });
  return layers;
}

/** Of a deep heap only the upper ones tell. */
const MOST_LAYERS = 6;

/** All pieces as a few paths: from the lowest layer up, and in each by kinds in the order in which they first lie there. */
export function piecePaths(pieces: readonly Piece[]): readonly PiecePaths[] {
  const layers = layersOf(pieces);
  const groups = new Map<string, { readonly layer: number; readonly list: Piece[] }>();
  pieces.forEach((piece, i) => {
    const layer = layers[i]!;
    const key = `${layer}|${piece.family}|${piece.shape}`;
    const group = groups.get(key);
    if (group) group.list.push(piece);
    else groups.set(key, { layer, list: [piece] });
  });
  const inOrder = [...groups.entries()].sort(([, a], [, b]) => a.layer - b.layer);
  return inOrder.map(([key, { list }]) => {
    const drawn = list.map((piece) => draw[piece.shape](piece, placeOf(piece)));
    const meanCm = list.reduce((sum, { radiusCm }) => sum + radiusCm, 0) / list.length;
    const { family, shape } = list[0]!;
    return {
      key,
      family,
      shape,
      body: drawn.map(({ body }) => body).join(''),
      detail: drawn.map(({ detail }) => detail).join(''),
      lineCm: Math.min(MOST_LINE_CM, meanCm * LINE_SHARE),
      strandCm: Math.min(MOST_STRAND_CM, meanCm * STRAND_SHARE),
    };
  });
}
