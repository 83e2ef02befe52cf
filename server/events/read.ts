/** An event as it is kept, read through the shape of its kind and version; what cannot be read is said so. */
import type { z } from 'zod';
import { upgraded } from '@core';
import type { PlantEventRow } from './entity';
import type { InspectionEntry, LookEntry, PottingEntry, UnreadableEntry } from './entry-schemas';
import { type EventKind, eventShapes } from './schemas';

export type ReadEvent =
  | { readonly status: 'potted'; readonly entry: PottingEntry }
  | { readonly status: 'inspected'; readonly entry: InspectionEntry }
  | { readonly status: 'looked'; readonly entry: LookEntry }
  | { readonly status: 'unreadable'; readonly entry: UnreadableEntry };

type EventContent = Pick<PlantEventRow, 'id' | 'kind' | 'happenedOn' | 'title' | 'data' | 'dataVersion'>;

type ContentOf<K extends EventKind> = z.infer<(typeof eventShapes)[K]['schema']>;

function contentOf<K extends EventKind>(kind: K, row: EventContent): ContentOf<K> | null {
  const { schema, versions } = eventShapes[kind];
  const current = upgraded(row.data, row.dataVersion, versions);
  if (current.status !== 'ok') return null;
  const parsed = schema.safeParse(current.value);
  return parsed.success ? (parsed.data as ContentOf<K>) : null;
}

type Reader = (row: EventContent) => ReadEvent | null;

const readers: Readonly<Record<EventKind, Reader>> = {
  potted: (row) => {
    const content = contentOf('potted', row);
    const { id, happenedOn: pottedOn, title } = row;
    return content && { status: 'potted', entry: { id, pottedOn, title, ...content } };
  },
  inspected: (row) => {
    const inspection = contentOf('inspected', row);
    return inspection && { status: 'inspected', entry: { id: row.id, inspectedOn: row.happenedOn, inspection } };
  },
  looked: (row) => {
    const content = contentOf('looked', row);
    return content && { status: 'looked', entry: { id: row.id, lookedOn: row.happenedOn, ...content } };
  },
};

export function readEvent(row: EventContent): ReadEvent {
  const { id, kind, happenedOn, title, data } = row;
  const read = Object.hasOwn(readers, kind) ? readers[kind as EventKind](row) : null;
  return read ?? { status: 'unreadable', entry: { id, kind, happenedOn, title, data } };
}
