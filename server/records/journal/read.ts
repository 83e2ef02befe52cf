/** An event as it is kept, read through the shape of its kind and version; what cannot be read is said so. */
import type { z } from 'zod';
import { demoPlaces, upgraded } from '@core';
import { type QuickEntry, type QuickKind, quickKinds } from './quick-entry-schemas';
import type { PlantEventRow } from './entity';
import type { InspectionEntry, SignCheckEntry, PlanEntry, PottingEntry, UnreadableEntry } from './entry-schemas';
import { type EventKind, eventShapes } from './schemas';

export type ReadEvent =
  | { readonly status: 'planned'; readonly entry: PlanEntry }
  | { readonly status: 'potted'; readonly entry: PottingEntry }
  | { readonly status: 'inspected'; readonly entry: InspectionEntry }
  | { readonly status: 'looked'; readonly entry: SignCheckEntry }
  | { readonly status: 'care'; readonly entry: QuickEntry }
  | { readonly status: 'unreadable'; readonly entry: UnreadableEntry };

type EventContent = Pick<PlantEventRow, 'id' | 'kind' | 'happenedOn' | 'title' | 'data' | 'dataVersion' | 'version'> & {
  readonly batchId?: string | null;
};

type ContentOf<K extends EventKind> = z.infer<(typeof eventShapes)[K]['schema']>;

export function contentOf<K extends EventKind>(
  kind: K,
  row: Pick<EventContent, 'data' | 'dataVersion'>,
): ContentOf<K> | null {
  const { schema, versions } = eventShapes[kind];
  const current = upgraded(row.data, row.dataVersion, versions);
  if (current.status !== 'ok') return null;
  const parsed = schema.safeParse(current.value);
  return parsed.success ? (parsed.data as ContentOf<K>) : null;
}

type Reader = (row: EventContent) => ReadEvent | null;

type Standing = ContentOf<'moved'>['place'];

const placeName = (place: Standing): string =>
  typeof place === 'string' ? (demoPlaces.find(({ id }) => id === place)?.name ?? place) : place.name;

/** A place is a year of air: of it a life shows the name. */
function quickOf(kind: QuickKind, row: EventContent): ReadEvent | null {
  const content = contentOf(kind, row);
  if (!content) return null;
  const { id, happenedOn, version, batchId = null } = row;
  const entry = { id, kind, happenedOn, version, batchId };
  if (!('place' in content)) {
    // What a division took is for taking it back.
    const { went: _, ...told } = content as typeof content & { readonly went?: unknown };
    return { status: 'care', entry: { ...entry, ...told } as QuickEntry };
  }
  const { place, from, ...rest } = content;
  const fromName = from === undefined ? {} : { fromName: placeName(from.place) };
  return { status: 'care', entry: { ...entry, ...rest, placeName: placeName(place), ...fromName } };
}

const quickReaders = Object.fromEntries(
  quickKinds.map((kind) => [kind, (row: EventContent) => quickOf(kind, row)]),
) as Readonly<Record<QuickKind, Reader>>;

const readers: Readonly<Record<EventKind, Reader>> = {
  ...quickReaders,
  planned: (row) => {
    const content = contentOf('planned', row);
    const { id, version, happenedOn: plannedOn, title } = row;
    return content && { status: 'planned', entry: { id, version, plannedOn, title, ...content } };
  },
  potted: (row) => {
    const content = contentOf('potted', row);
    const { id, version, happenedOn: pottedOn, title } = row;
    return content && { status: 'potted', entry: { id, version, pottedOn, title, ...content } };
  },
  inspected: (row) => {
    const inspection = contentOf('inspected', row);
    return (
      inspection && {
        status: 'inspected',
        entry: { id: row.id, version: row.version, inspectedOn: row.happenedOn, inspection },
      }
    );
  },
  looked: (row) => {
    const content = contentOf('looked', row);
    return (
      content && { status: 'looked', entry: { id: row.id, version: row.version, lookedOn: row.happenedOn, ...content } }
    );
  },
};

/** Of an entry from elsewhere that this program cannot read: as it came, where nothing that is reckoned looks. */
export const SET_ASIDE = 'set aside';

export interface SetAside {
  readonly kind: string;
  readonly data: unknown;
  readonly dataVersion: number;
}

export function readEvent(row: EventContent): ReadEvent {
  const { id, happenedOn, title } = row;
  const { kind, data } = row.kind === SET_ASIDE ? (row.data as SetAside) : row;
  if (row.kind === SET_ASIDE) return { status: 'unreadable', entry: { id, kind, happenedOn, title, data } };
  const read = Object.hasOwn(readers, kind) ? readers[kind as EventKind](row) : null;
  return read ?? { status: 'unreadable', entry: { id, kind, happenedOn, title, data } };
}
