/** Draws pieces in cm, kind by kind. */
import { mediumColors } from '../theme/tokens';
import { piecePaths, type PiecePaths } from './piece-paths';
import type { Piece } from './pieces';

const OUTLINE = '#2a302c';
const UNKNOWN = '#999999';

/** How what is drawn on a kind of piece looks; pits are filled, the others are lines. */
const details: Partial<Record<PiecePaths['shape'], { color: string; opacity: number; isFilled?: boolean }>> = {
  chip: { color: OUTLINE, opacity: 0.55 },
  round: { color: '#ffffff', opacity: 0.6 },
  pitted: { color: OUTLINE, opacity: 0.55, isFilled: true },
  block: { color: '#ffffff', opacity: 0.35 },
  plate: { color: OUTLINE, opacity: 0.6 },
};

export function PieceShapes({ pieces }: { readonly pieces: readonly Piece[] }) {
  return (
    <>
      {piecePaths(pieces).map((kind) => (
        <Kind key={kind.key} kind={kind} />
      ))}
    </>
  );
}

function Kind({ kind }: { readonly kind: PiecePaths }) {
  const { family, shape, body, detail, lineCm, strandCm } = kind;
  const fill = mediumColors[family] ?? UNKNOWN;
  if (shape === 'strand') {
    return (
      <g fill="none" strokeLinecap="round">
        <path d={body} stroke={OUTLINE} strokeWidth={strandCm * 1.35} opacity={0.5} />
        <path d={body} stroke={fill} strokeWidth={strandCm} />
      </g>
    );
  }
  const look = details[shape];
  return (
    <g>
      <path d={body} fill={fill} stroke={OUTLINE} strokeWidth={lineCm} />
      {detail === '' || !look ? null : look.isFilled ? (
        <path d={detail} fill={look.color} opacity={look.opacity} />
      ) : (
        <path d={detail} fill="none" stroke={look.color} strokeWidth={lineCm} opacity={look.opacity} />
      )}
    </g>
  );
}
