/** Whether to divide, in a sentence. */
import type { Division, PieceRule } from '../advise';
import { capital, joinAnd, plural } from './phrasing/format';

const leftWhole: Readonly<Record<Extract<Division, { code: 'leave whole' }>['why'], string>> = {
  'fussy roots': 'Leave it whole: its roots take years to forgive a division.',
  'divide seldom': 'Leave it whole: it is divided seldom, and one plant left whole blooms better.',
  'too few': 'Leave it whole: a piece wants three or four shoots with roots of their own.',
  'poor roots': 'Leave it whole until its roots are better: a piece without roots only shrinks.',
};

export function wordDivision(division: Division | null): string {
  if (division === null) return '';
  switch (division.code) {
    case 'parts by itself':
      return 'Its old bulbs part by themselves: pot them singly if you want more plants.';
    case 'could be divided':
      return `It could make ${division.pieces} plants. ${wordPieceRule(division.rule)} Left whole it blooms better: when unsure, leave it.`;
    case 'leave whole':
      return leftWhole[division.why];
  }
}

const wayWords: Readonly<Record<PieceRule['way'], string>> = {
  stem: 'It has one stem: only a keiki, or a top, with roots of its own can go.',
  fans: 'Pull it apart where its fans part by themselves.',
  lengths: 'Cut a length of stem that has several roots of its own.',
  'ground bulbs': 'Its bulbs part while it sleeps: each with a bud is a piece.',
  canes: 'Cut between canes, where the base parts willingly; a keiki with roots can go by itself.',
  bulbs: 'Cut where the rhizome parts by itself.',
};

const piecesWords: Readonly<Record<'fans' | 'canes' | 'bulbs', string>> = {
  fans: 'fans with roots of their own make a piece; fewer flower years later.',
  canes: 'canes with roots of their own make a piece; fewer flower years later.',
  bulbs: 'bulbs with roots of their own make a piece; fewer flower years later.',
};

const isCounted = (way: PieceRule['way']): way is keyof typeof piecesWords => way in piecesWords;

/** How a piece of this kind is taken. */
export function wordPieceRule({ way, leastShoots, goodShoots, isFussy }: PieceRule): string {
  const count = leastShoots === goodShoots ? `${leastShoots}` : `${leastShoots} or ${goodShoots}`;
  const pieces = isCounted(way) ? ` ${count} ${piecesWords[way]}` : '';
  const fussy = isFussy ? ' It forgives a division slowly: leave it whole where you can.' : '';
  return `${wayWords[way]}${pieces}${fussy}`;
}

/** What both get: "The piece takes 3 shoots, 5 stay." With what it costs where one gets too few. before: null where nobody counted. */
export function wordShares(rule: PieceRule, before: number | null, shoots: number): string {
  const least = rule.leastShoots;
  const stays = before === null ? null : before - shoots;
  const small = [
    ...(least !== null && shoots < least ? ['the piece'] : []),
    ...(least !== null && stays !== null && stays < least ? ['what stays'] : []),
  ];
  const cost = small.length === 0 ? '' : ` ${capital(joinAnd(small))} will need years to flower again.`;
  if (stays === null) return cost.trim();
  if (stays < 1) return `It has ${plural(before!, 'shoot')}: at least one must stay.`;
  return `The piece takes ${plural(shoots, 'shoot')}, ${stays} ${stays === 1 ? 'stays' : 'stay'}.${cost}`;
}
