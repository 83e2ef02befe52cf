/** All checks beside what the model gives, and the table of them that docs/model.md carries. */
import type { Check, CheckUse } from './check';
import { practiceCases } from './days';
import { heldOutChecks } from './held-out';
import { setChecks } from './set-on';

export interface CheckResult {
  readonly id: string;
  readonly name: string;
  readonly use: CheckUse;
  readonly source: string;
  readonly unit: string;
  readonly range: readonly [number, number];
  readonly model: number;
  readonly within: boolean;
  readonly reason?: string;
  /** Of what growers count in days. */
  readonly practiceDays?: readonly [number, number];
  readonly modelDays?: number;
}

export const allChecks: readonly Check[] = [...setChecks, ...heldOutChecks];

function resultOf({ model: run, ...check }: Check): CheckResult {
  const value = run();
  const [least, most] = check.range;
  const isDays = practiceCases.some((practice) => practice.id === check.id);
  const model = Math.round(value * 100) / 100;
  return {
    ...check,
    model,
    within: value >= least && value <= most,
    ...(isDays ? { practiceDays: check.range, modelDays: model } : {}),
  };
}

export function runAllPractice(): readonly CheckResult[] {
  return allChecks.map(resultOf);
}

/** The results as a table in Markdown, one for each use. */
export function practiceTable(results: readonly CheckResult[]): string {
  const rowsOf = (use: CheckUse) =>
    results
      .filter((result) => result.use === use)
      .map(({ name, source, unit, range, model, within, reason }) => {
        const figure = (value: number) => `${value}${unit === '' ? '' : ` ${unit}`}`;
        const verdict = within ? 'within' : `outside: ${reason ?? 'no reason known'}`;
        return `| ${name} | ${source} | ${range[0]}-${figure(range[1])} | ${figure(model)} | ${verdict} |`;
      });
  const table = (title: string, use: CheckUse) =>
    [
      `**${title}**`,
      '',
      '| what | source | outside | model | |',
      '| --- | --- | --- | --- | --- |',
      ...rowsOf(use),
    ].join('\n');
  return `${table('Used to set constants', 'set')}\n\n${table('Held out', 'held out')}\n`;
}
