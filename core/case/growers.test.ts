import { genusById } from '../catalogue/genera';
import { schools } from '../catalogue/schools';
import { parseWith } from '../words';
import { withOverrides } from './genus-overrides';
import { growersGenusSchema } from './genus-schema';
import { growersMediumSchema, growersPotSchema } from './growers-schema';
import type { PlanCase } from './plan-case';
import { isAsleep, isFailing } from './plant';
import { genusIdOf, genusOf } from './resolve';
import { setupSpecSchema } from './setup-schema';
import { planCaseSchema, resolveCase, whatIfCaseSchema } from '../testing';

const faultsOf = (schema: Parameters<typeof parseWith>[0], input: unknown) => {
  const parsed = parseWith(schema, input);
  return parsed.status === 'faulty' ? parsed.faults : [];
};
const base = { genus: 'phalaenopsis', place: 'heated-flat' } as const;

describe('a genus of the grower’s own', () => {
  const { id: _id, name: _name, alsoCalled: _also, ...traits } = genusById('oncidium');
  const own = { ...traits, name: 'Balcony hybrid' };

  test('takes the place of a catalogue genus, whole', () => {
    const planCase = planCaseSchema.parse({ ...base, genus: own });
    expect(genusOf(planCase).name).toBe('Balcony hybrid');
    expect(genusIdOf(planCase)).toBe('Balcony hybrid');
    expect(resolveCase(planCase).plant.habit).toBe(traits.habit);
  });

  test('is refused with the field and its range', () => {
    expect(faultsOf(growersGenusSchema, { ...own, airNeed: 3 })).toEqual([
      {
        path: 'airNeed',
        code: 'range',
        message: 'air its roots want must be between 0.05 and 0.8 (share of the root zone)',
      },
    ]);
    expect(faultsOf(growersGenusSchema, { ...own, rootThinnestMm: 5, rootThickestMm: 2 })[0]!.path).toBe(
      'rootThickestMm',
    );
    expect(faultsOf(growersGenusSchema, { ...own, name: ' ' })[0]!.message).toMatch(/between 1 and 80/);
    expect(faultsOf(growersGenusSchema, { ...own, habit: 'flying' })[0]!.message).toMatch(/creeping/);
  });
});

describe('what differs on one plant', () => {
  test('is put over the genus, the rest stays', () => {
    const changed = withOverrides(genusById('vanda'), { regime: 'wet-dry', heightCm: 20 });
    expect(changed).toMatchObject({ name: genusById('vanda').name, regime: 'wet-dry', heightCm: 20 });
    expect(withOverrides(genusById('vanda'), undefined)).toBe(genusById('vanda'));
  });

  test('thicker thinnest roots lift the thickest', () => {
    expect(withOverrides(genusById('masdevallia'), { rootThinnestMm: 4 }).rootThickestMm).toBe(4);
  });

  test('a misspelt trait is named', () => {
    expect(faultsOf(planCaseSchema, { ...base, genusOverrides: { regimen: 'wet-dry' } })[0]).toMatchObject({
      path: 'genusOverrides.regimen',
    });
  });
});

describe('the plant in hand', () => {
  const plantOf = (more: Partial<PlanCase>) => resolveCase(planCaseSchema.parse({ ...base, ...more })).plant;

  test('what was not looked at is not asserted', () => {
    const { signs, bulbs } = plantOf({});
    expect(Object.values(signs).every((sign) => sign === null)).toBe(true);
    expect(bulbs).toBe('no bulbs');
    expect(plantOf({ genus: 'oncidium' }).bulbs).toBe('plump');
  });

  test('several things can be seen at once, and the rest stays unknown', () => {
    const seen = plantOf({ signs: { tips: 'starting', inBloom: true, rot: false }, liveRootsPct: 60 });
    expect(seen.signs).toMatchObject({ tips: 'starting', inBloom: true, rot: false, shoot: null, wobbles: null });
    expect(seen.liveRootShare).toBe(0.6);
  });

  test('without leaves between two seasons a plant sleeps: it does not fail for want of live roots', () => {
    const bare = { genus: 'catasetum', liveRootsPct: 0 } as const;
    expect(isFailing(plantOf(bare))).toBe(true);
    for (const signs of [{ leavesShed: true }, { resting: true }]) {
      expect(isAsleep(plantOf({ ...bare, signs }))).toBe(true);
      expect(isFailing(plantOf({ ...bare, signs }))).toBe(false);
    }
    expect(isAsleep(plantOf({ ...bare, signs: { leavesShed: true, tips: 'starting' } }))).toBe(false);
    expect(isFailing(plantOf({ ...bare, genus: 'phalaenopsis', signs: { resting: true } }))).toBe(true);
  });

  test('holiday, heat wave and schools reach the resolved case', () => {
    const resolved = resolveCase(
      planCaseSchema.parse({
        ...base,
        holiday: { fromDay: 1, days: 9 },
        heatWave: { month: 7, warmerC: 5 },
        schools: { mounts: 'refused' },
      }),
    );
    expect(resolved.holiday).toEqual({ fromDay: 0, days: 9 });
    expect(resolved.place.name).toMatch(/\+5 °C/);
    expect(resolved.stance.mounts).toBe('refused');
    for (const school of schools) if (school.id !== 'mounts') expect(resolved.stance[school.id]).toBe(school.houseSide);
  });

  test('an unknown side is answered with the sides there are', () => {
    expect(faultsOf(planCaseSchema, { ...base, schools: { top: 'glitter' } })[0]!.message).toMatch(/pebbles/);
  });
});

describe('own media and pots', () => {
  test('pieces, air and water must fit together', () => {
    expect(
      faultsOf(growersMediumSchema, { name: 'x', likeId: 'bark-6-12', airShare: 0.6, capacityShare: 0.6 })[0]!.message,
    ).toMatch(/less than 1/);
    expect(faultsOf(growersMediumSchema, { name: 'x', likeId: 'bark-6-12', airShare: 0.4 })[0]!.message).toMatch(
      /together/,
    );
    expect(faultsOf(growersMediumSchema, { name: 'x', likeId: 'bark-6-12', smallMm: 9, largeMm: 3 })[0]!.path).toBe(
      'largeMm',
    );
    expect(faultsOf(growersMediumSchema, { name: '', likeId: 'nothing' }).map((fault) => fault.path)).toEqual([
      'name',
      'likeId',
    ]);
  });

  test('a pot needs its rim; one of it when not counted', () => {
    expect(growersPotSchema.parse({ potKindId: 'clay-unglazed', rimDiameterCm: 12 }).count).toBe(1);
    expect(faultsOf(growersPotSchema, { potKindId: 'clay-unglazed' })[0]!.message).toMatch(/between 3 and 60 cm/);
  });
});

describe('a setup that cannot be', () => {
  const setup = {
    approach: 'organic pot',
    vessel: { kind: 'pot', potKindId: 'plastic-pan', rimDiameterCm: 12 },
    layers: [{ role: 'main', mix: [{ mediumId: 'bark-6-12', parts: 1 }], heightCm: 9 }],
  };

  test('layers higher than the pot are refused with both heights', () => {
    expect(faultsOf(setupSpecSchema, setup)).toEqual([
      {
        path: 'layers',
        code: 'layers too high',
        message: 'layers are 9 cm high together, but the pot is only 6 cm deep',
      },
    ]);
  });

  test('a pot measured deeper takes them', () => {
    expect(faultsOf(setupSpecSchema, { ...setup, vessel: { ...setup.vessel, heightCm: 11 } })).toEqual([]);
  });

  test('a what-if question is read with its change; nonsense is named', () => {
    expect(whatIfCaseSchema.parse({ ...base, change: { mossShare: 0.2 } }).change).toEqual({ mossShare: 0.2 });
    expect(faultsOf(whatIfCaseSchema, { ...base, change: { mossShare: 2 } })[0]!.message).toMatch(/between 0 and 0.8/);
    expect(faultsOf(whatIfCaseSchema, { ...base, change: { top: 'tinsel' } })[0]!.message).toMatch(/pebbles/);
  });
});
