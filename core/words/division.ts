/** Whether to divide, in a sentence. */
import type { Division } from '../advise';

const leftWhole: Readonly<Record<Extract<Division, { code: 'leave whole' }>['why'], string>> = {
  'fussy roots': 'Leave it whole: its roots take years to forgive a division.',
  'divide seldom': 'Leave it whole: it is divided seldom, and one plant left whole blooms better.',
  'too few': 'Leave it whole: a piece wants three or four bulbs with roots of their own.',
  'poor roots': 'Leave it whole until its roots are better: a piece without roots only shrinks.',
};

export function wordDivision(division: Division | null): string {
  if (division === null) return '';
  switch (division.code) {
    case 'parts by itself':
      return 'Its old bulbs part by themselves: pot them singly if you want more plants.';
    case 'could be divided':
      return `It could make ${division.pieces} plants of three or four bulbs with roots, where the rhizome parts willingly. Left whole it blooms better: when unsure, leave it.`;
    case 'leave whole':
      return leftWhole[division.why];
  }
}
