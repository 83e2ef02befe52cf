'use client';

/** Pieces of a medium at one scale beside a root of 1, 3 and 6 mm, and water and air against depth. */
import { useMemo } from 'react';
import { airFilledPorosity, containerCapacity, hydraulicsOf, mediumById, mmToInch, sievesOf } from '@core';
import { cm, number, percent, piecesBesideRoots } from '@core/words';
import { packPieces } from './pieces';
import { PieceShapes } from './piece-shapes';
import { colors, mediumColors } from '../theme/tokens';
import { ROOT, ROOT_LINE } from './plant/colors';
import { useUnits } from '../data/units-context';
import styles from './medium-picture.module.css';

const BOX_CM = 6;
const depthsCm = [3, 6, 10, 15, 20] as const;

export function MediumPicture({ mediumId }: { readonly mediumId: string }) {
  const { units } = useUnits();
  const medium = mediumById(mediumId);
  const hydraulics = hydraulicsOf(medium);
  const { staysOn, passes } = sievesOf(medium);
  const pieces = useMemo(
    () =>
      packPieces(
        [{ medium: mediumById(mediumId), parts: 1 }],
        { halfWidthCm: () => BOX_CM / 2, innerHalfCm: () => 0, fromCm: 0, toCm: BOX_CM },
        7,
      ),
    [mediumId],
  );
  return (
    <figure className={styles.picture}>
      <svg
        viewBox={`${-BOX_CM / 2 - 0.2} ${-BOX_CM - 0.2} ${BOX_CM + 3.6} ${BOX_CM + 0.4}`}
        width="100%"
        role="img"
        aria-label={piecesBesideRoots(medium.name)}
      >
        <rect
          x={-BOX_CM / 2}
          y={-BOX_CM}
          width={BOX_CM}
          height={BOX_CM}
          fill={mediumColors[medium.family]}
          opacity={0.25}
          stroke={colors.ink}
          strokeWidth={0.04}
        />
        <g>
          <PieceShapes pieces={pieces} />
        </g>
        {[1, 3, 6].map((rootMm, i) => (
          <g key={rootMm}>
            <path
              d={`M${BOX_CM / 2 + 0.7 + i} ${-BOX_CM + 0.2} V-0.6`}
              stroke={ROOT_LINE}
              strokeWidth={rootMm / 10 + 0.06}
            />
            <path d={`M${BOX_CM / 2 + 0.7 + i} ${-BOX_CM + 0.2} V-0.6`} stroke={ROOT} strokeWidth={rootMm / 10} />
            <text x={BOX_CM / 2 + 0.7 + i} y={-0.1} fontSize={0.34} textAnchor="middle" fill={colors.ink}>
              {rootMm} mm
            </text>
          </g>
        ))}
      </svg>
      <figcaption>
        A box of {cm(BOX_CM, units)}, beside roots of three widths. Stays on sieve {staysOn.designation}, passes{' '}
        {passes.designation}: {number(mmToInch(medium.d10Mm), 2)}–{number(mmToInch(medium.d90Mm), 2)} in.
      </figcaption>
      <table>
        <caption>Drained, by depth of the bed</caption>
        <thead>
          <tr>
            <th scope="col">depth</th>
            <th scope="col">water</th>
            <th scope="col">air</th>
          </tr>
        </thead>
        <tbody>
          {depthsCm.map((depth) => (
            <tr key={depth}>
              <td>{cm(depth, units)}</td>
              <td>{percent(containerCapacity(hydraulics, depth))}</td>
              <td>{percent(airFilledPorosity(hydraulics, depth))}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </figure>
  );
}
