import Papa from 'papaparse';
import type { PlantSummary } from '@server/projections/plants/schemas';
import { plantsCsv } from './plants-csv';

const plant: PlantSummary = {
  id: '6f1de3a2-6c0f-4b6a-9a5e-0c5a1b2d3e4f',
  name: 'Old “white”, from "the" stairs\nsecond line',
  genusId: 'vanda',
  tagNumber: '=1+2',
  parentage: null,
  placeName: 'Kiln Lane flat',
  spot: null,
  flag: 'watch',
  lastPotting: { pottedOn: '2026-03-14', title: 'Bark, 12 cm' },
  planned: null,
  mediumName: 'Bark',
  inMediumSince: '2026-03-14',
  wateredOn: null,
  lookedOverOn: null,
  photoId: null,
  left: { on: '2026-05-01', how: 'sold' },
};

/** Read back by another reader of the same format, whatever stands in the names. */
test('a table that is read back as it was written', () => {
  const { data, errors } = Papa.parse<Record<string, string>>(plantsCsv([plant]), { header: true });
  expect(errors).toEqual([]);
  expect(data).toHaveLength(1);
  expect(data[0]).toMatchObject({
    name: plant.name,
    kind: 'Vanda',
    'potted on': '2026-03-14',
    'potted in': 'Bark, 12 cm',
    'left how': 'sold',
    'watered on': '',
  });
});

test('what a spreadsheet would reckon is text', () => {
  expect(Papa.parse<Record<string, string>>(plantsCsv([plant]), { header: true }).data[0]!.tag).toBe("'=1+2");
});

test('no plants: the headings alone', () => {
  expect(plantsCsv([]).trim().split('\n')).toHaveLength(1);
});
