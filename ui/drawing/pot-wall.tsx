/** The wall, cut: thick and speckled for clay, thin for plastic, broken for slots, nets and slats. */
import { type Pot, widthAtCm } from '@core';
import { colors } from '../theme/tokens';

const fills: Readonly<Record<Pot['wall'], string>> = {
  plastic: '#55605b',
  'clear plastic': '#b9cdd2',
  'unglazed clay': '#b5623f',
  'glazed clay': '#4d6b7d',
  wood: '#8a6a43',
  wire: '#6b6f6c',
};

export function PotWall({ pot }: { readonly pot: Pot }) {
  const thick = Math.max(0.16, pot.wallThicknessMm / 10);
  const half = (heightCm: number) => widthAtCm(pot, heightCm) / 2;
  const isBroken = pot.openShare >= 0.1;
  const side = (sign: 1 | -1) => {
    const outerTop = sign * (half(pot.heightCm) + thick);
    const innerTop = sign * half(pot.heightCm);
    const outerBase = sign * (half(0) + thick);
    const innerBase = sign * half(0);
    return `M${innerTop} ${-pot.heightCm} L${outerTop} ${-pot.heightCm} L${outerBase} ${thick} L${innerBase} 0 Z`;
  };
  const holes = pot.baseOpenAreaCm2 > 0 ? 3 : 0;
  const baseWidth = pot.baseDiameterCm + 2 * thick;
  return (
    <g data-part="wall" stroke={colors.ink} strokeWidth={0.06}>
      {([1, -1] as const).map((sign) =>
        isBroken ? (
          <path
            key={sign}
            d={`M${sign * (half(pot.heightCm) + thick / 2)} ${-pot.heightCm} L${sign * (half(0) + thick / 2)} 0`}
            stroke={fills[pot.wall]}
            strokeWidth={thick}
            strokeDasharray={pot.openShare > 0.3 ? '0.9 0.7' : '1.6 0.35'}
          />
        ) : (
          <path key={sign} d={side(sign)} fill={fills[pot.wall]} />
        ),
      )}
      <rect x={-baseWidth / 2} y={0} width={baseWidth} height={thick} fill={fills[pot.wall]} />
      {Array.from({ length: holes }, (_, k) => {
        const at = ((k + 0.5) / holes - 0.5) * pot.baseDiameterCm * 0.8;
        return (
          <rect key={k} x={at - 0.35} y={-0.02} width={0.7} height={thick + 0.04} fill={colors.ground} stroke="none" />
        );
      })}
      {pot.cone ? (
        <path
          d={`M${-pot.cone.baseDiameterCm / 2} 0 L${-pot.cone.tipDiameterCm / 2} ${-pot.cone.heightCm} H${pot.cone.tipDiameterCm / 2} L${pot.cone.baseDiameterCm / 2} 0 Z`}
          fill={colors.ground}
          strokeWidth={0.12}
          stroke={fills[pot.wall]}
          strokeDasharray="0.5 0.22"
        />
      ) : null}
      {pot.wall === 'unglazed clay'
        ? Array.from({ length: 14 }, (_, k) => {
            const h = ((k + 0.5) / 14) * pot.heightCm;
            const sign = k % 2 === 0 ? 1 : -1;
            return (
              <circle
                key={k}
                cx={sign * (half(h) + thick / 2)}
                cy={-h}
                r={0.07}
                fill={colors.ink}
                stroke="none"
                opacity={0.5}
              />
            );
          })
        : null}
    </g>
  );
}
