'use client';

/** Everyday things at their true width, with which a root can be judged by eye. */
import { useScreenScale } from '../../../data/screen-scale';
import { ROOT, ROOT_LINE } from '../../../drawing/plant/colors';
import styles from './pickers.module.css';

export const byEye = [
  { name: 'sewing thread', mm: 0.5 },
  { name: 'paper-clip wire', mm: 1 },
  { name: 'dry spaghetti', mm: 1.8 },
  { name: 'cotton-bud stick', mm: 2.5 },
  { name: 'charging cable', mm: 3.5 },
  { name: 'drinking straw', mm: 5.5 },
  { name: 'pencil', mm: 7 },
] as const;

interface RootThicknessProps {
  readonly value: number | null;
  readonly onPick: (rootDiameterMm: number) => void;
}

const LENGTH_MM = 16;
const HEIGHT_MM = 9;
const RUN = `M0 4.7 C5 3.6 9 5.6 ${LENGTH_MM} 4.4`;

export function RootThickness({ value, onPick }: RootThicknessProps) {
  const { pxPerMm } = useScreenScale();
  return (
    <div className={styles.byEye} role="group" aria-label="As thick as">
      {byEye.map((thing) => (
        <button
          key={thing.name}
          type="button"
          className={styles.thing}
          aria-pressed={value === thing.mm}
          onClick={() => onPick(thing.mm)}
        >
          <svg
            width={LENGTH_MM * pxPerMm}
            height={HEIGHT_MM * pxPerMm}
            viewBox={`0 0 ${LENGTH_MM} ${HEIGHT_MM}`}
            aria-hidden="true"
          >
            <path d={RUN} fill="none" stroke={ROOT_LINE} strokeWidth={thing.mm + 0.25} />
            <path d={RUN} fill="none" stroke={ROOT} strokeWidth={thing.mm} />
          </svg>
          <span>
            {thing.name} <strong>{thing.mm} mm</strong>
          </span>
        </button>
      ))}
    </div>
  );
}
