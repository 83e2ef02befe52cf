'use client';

/** Roots of a genus, thinnest to thickest, beside pieces of the media that suit them, all to one scale. */
import { useMemo } from 'react';
import { byFit, type Genus, mediaCatalogue, mediumById, type MediumFigures, typicalRootMm } from '@core';
import { mm, mmRange, type WordUnits, rootsBesidePieces } from '@core/words';
import { packPieces } from '../../drawing/pieces';
import { PieceShapes } from '../../drawing/piece-shapes';
import { ROOT, ROOT_LINE } from '../../drawing/plant/colors';
import { colors, mediumColors } from '../../theme/tokens';

interface RootsAndPiecesProps {
  readonly genus: Genus;
  readonly units: WordUnits;
}

const BOX_CM = 3.4;
const GAP_CM = 0.5;
const BOXES = 5;
const families = ['conifer bark', 'expanded clay', 'pumice', 'charcoal', 'lava'] as const;

function fittingMedia(genus: Genus): readonly MediumFigures[] {
  const all = mediaCatalogue.map((entry) => mediumById(entry.id));
  return families.map(
    (family) =>
      byFit(
        all.filter((medium) => medium.family === family),
        typicalRootMm(genus),
      )[0]!,
  );
}

export function RootsAndPieces({ genus, units }: RootsAndPiecesProps) {
  const boxes = useMemo(
    () =>
      fittingMedia(genus).map((medium) => ({
        medium,
        pieces: packPieces(
          [{ medium, parts: 1 }],
          { halfWidthCm: () => BOX_CM / 2, innerHalfCm: () => 0, fromCm: 0, toCm: BOX_CM },
          31,
        ),
      })),
    [genus],
  );
  const roots = [genus.rootThinnestMm, typicalRootMm(genus), genus.rootThickestMm];
  const rootsWidth = 3.5;
  const width = rootsWidth + BOXES * (BOX_CM + GAP_CM);
  return (
    <svg
      viewBox={`-0.2 -0.4 ${width + 0.4} ${BOX_CM + 2}`}
      width="100%"
      role="img"
      aria-label={rootsBesidePieces(mmRange(genus.rootThinnestMm, genus.rootThickestMm, units))}
    >
      {roots.map((rootMm, i) => {
        const x = 0.5 + i * 1.05;
        const d = `M${x} 0 C${x + 0.3} 1 ${x - 0.3} 2.2 ${x + 0.1} ${BOX_CM}`;
        return (
          <g key={i} fill="none" strokeLinecap="round">
            <path d={d} stroke={ROOT_LINE} strokeWidth={rootMm / 10 + 0.05} />
            <path d={d} stroke={ROOT} strokeWidth={rootMm / 10} />
            <text
              x={x + 0.1}
              y={BOX_CM + (i === 1 ? 1 : 0.55)}
              fontSize={0.3}
              textAnchor="middle"
              fill={colors.ink}
              stroke="none"
            >
              {mm(rootMm, units).replace(' ', '\u00a0')}
            </text>
          </g>
        );
      })}
      {boxes.map(({ medium, pieces }, i) => (
        <g key={medium.id} transform={`translate(${rootsWidth + i * (BOX_CM + GAP_CM) + BOX_CM / 2} ${BOX_CM})`}>
          <rect
            x={-BOX_CM / 2}
            y={-BOX_CM}
            width={BOX_CM}
            height={BOX_CM}
            rx={0.15}
            fill={mediumColors[medium.family]}
            opacity={0.25}
          />
          <PieceShapes pieces={pieces} />
          <path
            d={`M${-BOX_CM * 0.3} ${-BOX_CM} C${-BOX_CM * 0.1} ${-BOX_CM * 0.7} ${BOX_CM * 0.2} ${-BOX_CM * 0.45} ${-BOX_CM * 0.05} -0.4`}
            fill="none"
            stroke={ROOT_LINE}
            strokeWidth={typicalRootMm(genus) / 10 + 0.05}
            strokeLinecap="round"
          />
          <path
            d={`M${-BOX_CM * 0.3} ${-BOX_CM} C${-BOX_CM * 0.1} ${-BOX_CM * 0.7} ${BOX_CM * 0.2} ${-BOX_CM * 0.45} ${-BOX_CM * 0.05} -0.4`}
            fill="none"
            stroke={ROOT}
            strokeWidth={typicalRootMm(genus) / 10}
            strokeLinecap="round"
          />
          <text y={0.55} fontSize={0.32} textAnchor="middle" fill={colors.ink}>
            {medium.name.replace(/ \d.*mm$/, '')}
          </text>
          <text y={1} fontSize={0.3} textAnchor="middle" fill={colors.inkSoft}>
            {mmRange(medium.d10Mm, medium.d90Mm, units)}
          </text>
        </g>
      ))}
    </svg>
  );
}
