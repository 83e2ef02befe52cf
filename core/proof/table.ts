/** The share of expectations met, as a table in Markdown. */
import type { CasesReport, Share } from './run';

const percentOf = (part: number, whole: number) => `${((100 * part) / whole).toFixed(0)} %`;

function rowOf({ name, asked, met, metInThree }: Share): string {
  return `| ${name} | ${asked} | ${percentOf(met, asked)} | ${percentOf(metInThree, asked)} |`;
}

function tableOf(title: string, shares: readonly Share[]): string {
  return [
    `| ${title} | asked | met first | met within three |`,
    '| --- | --- | --- | --- |',
    ...shares.map(rowOf),
  ].join('\n');
}

export function casesTable({ cases, all, byPart, byGroup }: CasesReport): string {
  return `${cases} worked cases.\n\n${tableOf('part', [all, ...byPart])}\n\n${tableOf('group', byGroup)}\n`;
}
