/** The list of plants as a table for a spreadsheet: the columns, and what each holds. */
import Papa from 'papaparse';
import { genusById, genusIds, guardedCell } from '@core';
import type { PlantSummary } from '@server/projections/plants/schemas';
import { flagWords } from './plant-words';

const columns: Readonly<Record<string, (plant: PlantSummary) => string>> = {
  tag: ({ tagNumber }) => tagNumber ?? '',
  name: ({ name }) => name,
  kind: ({ genusId }) => (genusIds.includes(genusId) ? genusById(genusId).name : genusId),
  parentage: ({ parentage }) => parentage ?? '',
  place: ({ placeName }) => placeName ?? '',
  'where there': ({ spot }) => spot ?? '',
  medium: ({ mediumName }) => mediumName ?? '',
  'in it since': ({ inMediumSince }) => inMediumSince ?? '',
  'potted on': ({ lastPotting }) => lastPotting?.pottedOn ?? '',
  'potted in': ({ lastPotting }) => lastPotting?.title ?? '',
  'watered on': ({ wateredOn }) => wateredOn ?? '',
  'looked over on': ({ lookedOverOn }) => lookedOverOn ?? '',
  mark: ({ flag }) => (flag ? flagWords[flag] : ''),
  'left on': ({ left }) => left?.on ?? '',
  'left how': ({ left }) => left?.how ?? '',
};

/** Days as YYYY-MM-DD; RFC 4180, with a line of headings. */
export function plantsCsv(plants: readonly PlantSummary[]): string {
  const fields = Object.keys(columns);
  const data = plants.map((plant) => fields.map((field) => guardedCell(columns[field]!(plant))));
  return Papa.unparse({ fields, data });
}
