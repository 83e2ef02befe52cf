'use client';

/** Twelve months of up to three lines; units of temperature follow the grower's choice. */
import {
  CategoryScale,
  Chart,
  Legend,
  LinearScale,
  LineElement,
  PointElement,
  Tooltip,
  type ChartOptions,
} from 'chart.js';
import { useMemo } from 'react';
import { Line } from 'react-chartjs-2';
import { celsiusToFahrenheit } from '@core';
import { monthNames } from '@core/words';
import type { ColorName } from '../../theme/palette';
import { usePalette } from '../../theme/use-palette';
import { useUnits } from '../../data/units-context';
import styles from './places.module.css';

type Axis = 'temperature' | 'humidity' | 'deficit' | 'drying';

export interface YearLine {
  readonly label: string;
  readonly values: readonly number[];
  readonly axis: Axis;
  readonly isDashed?: boolean;
}

const axisColor: Readonly<Record<Axis, ColorName>> = {
  temperature: 'clay',
  humidity: 'water',
  deficit: 'straw',
  drying: 'moss',
};
const axisPoint = { temperature: 'circle', humidity: 'rect', deficit: 'triangle', drying: 'rectRot' } as const;

Chart.register(CategoryScale, LinearScale, LineElement, PointElement, Tooltip, Legend);

export function YearChart({ title, lines }: { readonly title: string; readonly lines: readonly YearLine[] }) {
  const { units } = useUnits();
  const colors = usePalette();
  const axes = useMemo(() => [...new Set(lines.map((line) => line.axis))], [lines]);
  const unitOf = (axis: Axis) =>
    ({ temperature: units.temperature === 'F' ? '°F' : '°C', humidity: '%', deficit: 'kPa', drying: 'mm a day' })[axis];
  const options: ChartOptions<'line'> = {
    animation: false,
    responsive: true,
    maintainAspectRatio: false,
    plugins: {
      legend: { position: 'top', align: 'start', labels: { color: colors.ink, usePointStyle: true, boxHeight: 7 } },
    },
    scales: {
      x: { ticks: { color: colors.inkSoft }, grid: { color: colors.line } },
      ...Object.fromEntries(
        axes.map((axis, i) => [
          axis,
          {
            position: i === 0 ? ('left' as const) : ('right' as const),
            title: { display: true, text: unitOf(axis), color: colors[axisColor[axis]] },
            ticks: { color: colors[axisColor[axis]] },
            grid: { display: i === 0, color: colors.line },
            ...(axis === 'humidity' ? { min: 0, max: 100 } : axis === 'temperature' ? {} : { min: 0 }),
          },
        ]),
      ),
    },
  };
  return (
    <figure className={styles.chart}>
      <figcaption>{title}</figcaption>
      <div>
        <Line
          role="img"
          aria-label={`${title}, January to December`}
          options={options}
          data={{
            labels: monthNames.map((name) => name.slice(0, 3)),
            datasets: lines.map((line) => ({
              label: line.label,
              data: line.values.map((value) =>
                line.axis === 'temperature' && units.temperature === 'F' ? celsiusToFahrenheit(value) : value,
              ),
              yAxisID: line.axis,
              borderColor: colors[axisColor[line.axis]],
              backgroundColor: colors[axisColor[line.axis]],
              borderDash: line.isDashed ? [5, 4] : [],
              pointStyle: line.isDashed && line.axis === 'temperature' ? 'crossRot' : axisPoint[line.axis],
              pointRadius: 3,
              borderWidth: 2,
            })),
          }}
        />
      </div>
    </figure>
  );
}
