/** The plant above the medium, from the side: its shoots where they stand, at their true size as far as there is room. */
import type { PlantPlacement } from '@core';
import { memo } from 'react';
import { BLOOM, BLOOM_EYE, PSEUDOBULB, LEAF, LEAF_LINE, ROOT, ROOT_LINE, YOUNG_PSEUDOBULB, YOUNG_LEAF } from './colors';
import { type Figured, figureOf, type PlantFigure, type Shoot } from './figure';
import { leafOf } from './leaf';

interface PlantSketchProps {
  readonly plant: Figured;
  /** The middle of the ball, and the base of the growth above the pot's base, cm. */
  /** How its plants stand in a pot, from the middle of it; xCm is the pot's then. */
  readonly stands?: readonly PlantPlacement[];
  readonly xCm: number;
  readonly baseCm: number;
  /** Height to which there is room to draw, cm above the base of the growth. */
  readonly roomCm: number;
  /** How far from the drawing's axis leaves may reach to either side, cm. */
  readonly edgeCm: number;
  readonly isBuried: boolean;
}

/** Leaves of a shoot are so much longer than what is left above the bulb: they lean. */
const LEAN_GAIN = 1.1;
/** Widest lean of a fan's or a stem's leaf from upright, degrees. */
const FAN_LEAN = 62;

interface LeafProps {
  readonly kind: PlantFigure['form']['leaf'];
  readonly x: number;
  readonly y: number;
  readonly long: number;
  readonly lean: number;
  readonly isYoung: boolean;
}

function LeafShape({ kind, x, y, long, lean, isYoung }: LeafProps) {
  const { outline, veins } = leafOf(kind, x, y, long, lean);
  return (
    <g>
      <path d={outline} fill={isYoung ? YOUNG_LEAF : LEAF} stroke={LEAF_LINE} strokeWidth={0.06} />
      <path d={veins} fill="none" stroke={LEAF_LINE} strokeWidth={0.04} opacity={0.55} />
    </g>
  );
}

/** Leaves are never drawn shorter than this, cm. */
const LEAST_LEAF_CM = 1.5;

/** Leaning so far a leaf of a length reaches no further than there is room on its side. */
function within(long: number, lean: number, x: number, edgeCm: number): number {
  const reach = lean < 0 ? edgeCm + x : edgeCm - x;
  const side = Math.abs(Math.sin((lean * Math.PI) / 180)) + 0.25;
  return Math.min(long, Math.max(LEAST_LEAF_CM, reach / side));
}

/** A stem with leaves in two rows, and roots in the air where it is long. */
function Stem({ figure, x, y, tall, edgeCm }: ShootProps) {
  const { form, shoots } = figure;
  const isLong = form.stem === 'long';
  const stemTop = tall * (isLong ? 0.8 : 0.28);
  const leaves = shoots[0]?.leaves ?? 0;
  const length = isLong ? tall * 0.42 : tall * LEAN_GAIN;
  return (
    <g>
      {isLong
        ? [0.12, 0.3, 0.46].map((at, k) => {
            const side = k % 2 === 0 ? 1 : -1;
            const d = `M${x} ${y - stemTop * at} q${side * tall * 0.12} ${tall * 0.02} ${side * tall * 0.14} ${tall * (0.16 + at * 0.4)}`;
            return (
              <g key={at} fill="none" strokeLinecap="round">
                <path d={d} stroke={ROOT_LINE} strokeWidth={0.42} />
                <path d={d} stroke={ROOT} strokeWidth={0.32} />
              </g>
            );
          })
        : null}
      <path d={`M${x} ${y} V${y - stemTop}`} stroke={LEAF_LINE} strokeWidth={0.7} strokeLinecap="round" />
      {Array.from({ length: leaves }, (_, k) => {
        const side = k % 2 === 0 ? 1 : -1;
        const share = leaves < 2 ? 1 : k / (leaves - 1);
        const lean = side * (isLong ? 66 - 34 * share : 74 - 40 * share);
        const long = within(length * (0.8 + 0.2 * Math.sin(Math.PI * share)), lean, x, edgeCm);
        const from = y - stemTop * (isLong ? 0.2 + 0.8 * share : 0.3 + 0.7 * share);
        return <LeafShape key={k} kind={form.leaf} x={x} y={from} long={long} lean={lean} isYoung={share === 1} />;
      })}
    </g>
  );
}

interface ShootProps {
  readonly figure: PlantFigure;
  readonly x: number;
  readonly y: number;
  /** Height drawn, cm. */
  readonly tall: number;
  /** How far from the axis leaves may reach to either side, cm. */
  readonly edgeCm: number;
}

function bulbSize(bulb: PlantFigure['form']['bulb'], high: number): number {
  if (bulb === 'cane') return Math.min(1, Math.max(0.35, high * 0.05));
  if (bulb === 'spindle') return Math.min(2.6, Math.max(0.5, high * 0.24));
  return Math.min(4, Math.max(0.5, high * 0.6));
}

/** Bulb or cane, standing on the surface. */
function Bulb({
  form,
  x,
  y,
  high,
  isYoung,
}: {
  form: PlantFigure['form'];
  x: number;
  y: number;
  high: number;
  isYoung: boolean;
}) {
  const wide = bulbSize(form.bulb, high);
  const fill = isYoung ? YOUNG_PSEUDOBULB : PSEUDOBULB;
  if (form.bulb === 'cane') {
    const nodes = Math.max(2, Math.round(high / 1.8));
    return (
      <g>
        <path
          d={`M${x - wide / 2} ${y} Q${x - wide * 0.7} ${y - high * 0.5} ${x - wide * 0.3} ${y - high} H${x + wide * 0.3} Q${x + wide * 0.7} ${y - high * 0.5} ${x + wide / 2} ${y} Z`}
          fill={fill}
          stroke={LEAF_LINE}
          strokeWidth={0.06}
        />
        {Array.from({ length: nodes }, (_, k) => (
          <path
            key={k}
            d={`M${x - wide * 0.5} ${y - ((k + 1) * high) / (nodes + 1)} h${wide}`}
            stroke={LEAF_LINE}
            strokeWidth={0.05}
            opacity={0.7}
          />
        ))}
      </g>
    );
  }
  const waist = form.bulb === 'spindle' ? 0.32 : 0.5;
  return (
    <path
      d={`M${x - wide * waist} ${y} C${x - wide * 0.72} ${y - high * 0.35} ${x - wide * 0.4} ${y - high * 0.9} ${x} ${y - high} C${x + wide * 0.4} ${y - high * 0.9} ${x + wide * 0.72} ${y - high * 0.35} ${x + wide * waist} ${y} Z`}
      fill={fill}
      stroke={LEAF_LINE}
      strokeWidth={0.07}
    />
  );
}

function ShootShape({ figure, shoot, x, y, tall, edgeCm, isBuried }: ShootProps & { shoot: Shoot; isBuried: boolean }) {
  const { form } = figure;
  const isYoung = shoot.isNewest && shoot.grown < 1;
  const high = tall * shoot.grown;
  const bulbHigh = form.bulb === 'none' || form.bulb === 'underground' ? 0 : high * form.bulbShare;
  const isCane = form.bulb === 'cane';
  const isFan = form.bulb === 'none' && form.leaves > 2;
  const tilt = shoot.lean * 9;
  const long = (isCane ? tall * 0.22 : isFan ? high : Math.max(high - bulbHigh, high * 0.4)) * LEAN_GAIN;
  return (
    <g transform={`rotate(${(isCane ? tilt : tilt * 0.3).toFixed(1)} ${x.toFixed(2)} ${y.toFixed(2)})`}>
      {form.bulb === 'underground' || isBuried ? (
        <circle cx={x} cy={y + 1} r={0.9} fill={PSEUDOBULB} stroke={LEAF_LINE} strokeWidth={0.07} />
      ) : null}
      {Array.from({ length: shoot.leaves }, (_, k) => {
        const share = shoot.leaves < 2 ? 0.5 : k / (shoot.leaves - 1);
        if (isCane) {
          const side = k % 2 === 0 ? 1 : -1;
          const from = y - bulbHigh * (0.35 + 0.65 * share);
          return (
            <LeafShape
              key={k}
              kind={form.leaf}
              x={x}
              y={from}
              long={within(long, side * 52, x, edgeCm)}
              lean={side * 52}
              isYoung={isYoung}
            />
          );
        }
        const lean = (share - 0.5) * 2 * (isFan ? FAN_LEAN : 30) + tilt * 0.6 + (shoot.leaves === 1 ? tilt * 1.4 : 0);
        const own = within(long * (isFan ? 0.78 + 0.22 * Math.cos((share - 0.5) * 3) : 1), lean, x, edgeCm);
        return (
          <LeafShape key={k} kind={form.leaf} x={x} y={y - bulbHigh * 0.97} long={own} lean={lean} isYoung={isYoung} />
        );
      })}
      {bulbHigh > 0 && !isBuried ? <Bulb form={form} x={x} y={y} high={bulbHigh} isYoung={isYoung} /> : null}
    </g>
  );
}

/** A spray of three flowers from the youngest grown shoot. */
function Bloom({ x, y, tall, edgeCm }: Omit<ShootProps, 'figure'>) {
  const out = Math.max(1, Math.min((edgeCm - x) * 0.7, tall * 0.5));
  const flower = Math.min(1.6, Math.max(0.5, tall * 0.07));
  return (
    <g>
      <path
        d={`M${x} ${y} Q${x + out * 0.2} ${y - tall * 0.8} ${x + out} ${y - tall * 0.9}`}
        fill="none"
        stroke={LEAF_LINE}
        strokeWidth={0.14}
      />
      {[0.55, 0.78, 1].map((t) => {
        const u = 1 - t;
        const fx = u * u * x + 2 * u * t * (x + out * 0.2) + t * t * (x + out);
        const fy = u * u * y + 2 * u * t * (y - tall * 0.8) + t * t * (y - tall * 0.9);
        return (
          <g key={t}>
            {[0, 72, 144, 216, 288].map((turn) => (
              <ellipse
                key={turn}
                cx={fx}
                cy={fy - flower * 0.55}
                rx={flower * 0.34}
                ry={flower * 0.55}
                fill={BLOOM}
                stroke={LEAF_LINE}
                strokeWidth={0.04}
                transform={`rotate(${turn} ${fx} ${fy})`}
              />
            ))}
            <circle cx={fx} cy={fy} r={flower * 0.22} fill={BLOOM_EYE} />
          </g>
        );
      })}
    </g>
  );
}

export const PlantSketch = memo(function PlantSketch(props: PlantSketchProps) {
  const { plant, stands, xCm, baseCm, roomCm, edgeCm, isBuried } = props;
  const figure = figureOf(plant, stands);
  const tall = Math.min(plant.heightCm, roomCm);
  const y = -baseCm;
  if (figure.form.stem) {
    return (
      <g data-part="plant">
        {figure.shoots.map((shoot, k) => (
          <Stem key={k} figure={figure} x={xCm + shoot.alongCm} y={y} tall={tall} edgeCm={edgeCm} />
        ))}
        {figure.inBloom ? <Bloom x={xCm} y={y - tall * 0.2} tall={tall} edgeCm={edgeCm} /> : null}
      </g>
    );
  }
  // What stands further back is drawn first.
  const inOrder = [...figure.shoots].sort((a, b) => a.asideCm - b.asideCm);
  const xs = figure.shoots.map(({ alongCm }) => xCm + alongCm);
  const newest = figure.shoots[figure.shoots.length - 1];
  const rise = (shoot: Shoot) => Math.min(shoot.riseCm, tall * 0.6);
  const shootTall = figure.shoots.some(({ riseCm }) => riseCm > 0) ? tall * 0.5 : tall;
  return (
    <g data-part="plant">
      {figure.form.bulb === 'underground' || xs.length < 2 ? null : (
        <path
          d={`M${figure.shoots.map((shoot) => `${(xCm + shoot.alongCm).toFixed(2)} ${(y - 0.12 - rise(shoot)).toFixed(2)}`).join('L')}`}
          stroke={LEAF_LINE}
          strokeWidth={0.4}
          strokeLinecap="round"
          strokeLinejoin="round"
          fill="none"
        />
      )}
      {inOrder.map((shoot, k) => (
        <ShootShape
          key={k}
          figure={figure}
          shoot={shoot}
          x={xCm + shoot.alongCm}
          y={y - rise(shoot)}
          tall={shootTall}
          edgeCm={edgeCm}
          isBuried={isBuried}
        />
      ))}
      {figure.inBloom && newest ? (
        <Bloom x={xCm + newest.alongCm * 0.6} y={y - rise(newest)} tall={tall} edgeCm={edgeCm} />
      ) : null}
    </g>
  );
});
