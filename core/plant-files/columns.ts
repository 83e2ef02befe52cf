/** Which column holds what, by its heading: the words growers write over their own lists (common practice, no source). */

import { plainWords } from '../base';

/** In the order in which columns are given away: the surest first. */
const words = {
  leftHow: ['left how', 'how it left', 'fate', 'gone how'],
  leftOn: ['left on', 'died on', 'died', 'date died', 'sold on', 'date lost', 'gone on', 'left'],
  wateredOn: ['watered on', 'last watered', 'watered', 'last watering'],
  inMediumSince: [
    'in it since',
    'potted on',
    'last repotted',
    'repotted on',
    'repotted',
    'last repot',
    'date repotted',
    'repot date',
    'potting date',
    'date potted',
    'in medium since',
    'potted',
  ],
  acquiredOn: [
    'acquired on',
    'date acquired',
    'acquisition date',
    'acquired',
    'bought on',
    'purchase date',
    'date purchased',
    'purchased',
    'date bought',
    'bought',
    'received',
    'since',
  ],
  tagNumber: [
    'tag number',
    'tag no',
    'tag',
    'accession number',
    'accession',
    'plant number',
    'plant no',
    'plant id',
    'inventory number',
    'number',
    'no',
    'nr',
    'id',
    'code',
  ],
  parentage: ['parentage', 'parents', 'cross', 'pod parent x pollen parent', 'breeding'],
  source: ['source', 'bought from', 'vendor', 'seller', 'supplier', 'nursery', 'grower', 'origin', 'from'],
  spot: ['where there', 'spot', 'shelf', 'bench', 'position', 'tray', 'row'],
  place: ['place', 'location', 'growing area', 'room', 'greenhouse', 'house', 'where', 'area'],
  potWidth: ['pot size', 'pot diameter', 'pot width', 'pot cm', 'pot in', 'pot', 'container size', 'size of pot'],
  medium: [
    'medium',
    'media',
    'potting medium',
    'potting mix',
    'substrate',
    'mix',
    'growing medium',
    'potted in',
    'growing in',
    'compost',
  ],
  flag: ['mark', 'flag'],
  note: ['notes', 'note', 'comments', 'comment', 'remarks', 'remark'],
  species: ['species', 'epithet', 'species or hybrid', 'grex', 'hybrid', 'cultivar', 'variety', 'clone'],
  kind: ['kind', 'genus', 'taxon', 'botanical name', 'latin name', 'scientific name', 'type'],
  name: ['name', 'plant name', 'plant', 'orchid', 'label', 'title'],
} as const;

export type ListField = keyof typeof words;
export const listFields = Object.keys(words) as readonly ListField[];

/** Letters and figures alone, so that "Tag-No." is "tag no". */
export const plain = plainWords;

/** For each heading what its column holds; null where none is meant. Every field goes to one column at most. */
export function fieldsOf(headings: readonly string[]): readonly (ListField | null)[] {
  const said = headings.map(plain);
  const fields: (ListField | null)[] = headings.map(() => null);
  const give = (fits: (heading: string, word: string) => boolean) => {
    for (const field of listFields) {
      if (fields.includes(field)) continue;
      for (const word of words[field]) {
        const at = said.findIndex((heading, n) => fields[n] === null && fits(heading, word));
        if (at < 0) continue;
        fields[at] = field;
        break;
      }
    }
  };
  give((heading, word) => heading === word);
  // "Date of last repotting (dd/mm)" holds the word, and only long words are sure enough for that.
  give((heading, word) => word.length >= 6 && ` ${heading} `.includes(` ${word} `));
  return fields;
}
