/** Words beside a drawing, with a line to what they speak of. */
import { nb } from '../controls/nb';
import { colors } from '../theme/tokens';

/** Lines of labels, and how wide a letter is of them, px. */
export const LINE_PX = 15;
export const LETTER_PX = 7.4;

/** Breaks a text into lines of about so many letters; a number stays with its unit. */
export function wrap(text: string, letters: number): string[] {
  const lines: string[] = [];
  for (const word of nb(text).split(' ')) {
    const last = lines[lines.length - 1];
    if (last !== undefined && last.length + word.length < letters) lines[lines.length - 1] = `${last} ${word}`;
    else lines.push(word);
  }
  return lines;
}

export interface LabelProps {
  /** Where the words begin and their middle is; where they end, when they stand left of what they speak of. */
  readonly xPx: number;
  readonly yPx: number;
  /** What it speaks of. */
  readonly fromPx: number;
  readonly fromYPx: number;
  readonly lines: readonly string[];
}

export function Label({ xPx, yPx, fromPx, fromYPx, lines }: LabelProps) {
  const startY = yPx - ((lines.length - 1) * LINE_PX) / 2 + 4;
  const isLeft = xPx < fromPx;
  return (
    <g pointerEvents="none">
      <path
        d={`M${fromPx + (isLeft ? -2 : 6)} ${fromYPx} L${xPx + (isLeft ? 5 : -5)} ${yPx}`}
        stroke={colors.inkSoft}
        strokeWidth={1}
      />
      {lines.map((line, i) => (
        <text
          key={i}
          x={xPx}
          y={startY + i * LINE_PX}
          fontSize={13}
          fill={colors.ink}
          textAnchor={isLeft ? 'end' : 'start'}
          fontWeight={i === 0 ? 650 : 400}
        >
          {line}
        </text>
      ))}
    </g>
  );
}
