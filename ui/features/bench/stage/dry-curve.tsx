'use client';

/** Water left in the root zone and air in it, against days after watering. */
import { curveText } from '@core/words';
import {
  Chart,
  Filler,
  LinearScale,
  LineElement,
  PointElement,
  type ChartData,
  type ChartOptions,
  type Plugin,
} from 'chart.js';
import { startTransition, useEffect, useMemo, useState } from 'react';
import { Line } from 'react-chartjs-2';
import type { SetupCurve } from '@core';
import { fonts } from '../../../theme/tokens';
import { usePalette } from '../../../theme/use-palette';
import { afterPaint } from './after-paint';
import { freeRoom } from './free-room';
import styles from './stage.module.css';

interface DryCurveProps {
  readonly curve: SetupCurve;
  /** The changed setup's curve, beside it. */
  readonly other?: SetupCurve | null;
  readonly hour: number;
}

interface NowLine {
  readonly day: number;
  readonly threshold: number;
  readonly color: string;
  readonly dueColor: string;
}

declare module 'chart.js' {
  interface PluginOptionsByType<TType extends import('chart.js').ChartType> {
    nowLine?: NowLine | (TType extends never ? never : undefined);
  }
}

const LINE_WORDS = 'water again';
const WORDS_OFF_PX = 4;
const WORDS_HIGH_PX = 18;

/** The upright line at the hour shown, and the level line at which to water. */
const nowLine: Plugin<'line'> = {
  id: 'nowLine',
  afterDatasetsDraw(chart, _args, options: Partial<NowLine>) {
    const { ctx, chartArea, scales } = chart;
    const x = scales.x?.getPixelForValue(options.day ?? 0) ?? 0;
    const y = scales.y?.getPixelForValue((options.threshold ?? 0) * 100) ?? 0;
    ctx.save();
    ctx.strokeStyle = options.dueColor ?? '';
    ctx.setLineDash([6, 4]);
    ctx.beginPath();
    ctx.moveTo(chartArea.left, y);
    ctx.lineTo(chartArea.right, y);
    ctx.stroke();
    ctx.fillStyle = options.dueColor ?? '';
    ctx.font = `12px ${fonts.text}`;
    const { side, lies } = freeRoom({
      curves: chart.getSortedVisibleDatasetMetas().map(({ data }) => data),
      ...chartArea,
      y,
      widthPx: ctx.measureText(LINE_WORDS).width + 2 * WORDS_OFF_PX,
      heightPx: WORDS_HIGH_PX,
    });
    ctx.textAlign = side;
    ctx.textBaseline = lies === 'above' ? 'bottom' : 'top';
    ctx.fillText(
      LINE_WORDS,
      side === 'right' ? chartArea.right - WORDS_OFF_PX : chartArea.left + WORDS_OFF_PX,
      lies === 'above' ? y - WORDS_OFF_PX : y + WORDS_OFF_PX,
    );
    ctx.setLineDash([]);
    ctx.strokeStyle = options.color ?? '';
    ctx.lineWidth = 2;
    ctx.beginPath();
    ctx.moveTo(x, chartArea.top);
    ctx.lineTo(x, chartArea.bottom);
    ctx.stroke();
    ctx.restore();
  },
};

Chart.register(LinearScale, LineElement, PointElement, Filler, nowLine);

const layerDash: Readonly<Record<string, number[]>> = { main: [], crocking: [2, 3], 'top dressing': [8, 4] };

/** Whether the room for it has been laid out: measured before that, everything new on the page would be laid out with it. */
function useIsLaidOut(): boolean {
  const [isLaidOut, setLaidOut] = useState(false);
  useEffect(() => {
    let isGone = false;
    void afterPaint().then(() => {
      if (!isGone) startTransition(() => setLaidOut(true));
    });
    return () => {
      isGone = true;
    };
  }, []);
  return isLaidOut;
}

interface Drawn extends Required<Pick<DryCurveProps, 'curve' | 'other'>> {
  readonly isByLayer: boolean;
  readonly colors: ReturnType<typeof usePalette>;
}

function dataOf({ curve, other, isByLayer, colors }: Drawn): ChartData<'line', { x: number; y: number }[]> {
  const rows = curve.hours.filter((row) => row.hour % 2 === 0);
  if (isByLayer) {
    return {
      datasets: curve.layers.map((layer) => ({
        label: layer.role,
        data: layer.shareByHour
          .map((share, at) => ({ x: at / 24, y: Math.max(0, share * 100) }))
          .filter((_, at) => at % 2 === 0),
        borderColor: layer.role === 'main' ? colors.water : layer.role === 'crocking' ? colors.ink : colors.moss,
        borderDash: layerDash[layer.role] ?? [],
        pointRadius: 0,
        borderWidth: 2.5,
      })),
    };
  }
  const changed = other
    ? [
        {
          label: 'water left, changed',
          data: other.hours
            .filter((row) => row.hour % 2 === 0)
            .map((row) => ({ x: row.hour / 24, y: Math.max(0, row.availableShare * 100) })),
          borderColor: colors.clay,
          borderDash: [7, 4],
          pointRadius: 0,
          borderWidth: 2.5,
        },
      ]
    : [];
  return {
    datasets: [
      ...changed,
      {
        label: 'water left',
        data: rows.map((row) => ({ x: row.hour / 24, y: Math.max(0, row.availableShare * 100) })),
        borderColor: colors.water,
        backgroundColor: `${colors.water}29`,
        fill: true,
        pointRadius: 0,
        borderWidth: 2.5,
      },
      {
        label: 'air in the root zone',
        data: rows.map((row) => ({ x: row.hour / 24, y: row.airShare * 100 })),
        borderColor: colors.inkSoft,
        borderDash: [3, 4],
        pointRadius: 0,
        borderWidth: 2,
      },
    ],
  };
}

function optionsOf({
  curve,
  other,
  hour,
  isByLayer,
  colors,
}: Drawn & Pick<DryCurveProps, 'hour'>): ChartOptions<'line'> {
  return {
    animation: false,
    responsive: true,
    maintainAspectRatio: false,
    parsing: false,
    plugins: {
      legend: {
        display: isByLayer,
        position: 'right',
        labels: { color: colors.ink, boxWidth: 22, boxHeight: 1, font: { size: 11 } },
      },
      tooltip: { enabled: false },
      nowLine: { day: hour / 24, threshold: curve.thresholdShare, color: colors.ink, dueColor: colors.clay },
    },
    scales: {
      x: {
        type: 'linear',
        min: 0,
        max: (Math.max(curve.hours.length, other?.hours.length ?? 0) - 1) / 24,
        ticks: {
          color: colors.inkSoft,
          maxRotation: 0,
          precision: 0,
          includeBounds: false,
          // Days are alike wide: measuring each costs more than drawing them.
          sampleSize: 2,
          callback: (value) => `${value}${value === 0 ? '' : ' d'}`,
        },
        grid: { color: colors.line },
      },
      y: {
        min: 0,
        max: 100,
        ticks: { color: colors.inkSoft, stepSize: 50, autoSkip: false, callback: (value) => `${value} %` },
        grid: { color: colors.line },
      },
    },
  };
}

export function DryCurve({ curve, other = null, hour }: DryCurveProps) {
  const isLaidOut = useIsLaidOut();
  const colors = usePalette();
  const [byLayer, setByLayer] = useState(false);
  const isByLayer = byLayer && other === null && curve.layers.length > 1;
  const data = useMemo(() => dataOf({ curve, other, isByLayer, colors }), [curve, other, isByLayer, colors]);
  const options = useMemo(
    () => optionsOf({ curve, other, hour, isByLayer, colors }),
    [curve, other, hour, isByLayer, colors],
  );
  return (
    <>
      {isLaidOut ? <Line data={data} options={options} aria-label={curveText(curve)} role="img" /> : null}
      {other === null && curve.layers.length > 1 ? (
        <button type="button" className={styles.byLayer} aria-pressed={byLayer} onClick={() => setByLayer(!byLayer)}>
          by layer
        </button>
      ) : null}
    </>
  );
}
