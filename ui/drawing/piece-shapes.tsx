/**
 * One outline for each kind of piece, so that media differ without colour: slivers of bark, round
 * pebbles, angular granules, pitted pumice and lava, strands of moss, blocks, plates, crumbs.
 */
import { mediumColors } from '../theme/tokens';
import type { Piece } from './pieces';

const OUTLINE = '#2a302c';

function polygon(corners: number, radius: number, grain: number, squash: number): string {
  const points: string[] = [];
  for (let k = 0; k < corners; k += 1) {
    const angle = ((k + 0.35 * Math.sin(grain * 40 + k * 2.7)) / corners) * Math.PI * 2;
    const reach = radius * (0.86 + 0.2 * Math.sin(grain * 90 + k * 5.1));
    points.push(`${(Math.cos(angle) * reach).toFixed(3)},${(Math.sin(angle) * reach * squash).toFixed(3)}`);
  }
  return points.join(' ');
}

/** Draws one piece in cm units; y points down. */
export function PieceShape({ piece }: { readonly piece: Piece }) {
  const fill = mediumColors[piece.family] ?? '#999999';
  const r = piece.radiusCm;
  const line = Math.min(0.045, r * 0.18);
  const place = `translate(${piece.xCm.toFixed(3)} ${(-piece.yCm).toFixed(3)}) rotate(${piece.turn.toFixed(0)})`;
  switch (piece.shape) {
    case 'chip':
      return (
        <g transform={place}>
          <polygon points={polygon(6, r * 1.16, piece.grain, 0.6)} fill={fill} stroke={OUTLINE} strokeWidth={line} />
          <path
            d={`M${-r * 0.7} ${r * 0.05} L${r * 0.7} ${-r * 0.08}`}
            stroke={OUTLINE}
            strokeWidth={line * 0.8}
            opacity={0.55}
          />
        </g>
      );
    case 'round':
      return (
        <g transform={place}>
          <ellipse rx={r} ry={r * (0.82 + piece.grain * 0.18)} fill={fill} stroke={OUTLINE} strokeWidth={line} />
          <path
            d={`M${-r * 0.45} ${-r * 0.3} A ${r * 0.6} ${r * 0.6} 0 0 1 ${r * 0.2} ${-r * 0.52}`}
            fill="none"
            stroke="#ffffff"
            strokeWidth={line * 1.4}
            opacity={0.6}
          />
        </g>
      );
    case 'granule':
      return (
        <g transform={place}>
          <polygon points={polygon(7, r, piece.grain, 0.9)} fill={fill} stroke={OUTLINE} strokeWidth={line} />
        </g>
      );
    case 'pitted':
      return (
        <g transform={place}>
          <polygon points={polygon(9, r, piece.grain, 0.85)} fill={fill} stroke={OUTLINE} strokeWidth={line} />
          <circle cx={-r * 0.3} cy={-r * 0.2} r={r * 0.14} fill={OUTLINE} opacity={0.55} />
          <circle cx={r * 0.28} cy={r * 0.12} r={r * 0.17} fill={OUTLINE} opacity={0.55} />
          <circle cx={-r * 0.05} cy={r * 0.38} r={r * 0.11} fill={OUTLINE} opacity={0.55} />
        </g>
      );
    case 'block':
      return (
        <g transform={place}>
          <rect x={-r} y={-r * 0.72} width={r * 2} height={r * 1.44} fill={fill} stroke={OUTLINE} strokeWidth={line} />
          <path
            d={`M${-r * 0.9} ${-r * 0.2} H${r * 0.9} M${-r * 0.9} ${r * 0.28} H${r * 0.9}`}
            stroke="#ffffff"
            strokeWidth={line}
            opacity={0.35}
          />
        </g>
      );
    case 'plate':
      return (
        <g transform={place}>
          <rect
            x={-r}
            y={-r * 0.35}
            width={r * 2}
            height={r * 0.7}
            rx={r * 0.1}
            fill={fill}
            stroke={OUTLINE}
            strokeWidth={line}
          />
          <path d={`M${-r} 0 H${r}`} stroke={OUTLINE} strokeWidth={line * 0.7} opacity={0.6} />
        </g>
      );
    case 'crumb':
      return (
        <g transform={place}>
          <polygon
            points={polygon(5, r * 0.9, piece.grain, 0.8)}
            fill={fill}
            stroke={OUTLINE}
            strokeWidth={line * 0.6}
          />
        </g>
      );
    case 'strand':
      return (
        <g transform={place}>
          <path
            d={`M${-r * 2.6} 0 Q${-r} ${-r * 1.8} 0 0 T${r * 2.6} ${r * 0.4}`}
            fill="none"
            stroke={OUTLINE}
            strokeWidth={Math.min(0.16, r * 0.95)}
            strokeLinecap="round"
            opacity={0.5}
          />
          <path
            d={`M${-r * 2.6} 0 Q${-r} ${-r * 1.8} 0 0 T${r * 2.6} ${r * 0.4}`}
            fill="none"
            stroke={fill}
            strokeWidth={Math.min(0.12, r * 0.7)}
            strokeLinecap="round"
          />
        </g>
      );
  }
}
