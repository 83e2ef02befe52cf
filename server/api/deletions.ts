/** Deleting many things of a kind at once, and bringing them back: all of them or none. */
import { setPlantHidden } from '../projections/plants/plant-log';
import { setDayHidden } from '../records/days/repository';
import { setItemHidden } from '../records/library/repository';
import type { LibraryKind } from '../records/library/schemas';
import { setPlaceHidden } from '../records/places/repository';
import { inTransaction } from '../runtime/database/in-transaction';
import { done, notFound } from '../runtime/http/problem';
import { readAsked } from '../runtime/http/read-body';
import { type DeletableKind, deletionsSchema } from './deletions-schemas';
import { inScope, type Inside } from './in-scope';

type SetHidden = (inside: Inside, id: string, hiddenAt: Date | null) => Promise<boolean>;

const ofLibrary =
  (kind: LibraryKind): SetHidden =>
  ({ em, scope }, id, hiddenAt) =>
    setItemHidden(em, scope, kind, id, hiddenAt);

const setHiddenOf: Readonly<Record<DeletableKind, SetHidden>> = {
  plant: ({ em, scope }, id, hiddenAt) => setPlantHidden(em, scope, id, hiddenAt),
  place: ({ em, scope }, id, hiddenAt) => setPlaceHidden(em, scope, id, hiddenAt),
  day: ({ em, scope }, id, hiddenAt) => setDayHidden(em, scope, id, hiddenAt),
  medium: ofLibrary('medium'),
  genus: ofLibrary('genus'),
  stock: ofLibrary('stock'),
  view: ofLibrary('view'),
  trial: ofLibrary('trial'),
};

/** One of them is not there: the transaction is left, and nothing is changed. */
class NotThereError extends Error {}

export async function postDeletions(request: Request): Promise<Response> {
  const body = await readAsked(request, deletionsSchema);
  if (body.status === 'refused') return body.response;
  const { kind, ids, isUndone } = body.value;
  const hiddenAt = isUndone ? null : new Date();
  return inScope(async ({ em, scope }) => {
    try {
      await inTransaction(em, async (inside) => {
        for (const id of ids)
          if (!(await setHiddenOf[kind]({ em: inside, scope }, id, hiddenAt))) throw new NotThereError();
      });
    } catch (error) {
      if (error instanceof NotThereError) return notFound(kind);
      throw error;
    }
    return done();
  });
}
