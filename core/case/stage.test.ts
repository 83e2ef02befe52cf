import type { PlanCase } from './plan-case';
import { makePlan, planCaseSchema, resolveCase } from '../testing';

const inStage = (stage: PlanCase['stage'], genus = 'oncidium') =>
  planCaseSchema.parse({ genus, place: 'bathroom', routine: { kind: 'every', days: 4 }, month: 5, stage });

// Common practice, no source.
describe('cuttings, backbulbs, seedlings and single fans', () => {
  test('are smaller than a grown plant, and a seedling has finer roots', () => {
    const grown = resolveCase(inStage('grown')).plant;
    for (const stage of ['cutting', 'backbulb', 'seedling', 'single fan'] as const) {
      const { plant } = resolveCase(inStage(stage));
      expect(plant.rootBallDiameterCm).toBeLessThan(grown.rootBallDiameterCm);
    }
    expect(resolveCase(inStage('seedling')).plant.rootDiameterMm).toBeLessThan(grown.rootDiameterMm);
    // What is said beats what is usual.
    const said = { ...inStage('seedling'), rootBallDiameterCm: 6, rootDiameterMm: 2 };
    expect(resolveCase(said).plant).toMatchObject({ rootBallDiameterCm: 6, rootDiameterMm: 2 });
  });

  test('what has no roots is rooted in moss in a cup, now, in damp air, and nothing is said of rot', () => {
    for (const stage of ['cutting', 'backbulb'] as const) {
      const plan = makePlan(inStage(stage));
      const [first] = plan.setups;
      expect(plan.timing).toMatchObject({ verdict: 'go', code: 'to be rooted' });
      expect(first!.approach).toBe('recovery in moss');
      expect(first!.spec.vessel.kind === 'pot' && first!.spec.vessel.rimDiameterCm).toBeLessThanOrEqual(9);
      expect(first!.aftercare.map(({ code }) => code)).toContain('humid');
      expect(first!.findings.map(({ ruleId }) => ruleId)).not.toContain('cut-out-rot');
      expect(plan.setups.some(({ approach }) => approach.includes('reservoir'))).toBe(false);
    }
  });

  test('a seedling is potted for a year, in a small pot; old bulbs lie on the surface', () => {
    const [seedling] = makePlan(inStage('seedling')).setups;
    expect(seedling!.spec.vessel.kind === 'pot' && seedling!.spec.vessel.rimDiameterCm).toBeLessThanOrEqual(9);
    expect(makePlan(inStage('backbulb')).setups[0]!.placement.depth).toBe('on the surface');
    expect(makePlan(inStage('cutting')).setups[0]!.placement).toMatchObject({ position: 'centre' });
  });
});
