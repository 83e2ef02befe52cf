'use client';

/** A potted setup in section, to scale: wall, cone, layers with their pieces, roots, plant and water. */
import { memo, useId, useMemo } from 'react';
import {
  coneDiameterCm,
  filledHeightCm,
  heaviestPart,
  layerBounds,
  layerVolumesL,
  type Placement,
  type PlantInHand,
  type PottedSetup,
  realise,
  type SetupCurve,
  type SetupSpec,
  widthAtCm,
  isFailing,
  showsTips,
} from '@core';
import { cm, layerText, litres, type WordUnits, shortenedPlant, potText } from '@core/words';
import { colors, mediumColors } from '../theme/tokens';
import { BESIDE_GRIP_PX, EdgeHandle, LANE_PX } from './edge-handle';
import { fitFrame, type Frame, roomAbove } from './frame';
import { Label, LETTER_PX, LINE_PX, wrap } from './label';
import { edgeRange, moveEdge } from './layer-edges';
import { type Area, piecesOf } from './pieces';
import { PieceShapes } from './piece-shapes';
import { PlanView } from './plan-view';
import { PlantSketch } from './plant/plant-sketch';
import { ROOT, ROOT_LINE, ROOT_TIP } from './plant/colors';
import { PotWall } from './pot-wall';
import { FloatGauge, InnerWater, OuterPot, outerDepthCm } from './reservoir';
import { growRoots, rootPath } from './roots';
import { Ruler } from './ruler';
import { handleLanes, spreadBlocks } from './side-by-side';
import { WaterGauge } from './water-gauge';
import { WaterOverlay } from './water-overlay';
import { PerchedWaterMark } from './perched-water-mark';

export interface PotDrawingProps {
  readonly spec: SetupSpec;
  readonly plant: PlantInHand;
  readonly placement: Placement;
  readonly curve: SetupCurve | null;
  readonly hour: number;
  readonly units: WordUnits;
  readonly widthPx: number;
  readonly heightPx: number;
  readonly onEdit: ((spec: SetupSpec, isNewStep: boolean) => void) | null;
  /** Pixels per centimetre, where drawings stand side by side to one scale. */
  readonly scale?: number;
  /** Without labels, gauge and plan: for drawings side by side. */
  readonly isBare?: boolean;
  /** From above it is drawn elsewhere, larger. */
  readonly hasNoPlan?: boolean;
}

/** Where the water by height stands, clear of the bench line. */
const GAUGE_LEFT_PX = 72;
const GAUGE_WIDTH_PX = 74;
/** Labels begin under the view from above. */
const PLAN_FOOT_PX = 120;

/** Room beside the pot for gauge and labels, px. */
const SIDES_PX = { leftPx: 150, rightPx: 150 };
const BARE_SIDES_PX = { leftPx: 14, rightPx: 14 };
/** Narrower than this there is no room for the water by height: letters and handles keep their size instead. */
const NARROW_PX = 480;
const NARROW_SIDES_PX = { leftPx: 58, rightPx: 132 };

function areaOf(setup: PottedSetup, fromCm: number, toCm: number): Area {
  return {
    halfWidthCm: (h) => widthAtCm(setup.pot, h) / 2,
    innerHalfCm: (h) => coneDiameterCm(setup.pot, h) / 2,
    fromCm,
    toCm,
  };
}

/** Height given to the plant above the surface at least, in heights of the pot. */
const PLANT_SHARE = 0.42;

/** Leaves reach so far beyond the pot's half, where gauge and labels begin. */
const REACH_SHARE = 1.15;

/** What stands beside each layer, and where its line begins. */
function layerLabels(
  spec: SetupSpec,
  setup: PottedSetup,
  frame: Frame,
  labelX: number,
  units: WordUnits,
  isNarrow: boolean,
) {
  const volumes = layerVolumesL(setup);
  const bounds = layerBounds(setup.layers);
  const most = Math.max(isNarrow ? 9 : 12, Math.floor((frame.widthPx - labelX) / LETTER_PX));
  return setup.layers.map((layer, i) => {
    const middle = bounds[i]!.toCm - layer.heightCm / 2;
    return {
      xPx: labelX,
      fromPx: frame.axisPx + (widthAtCm(setup.pot, middle) / 2) * frame.scale,
      fromYPx: frame.basePx - middle * frame.scale,
      lines: [
        `${cm(layer.heightCm, units)} · ${litres(volumes[i]!)}`,
        ...wrap(layerText(spec.layers[i]!, units), most),
        layer.role === 'main' ? '' : layer.role,
      ].filter((line) => line !== ''),
    };
  });
}

export function PotDrawing(props: PotDrawingProps) {
  const { spec, plant, placement, curve, hour, units, onEdit } = props;
  const clipId = useId();
  const setup = useMemo(() => realise(spec) as PottedSetup, [spec]);
  const { pot } = setup;
  const surfaceCm = filledHeightCm(setup);
  const isBare = props.isBare ?? false;
  const isNarrow = props.widthPx < NARROW_PX;
  const hasGauge = !isBare && !isNarrow;
  const potCm = Math.max(pot.heightCm, surfaceCm + Math.max(0, placement.baseAboveSurfaceCm));
  const needs = {
    scale: props.scale,
    widthPx: props.widthPx,
    heightPx: props.heightPx,
    belowCm: outerDepthCm(pot) + 0.8,
    widestCm: pot.rimDiameterCm + 3,
    ...(isBare ? BARE_SIDES_PX : isNarrow ? NARROW_SIDES_PX : SIDES_PX),
  };
  // What the pot leaves of the height is the plant's, and never less than its share.
  const leftCm = roomAbove(needs, potCm);
  const roomCm = Math.min(plant.heightCm, Math.max(pot.heightCm * PLANT_SHARE, isBare ? 0 : leftCm));
  const frame: Frame = fitFrame({ ...needs, aboveCm: potCm + roomCm });
  const halfWidth = (h: number) => widthAtCm(pot, h) / 2;
  const isCut = plant.heightCm > roomCm + 1;
  const layerTops = layerBounds(setup.layers).map((bounds) => bounds.toCm);
  const yOf = (heightCm: number) => frame.basePx - heightCm * frame.scale;
  const lanes = handleLanes(layerTops.map(yOf), LANE_PX);
  const labelX =
    frame.axisPx + halfWidth(surfaceCm) * frame.scale + (onEdit ? BESIDE_GRIP_PX + Math.max(...lanes) * LANE_PX : 16);
  const labels = isBare ? [] : layerLabels(spec, setup, frame, labelX, units, isNarrow);
  const labelYs = spreadBlocks(
    labels.map(({ fromYPx, lines }) => ({ yPx: fromYPx, heightPx: lines.length * LINE_PX + 6 })),
    PLAN_FOOT_PX,
    frame.heightPx - 4,
  );

  return (
    <svg
      viewBox={`0 0 ${frame.widthPx} ${frame.heightPx}`}
      width="100%"
      role="group"
      aria-label={potText({ spec, setup, plant, placement, curve, hour, units })}
      data-part="section"
      style={{ display: 'block' }}
    >
      <defs>
        <clipPath id={clipId}>
          <path
            d={`M${-halfWidth(0)} 0 L${-halfWidth(surfaceCm)} ${-surfaceCm} H${halfWidth(surfaceCm)} L${halfWidth(0)} 0 Z`}
          />
        </clipPath>
      </defs>
      <path
        d={`M${Math.max(hasGauge ? GAUGE_LEFT_PX + GAUGE_WIDTH_PX + 6 : 6, frame.axisPx - 150)} ${frame.heightPx - 4} H${Math.min(frame.widthPx - 6, frame.axisPx + 150)}`}
        stroke={colors.inkSoft}
        strokeWidth={2}
      />
      {isBare ? null : <Ruler frame={frame} topCm={pot.heightCm} xPx={22} units={units} />}
      <g transform={`translate(${frame.axisPx} ${frame.basePx}) scale(${frame.scale})`}>
        <OuterPot pot={pot} curve={curve} hour={hour} />
        <g clipPath={`url(#${clipId})`}>
          <LayerPieces spec={spec} />
          <Roots spec={spec} plant={plant} placement={placement} />
          {curve ? <WaterOverlay curve={curve} hour={hour} halfWidthCm={halfWidth} /> : null}
          <InnerWater pot={pot} curve={curve} hour={hour} />
        </g>
        <FloatGauge pot={pot} curve={curve} hour={hour} />
        <PotWall pot={pot} />
        <PlantSketch
          plant={plant}
          stands={placement.stands}
          xCm={0}
          baseCm={surfaceCm + placement.baseAboveSurfaceCm}
          roomCm={roomCm}
          edgeCm={(pot.rimDiameterCm / 2) * REACH_SHARE}
          isBuried={placement.depth === 'bulb 4 cm under'}
        />
      </g>
      {isCut && !isBare ? (
        <text x={frame.widthPx - 8} y={18} fontSize={12} fill={colors.inkSoft} textAnchor="end">
          {shortenedPlant(cm(plant.heightCm, units))}
        </text>
      ) : null}
      {curve && hasGauge ? (
        <WaterGauge curve={curve} hour={hour} frame={frame} leftPx={GAUGE_LEFT_PX} widthPx={GAUGE_WIDTH_PX} />
      ) : null}
      {isBare ? null : <PerchedWaterMark setup={setup} frame={frame} units={units} />}
      {isBare || props.hasNoPlan ? null : (
        <PlanView
          pot={pot}
          plant={plant}
          placement={placement}
          leftPx={frame.widthPx - 84}
          topPx={isCut ? 28 : 8}
          sizePx={76}
        />
      )}
      {labels.map((label, i) => (
        <Label key={i} {...label} yPx={labelYs[i]!} />
      ))}
      {onEdit ? (
        <EdgeHandles spec={spec} setup={setup} frame={frame} lanes={lanes} units={units} onEdit={onEdit} />
      ) : null}
    </svg>
  );
}

interface EdgeHandlesProps {
  readonly spec: SetupSpec;
  readonly setup: PottedSetup;
  readonly frame: Frame;
  readonly lanes: readonly number[];
  readonly units: WordUnits;
  readonly onEdit: NonNullable<PotDrawingProps['onEdit']>;
}

/** A handle at the top of every layer. */
function EdgeHandles({ spec, setup, frame, lanes, units, onEdit }: EdgeHandlesProps) {
  const bounds = layerBounds(setup.layers);
  return setup.layers.map((layer, i) => {
    const { toCm: topCm } = bounds[i]!;
    return (
      <EdgeHandle
        key={i}
        label={i === setup.layers.length - 1 ? 'Surface of the medium' : `Top of the ${layer.role}`}
        heightCm={topCm}
        range={edgeRange(spec, i)}
        halfWidthCm={widthAtCm(setup.pot, topCm) / 2}
        frame={frame}
        lane={lanes[i]!}
        units={units}
        onMove={(toCm, isStart) => onEdit(moveEdge(spec, i, toCm), isStart)}
      />
    );
  });
}

/** The pieces of all layers. Kept while only the water moves. */
const LayerPieces = memo(function LayerPieces({ spec }: { readonly spec: SetupSpec }) {
  const setup = useMemo(() => realise(spec) as PottedSetup, [spec]);
  const bounds = layerBounds(setup.layers);
  return (
    <g data-part="pieces">
      {setup.layers.map((layer, i) => {
        const { fromCm, toCm } = bounds[i]!;
        const area = areaOf(setup, fromCm, toCm);
        const half = area.halfWidthCm(toCm) + 1;
        const heaviest = heaviestPart(layer.mix).medium;
        return (
          <g key={i}>
            {(layer.isSideBySide ? layer.mix.map((part) => part.medium) : [heaviest]).map(
              ({ family, pieceShape }, side, sides) => (
                <rect
                  key={side}
                  x={-half + (side * half * 2) / sides.length}
                  y={-toCm}
                  width={(half * 2) / sides.length}
                  height={layer.heightCm}
                  fill={mediumColors[family]}
                  opacity={pieceShape === 'strand' || pieceShape === 'crumb' ? 0.75 : 0.28}
                />
              ),
            )}
            <PieceShapes pieces={piecesOf(layer, area, 11 + i * 97)} />
          </g>
        );
      })}
    </g>
  );
});

interface RootsProps {
  readonly spec: SetupSpec;
  readonly plant: PlantInHand;
  readonly placement: Placement;
}

const Roots = memo(function Roots({ spec, plant, placement }: RootsProps) {
  const setup = useMemo(() => realise(spec) as PottedSetup, [spec]);
  const surfaceCm = filledHeightCm(setup);
  const mainFloorCm = setup.layers
    .slice(
      0,
      setup.layers.findIndex((layer) => layer.role === 'main'),
    )
    .reduce((sum, layer) => sum + layer.heightCm, 0);
  const roots = growRoots(
    {
      // Several plants share the middle.
      startXCm: placement.stands.length === 1 ? placement.stands[0]!.xCm : 0,
      startYCm: surfaceCm + Math.min(0, placement.baseAboveSurfaceCm) - 0.1,
      ballRadiusCm: plant.rootBallDiameterCm / 2,
      floorCm: mainFloorCm,
      halfWidthCm: (h) => widthAtCm(setup.pot, h) / 2,
      count: isFailing(plant) ? 3 : Math.round(Math.min(16, Math.max(7, 34 / plant.rootDiameterMm))),
      isGrowing: showsTips(plant.signs),
    },
    5,
  );
  const widthCm = plant.rootDiameterMm / 10;
  return (
    <g data-part="roots" fill="none" strokeLinecap="round" strokeLinejoin="round">
      {roots.map((root, i) => {
        const d = rootPath(root);
        const tip = root.points[root.points.length - 1];
        return (
          <g key={i}>
            <path d={d} stroke={ROOT_LINE} strokeWidth={widthCm + 0.07} />
            <path d={d} stroke={ROOT} strokeWidth={widthCm} />
            {root.hasTip && tip ? (
              <circle
                cx={tip.xCm}
                cy={-tip.yCm}
                r={widthCm * 0.56}
                fill={ROOT_TIP}
                stroke="#23402a"
                strokeWidth={0.05}
              />
            ) : null}
          </g>
        );
      })}
    </g>
  );
});
