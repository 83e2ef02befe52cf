'use client';

/** Root thickness by eye: everyday things at their true width; touch the one that matches. */
import { useState } from 'react';
import styles from './questions.module.css';

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

export function RootThickness({ value, onPick }: RootThicknessProps) {
  const [isOpen, setOpen] = useState(false);
  return (
    <div>
      <button type="button" className={styles.byEyeToggle} aria-expanded={isOpen} onClick={() => setOpen(!isOpen)}>
        Judge it by eye
      </button>
      {isOpen ? (
        <div className={styles.byEye} role="group" aria-label="As thick as">
          {byEye.map((thing) => (
            <button
              key={thing.name}
              type="button"
              className={styles.thing}
              aria-pressed={value === thing.mm}
              onClick={() => onPick(thing.mm)}
            >
              {/* CSS millimetres: true on most screens; hold a ruler to the screen to be sure. */}
              <svg width="12mm" height="9mm" viewBox="0 0 12 9" aria-hidden="true">
                <path
                  d="M1 4.5 C4 3 8 6 11 4.5"
                  fill="none"
                  stroke="#3a3f30"
                  strokeWidth={thing.mm + 0.25}
                  strokeLinecap="butt"
                />
                <path
                  d="M1 4.5 C4 3 8 6 11 4.5"
                  fill="none"
                  stroke="#eee9d2"
                  strokeWidth={thing.mm}
                  strokeLinecap="butt"
                />
              </svg>
              <span>{thing.name}</span>
              <strong>{thing.mm} mm</strong>
            </button>
          ))}
        </div>
      ) : null}
    </div>
  );
}
