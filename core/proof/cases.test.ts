import { readFileSync } from 'node:fs';
import { planCaseSchema } from '../testing';
import { bundledPlan } from '../../server/testing/bundled-plan';
import { languageFaults } from '../testing/language';
import type { PlanFacts } from '../advise';
import { metricWords, wordPlan } from '../words';
import { findingsOf, parts } from './meets';
import { reportOf, runCase, workedCases } from './run';
import { casesTable } from './table';
import { genusGroups } from './worked-case';

test('at least 120 cases, each once, each a case, each with six parts or more', () => {
  expect(workedCases.length).toBeGreaterThanOrEqual(120);
  expect(new Set(workedCases.map(({ id }) => id)).size).toBe(workedCases.length);
  for (const { id, ask, expect: expected } of workedCases) {
    expect({ id, isCase: planCaseSchema.safeParse(ask).success }).toEqual({ id, isCase: true });
    expect({ id, parts: Object.keys(expected).length >= 6 }).toEqual({ id, parts: true });
  }
  for (const group of genusGroups) expect(workedCases.filter((one) => one.group === group).length).toBeGreaterThan(9);
});

test('an empty answer meets nothing that hangs on a setup, and a wrong wish is seen as missed', () => {
  const [first] = workedCases;
  const { findings } = runCase({ ...first!, expect: { medium: ['coconut'], sizeCm: [1, 2], aside: ['potted'] } });
  expect(findings.map(({ isMet }) => isMet)).toEqual([false, false, false]);
  const nothing = { setups: [], timing: { verdict: 'go' }, place: { verdict: 'suits' } } as unknown as Parameters<
    typeof findingsOf
  >[1];
  expect(findingsOf({ medium: ['bark'], timing: ['go'] }, nothing).map(({ isMet }) => isMet)).toEqual([true, false]);
});

describe('all of them', () => {
  const plan = bundledPlan();
  const plans: readonly PlanFacts[] = workedCases.map(({ ask }) => plan(ask, { isRough: true }));
  const report = reportOf(workedCases.map((worked, i) => runCase(worked, plans[i])));

  test('none is without an answer', () => {
    for (const plan of plans) expect(plan.setups.length).toBeGreaterThan(0);
  });

  test('every sentence of theirs is without a fault of language', () => {
    const faults = plans.flatMap((plan) => languageFaults(wordPlan(plan, metricWords)));
    expect(faults.slice(0, 20)).toEqual([]);
  });

  test('nine in ten expectations are met, and of what must be put aside nineteen in twenty', () => {
    expect(report.all.met / report.all.asked).toBeGreaterThanOrEqual(0.9);
    const aside = report.byPart.find(({ name }) => name === 'put aside')!;
    expect(aside.met / aside.asked).toBeGreaterThanOrEqual(0.95);
    for (const { name, asked, met } of report.byPart) {
      expect(parts).toContain(name);
      expect({ name, share: met / asked >= 0.8 }).toEqual({ name, share: true });
    }
  });

  test('the table in docs/model.md is what the program says', () => {
    // The formatter pads the cells; what stands in them is the same.
    const cells = (table: string) => table.replace(/ +/g, ' ').replace(/\|[-| ]+\|\n/g, '');
    expect(cells(readFileSync('docs/model.md', 'utf8'))).toContain(cells(casesTable(report)).trim());
  });
});
