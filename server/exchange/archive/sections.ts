/** The tables behind the sections of an archive: which columns, in which order, and whose rows they are. */
import type { SectionName } from './schemas';
import { sectionSchemas } from './schemas';

export interface Section {
  readonly table: string;
  /** As they are called in the table, without the collection. */
  readonly columns: readonly string[];
  /** Rows of the collection itself, or of a table that is. */
  readonly parent: { readonly table: string; readonly column: string } | null;
  readonly hasCollection: boolean;
  readonly orderBy: string;
}

export const snake = (name: string): string => name.replace(/[A-Z]/g, (letter) => `_${letter.toLowerCase()}`);
export const camel = (name: string): string => name.replace(/_(\w)/g, (_, letter: string) => letter.toUpperCase());

const section = (name: SectionName, table: string, more: Partial<Section> = {}): Section => ({
  table,
  columns: Object.keys(sectionSchemas[name].shape).map(snake),
  parent: null,
  hasCollection: true,
  orderBy: 'id',
  ...more,
});
const before = (table: string, column: string) => ({ parent: { table, column }, hasCollection: false });

export const sections: Readonly<Record<SectionName, Section>> = {
  places: section('places', 'place'),
  ownItems: section('ownItems', 'own_item'),
  ownItemsBefore: section('ownItemsBefore', 'own_item_before', before('own_item', 'item_id')),
  // A plant before its divisions.
  plants: section('plants', 'plant', { orderBy: 'created_at, divided_from_id is not null, id' }),
  plantsBefore: section('plantsBefore', 'plant_before', before('plant', 'plant_id')),
  events: section('events', 'event', { orderBy: 'recorded_at, id' }),
  eventsBefore: section('eventsBefore', 'event_before', before('event', 'event_id')),
  stockEntries: section('stockEntries', 'stock_entry', {
    parent: { table: 'own_item', column: 'item_id' },
    orderBy: 'seq',
  }),
  pottingDays: section('pottingDays', 'potting_day', { orderBy: 'created_at, id' }),
  dayEntries: section('dayEntries', 'day_entry', {
    parent: { table: 'potting_day', column: 'day_id' },
    orderBy: 'seq',
  }),
  intakes: section('intakes', 'intake'),
  photographs: section('photographs', 'photo'),
};

/** Bytes stand in base64, without line ends. */
export const isBytes = (column: string): boolean => column === 'whole' || column === 'small';
