/** The addresses of own media, pots and genera. */
import { hiding } from './hiding';
import { isId } from '../runtime/http/ids';
import { inScope } from './in-scope';
import { onceKeyOf } from '../runtime/http/idempotency-key';
import { pageOf } from '../runtime/http/page';
import { changedMeanwhile, notFound } from '../runtime/http/problem';
import { readBody } from '../runtime/http/read-body';
import { seenVersionOf } from '../runtime/http/seen-version';
import {
  changeLibraryItem,
  historyOfItem,
  listLibrary,
  saveLibraryOnce,
  setItemHidden,
} from '../records/library/repository';
import { isLibraryKind, type LibraryKind, librarySchemas, type LibraryTypes } from '../records/library/schemas';

export interface ByKind {
  readonly params: Promise<{ readonly kind: string }>;
}
export interface ByKindAndId {
  readonly params: Promise<{ readonly kind: string; readonly id: string }>;
}

const noKind = (): Response => notFound('kind of own things');

export async function getLibrary(request: Request, { params }: ByKind): Promise<Response> {
  const { kind } = await params;
  if (!isLibraryKind(kind)) return noKind();
  return inScope(async ({ em, scope }) => Response.json(await listLibrary(em, scope, kind, pageOf(request))));
}

export async function postLibrary(request: Request, { params }: ByKind): Promise<Response> {
  const { kind } = await params;
  if (!isLibraryKind(kind)) return noKind();
  const body = await readBody<LibraryTypes[LibraryKind]>(request, librarySchemas[kind]);
  if (body.status === 'refused') return body.response;
  const once = onceKeyOf(request);
  if (once.status === 'refused') return once.response;
  return inScope(async ({ em, scope }) => {
    const { kept, wasKnown } = await saveLibraryOnce(em, scope, kind, body.value, once.key);
    return Response.json(kept, { status: wasKnown ? 200 : 201 });
  });
}

/** Changes a thing; what it was stays readable in its history. */
export async function putLibrary(request: Request, { params }: ByKindAndId): Promise<Response> {
  const { kind, id } = await params;
  if (!isLibraryKind(kind)) return noKind();
  const body = await readBody<LibraryTypes[LibraryKind]>(request, librarySchemas[kind]);
  if (body.status === 'refused') return body.response;
  if (!isId(id)) return notFound('thing');
  return inScope(async ({ em, scope }) => {
    const changed = await changeLibraryItem(em, scope, kind, id, body.value, seenVersionOf(request));
    switch (changed.status) {
      case 'no such thing':
        return notFound('thing');
      case 'changed meanwhile':
        return changedMeanwhile('thing', { data: changed.current, version: changed.version }, { data: body.value });
      case 'changed':
        return Response.json(changed.entry, { headers: { etag: `"${changed.entry.version}"` } });
    }
  });
}

export async function getLibraryHistory(_request: Request, { params }: ByKindAndId): Promise<Response> {
  const { kind, id } = await params;
  if (!isLibraryKind(kind)) return noKind();
  if (!isId(id)) return notFound('thing');
  return inScope(async ({ em, scope }) => {
    const history = await historyOfItem(em, scope, kind, id);
    return history ? Response.json(history) : notFound('thing');
  });
}

const hidingOf = (kind: LibraryKind) =>
  hiding('thing', ({ em, scope }, id, hiddenAt) => setItemHidden(em, scope, kind, id, hiddenAt));

export async function putLibraryAway(request: Request, { params }: ByKindAndId): Promise<Response> {
  const { kind } = await params;
  return isLibraryKind(kind) ? hidingOf(kind).putAway(request, { params }) : noKind();
}

export async function bringLibraryBack(request: Request, { params }: ByKindAndId): Promise<Response> {
  const { kind } = await params;
  return isLibraryKind(kind) ? hidingOf(kind).bringBack(request, { params }) : noKind();
}
