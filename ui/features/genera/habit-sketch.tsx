/** The plant as it stands, beside a ruler. */
import { habitToScale } from '@core/words';
import { type Genus, signsOf, typicalRootBallCm } from '@core';
import { PlantSketch } from '../../drawing/plant/plant-sketch';
import { colors } from '../../theme/tokens';

const SHOWN_CM = 60;
const SHOOTS = 4;
const REACH_PX = 110;

export function HabitSketch({ genus }: { readonly genus: Genus }) {
  const heightCm = Math.min(genus.heightCm, SHOWN_CM);
  const room = Math.max(12, heightCm * 1.15);
  const scale = 250 / room;
  const shootCount = genus.habit === 'single stem' ? 1 : SHOOTS;
  const every = room > 40 ? 10 : room > 16 ? 5 : 2;
  return (
    <svg viewBox="0 0 260 300" width={260} height={300} role="img" aria-label={habitToScale(genus.name)}>
      <path d="M10 270 H250" stroke={colors.inkSoft} strokeWidth={2} />
      {Array.from({ length: Math.floor(room / every) + 1 }, (_, k) => (
        <g key={k}>
          <path d={`M14 ${270 - k * every * scale} h8`} stroke={colors.inkSoft} />
          {k > 0 ? (
            <text x={26} y={274 - k * every * scale} fontSize={11} fill={colors.inkSoft}>
              {k * every}
              {k === 1 ? ' cm' : ''}
            </text>
          ) : null}
        </g>
      ))}
      <g transform={`translate(145 270) scale(${scale})`}>
        <PlantSketch
          plant={{
            genus,
            habit: genus.habit,
            shootCount,
            plantCount: 1,
            fronts: 1,
            frontsRun: 'one way',
            growthMap: null,
            liveRootShare: 1,
            rootBallDiameterCm: typicalRootBallCm(genus, shootCount),
            signs: signsOf(undefined),
            heightCm: genus.heightCm,
          }}
          xCm={0}
          baseCm={0.2}
          roomCm={heightCm}
          edgeCm={REACH_PX / scale}
          isBuried={false}
        />
      </g>
      {genus.heightCm > SHOWN_CM ? (
        <text x={250} y={16} fontSize={12} textAnchor="end" fill={colors.inkSoft}>
          shortened
        </text>
      ) : null}
    </svg>
  );
}
