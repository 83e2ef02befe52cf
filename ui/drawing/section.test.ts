import { makePot, mediumById, type SetupSpec } from '@core';
import { fitFrame } from './frame';
import { edgeRange, LEAST_LAYER_CM, moveEdge } from './layer-edges';
import { packPieces } from './pieces';
import { growRoots, rootPath } from './roots';
import { makePlan } from '@core/testing';

const area = { halfWidthCm: () => 5, innerHalfCm: () => 0, fromCm: 0, toCm: 8 };

describe('pieces', () => {
  const pieces = packPieces([{ medium: mediumById('bark-6-12'), parts: 1 }], area, 3);

  test('have their true size and lie inside their layer', () => {
    expect(pieces.length).toBeGreaterThan(30);
    for (const piece of pieces) {
      expect(piece.radiusCm * 20).toBeGreaterThanOrEqual(6);
      expect(piece.radiusCm * 20).toBeLessThanOrEqual(12);
      expect(piece.yCm).toBeGreaterThan(0);
      expect(piece.yCm).toBeLessThan(8);
      expect(Math.abs(piece.xCm)).toBeLessThan(5);
    }
  });

  test('are the same for the same layer', () => {
    expect(packPieces([{ medium: mediumById('bark-6-12'), parts: 1 }], area, 3)).toEqual(pieces);
  });

  test('of a mix show each part', () => {
    const mixed = packPieces(
      [
        { medium: mediumById('bark-12-25'), parts: 3 },
        { medium: mediumById('perlite-3-6'), parts: 1 },
      ],
      area,
      3,
    );
    expect(new Set(mixed.map((piece) => piece.family))).toEqual(new Set(['conifer bark', 'perlite']));
  });

  test('fine media stay drawable', () => {
    expect(packPieces([{ medium: mediumById('baked-clay-1-2'), parts: 1 }], area, 3).length).toBeLessThanOrEqual(1100);
  });
});

describe('moving a layer boundary', () => {
  const spec: SetupSpec = {
    approach: 'organic pot',
    vessel: { kind: 'pot', potKindId: 'plastic-round', rimDiameterCm: 12 },
    layers: [
      { role: 'crocking', mix: [{ mediumId: 'pebbles-8-16', parts: 1 }], heightCm: 2 },
      { role: 'main', mix: [{ mediumId: 'bark-6-12', parts: 1 }], heightCm: 7.5 },
    ],
  };
  const heights = (moved: SetupSpec) => moved.layers.map((layer) => layer.heightCm);

  test('an inner boundary keeps the sum', () => {
    expect(heights(moveEdge(spec, 0, 3.5))).toEqual([3.5, 6]);
  });

  test('the surface changes only the top layer, up to the rim', () => {
    expect(heights(moveEdge(spec, 1, 8))).toEqual([2, 6]);
    const rim = makePot('plastic-round', 12).heightCm;
    expect(heights(moveEdge(spec, 1, 99))[1]).toBeCloseTo(rim - 0.2 - 2, 9);
  });

  test('no layer is squeezed out', () => {
    expect(heights(moveEdge(spec, 0, -5))[0]).toBe(LEAST_LAYER_CM);
    expect(heights(moveEdge(spec, 0, 50))[1]).toBe(LEAST_LAYER_CM);
    expect(edgeRange(spec, 0)).toEqual([0.5, 9]);
  });
});

test('the frame holds pot and plant at one scale', () => {
  const frame = fitFrame({
    widthPx: 600,
    heightPx: 320,
    aboveCm: 16,
    belowCm: 1,
    widestCm: 14,
    leftPx: 100,
    rightPx: 100,
  });
  expect(frame.basePx - 16 * frame.scale).toBeGreaterThanOrEqual(0);
  expect(14 * frame.scale).toBeLessThanOrEqual(400);
});

test('roots stay inside the pot and above the crocking', () => {
  const roots = growRoots(
    { startXCm: 0, startYCm: 9, ballRadiusCm: 4, floorCm: 2, halfWidthCm: () => 5, count: 9, isGrowing: true },
    5,
  );
  expect(roots).toHaveLength(9);
  for (const root of roots) {
    expect(rootPath(root)).toMatch(/^M/);
    for (const point of root.points) {
      expect(Math.abs(point.xCm)).toBeLessThanOrEqual(5);
      expect(point.yCm).toBeGreaterThanOrEqual(2);
    }
  }
});

test('every setup of a plan can be packed and drawn', () => {
  const answer = makePlan({ genus: 'masdevallia', place: 'cool-shade', routine: { kind: 'every', days: 3 } });
  for (const setup of answer.setups) {
    for (const layer of setup.layers) {
      const pieces = packPieces(
        layer.mix.map((part) => ({ medium: mediumById(part.mediumId), parts: part.parts })),
        area,
        1,
      );
      expect(pieces.length).toBeGreaterThan(5);
    }
  }
});
