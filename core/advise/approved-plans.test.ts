/** Whole plans as they were last looked at, so that a change of the model or a rule shows what it moves. */
import type { PlanCase } from '../case';
import { contextOf, generateCandidates } from '../decide/setups';
import { daysOf } from '../physics/drydown';
import { makePlan, planCaseSchema, resolveCase } from '../testing';
import { approvedLine } from '../testing/approved';

const cases: readonly PlanCase[] = [
  { genus: 'phalaenopsis', place: 'heated-flat', routine: { kind: 'every', days: 7 } },
  { genus: 'vanda', place: 'humid-terrace', routine: { kind: 'every', days: 1 } },
  { genus: 'paphiopedilum', place: 'cool-shade', routine: { kind: 'every', days: 4 }, liveRootsPct: 60 },
  { genus: 'masdevallia', place: 'monsoon-balcony', routine: { kind: 'every', days: 14 } },
  { genus: 'cymbidium', place: 'slate-yard', rootBallDiameterCm: 18, schools: { steps: 'small-steps' } },
  {
    genus: 'maxillaria',
    place: 'heated-flat',
    bulbs: 'wrinkled',
    holiday: { fromDay: 190, days: 14 },
    current: { mediumId: 'bark-6-12', yearsInMedium: 3 },
  },
  { genus: 'brassavola', place: 'dry-plateau', yearsWanted: 5, routine: { kind: 'weekdays', weekdays: [1, 4] } },
  {
    genus: 'oncidium',
    place: 'bathroom',
    liveRootsPct: 20,
    signs: { tips: 'none' },
    current: { mediumId: 'sphagnum-packed', vesselKind: 'clay-unglazed' },
    schools: { top: 'moss', peroxide: 'never' },
  },
];
const nameOf = (planCase: PlanCase) => `${planCase.genus} in ${String(planCase.place)}`;

/** What is the same as in the setup before is not written again. */
function withoutRepeats(facts: readonly Readonly<Record<string, unknown>>[]): readonly object[] {
  return facts.map((one, n) =>
    Object.fromEntries(
      Object.entries(one).filter(([key, value]) => n === 0 || approvedLine(value) !== approvedLine(facts[n - 1]![key])),
    ),
  );
}

test.each(cases.map((planCase) => [nameOf(planCase), planCase] as const))('the plan for a %s', (_name, planCase) => {
  const plan = makePlan(planCaseSchema.parse(planCase));
  const shown = plan.setups.slice(0, 6).map((setup) => ({
    id: setup.id,
    score: setup.score,
    days: setup.daysByMonth.map(daysOf),
    year: {
      fine: setup.year.fineDays,
      watch: setup.year.watchDays,
      harm: setup.year.harmDays,
      worst: setup.year.worst,
      health: setup.year.rootHealth,
      salts: setup.year.layersDsM,
    },
    air: setup.airAfterWatering,
    lifeYears: setup.lifeYears,
    reservoirDays: setup.reservoirDays,
    stability: setup.stability,
    layersL: setup.layers.map((layer) => layer.volumeL),
    placement: setup.placement,
    findings: setup.findings.map((finding) => finding.ruleId),
    aftercare: setup.aftercare,
    changeOver: setup.changeOver,
    costs: setup.costs,
  }));
  expect([
    // How many candidates there are stands in "what is tried".
    approvedLine({ yearsComputed: plan.yearsComputed, timing: plan.timing }),
    ...withoutRepeats(shown).map(approvedLine),
    // How many are alike grows with every recipe, and is a matter of tens and hundreds.
    ...plan.ruledOut.map(
      ({ spec, finding, alike }) => `${spec.approach}: ${finding.ruleId} ~10^${Math.round(Math.log10(alike))}`,
    ),
  ]).toMatchSnapshot();
});

test.each(cases.map((planCase) => [nameOf(planCase), planCase] as const))(
  'what is tried for a %s',
  (_name, planCase) => {
    const byApproach = new Map<string, { mixes: Set<string>; vessels: Set<string>; setups: number }>();
    for (const spec of generateCandidates(contextOf(resolveCase(planCaseSchema.parse(planCase))))) {
      const found = byApproach.get(spec.approach) ?? { mixes: new Set(), vessels: new Set(), setups: 0 };
      byApproach.set(spec.approach, found);
      found.vessels.add(spec.vessel.kind === 'pot' ? spec.vessel.potKindId : spec.vessel.mountKindId);
      const main = spec.layers.filter((layer) => layer.role === 'main');
      found.mixes.add(JSON.stringify(main.map((layer) => layer.mix)));
      found.setups += 1;
    }
    expect(
      [...byApproach].map(
        ([approach, { mixes, vessels, setups }]) =>
          `${approach}: ${mixes.size} mixes in ${[...vessels].sort().join(', ')}: ${setups} setups`,
      ),
    ).toMatchSnapshot();
  },
);
