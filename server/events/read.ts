/** An event as it is kept, read through the shape of its kind and version; what cannot be read is said so. */
import { upgraded } from '@core';
import type { PlantEventRow } from './entity';
import {
  eventKinds,
  eventShapes,
  type EventKind,
  type Potted,
  type PottingEntry,
  type UnreadableEntry,
} from './schemas';

export type ReadEvent =
  | { readonly status: 'read'; readonly entry: PottingEntry }
  | { readonly status: 'unreadable'; readonly entry: UnreadableEntry };

type EventContent = Pick<PlantEventRow, 'id' | 'kind' | 'happenedOn' | 'title' | 'data' | 'dataVersion'>;

const isKind = (kind: string): kind is EventKind => (eventKinds as readonly string[]).includes(kind);

function contentOf(row: EventContent): Potted | null {
  if (!isKind(row.kind)) return null;
  const { schema, versions } = eventShapes[row.kind];
  const current = upgraded(row.data, row.dataVersion, versions);
  if (current.status !== 'ok') return null;
  const parsed = schema.safeParse(current.value);
  return parsed.success ? parsed.data : null;
}

export function readEvent(row: EventContent): ReadEvent {
  const { id, kind, happenedOn, title, data } = row;
  const potted = contentOf(row);
  return potted
    ? { status: 'read', entry: { id, pottedOn: happenedOn, title, ...potted } }
    : { status: 'unreadable', entry: { id, kind, happenedOn, title, data } };
}
