/** The addresses of what lies in stock. */
import { type ById, hiding } from './hiding';
import { isId } from '../runtime/http/ids';
import { inScope } from './in-scope';
import { notFound, problem } from '../runtime/http/problem';
import { readBody } from '../runtime/http/read-body';
import {
  addToStock,
  entriesOf,
  listStock,
  recordStock,
  setStockHidden,
  type StockRecorded,
} from '../records/stock/repository';
import { type StockAdd, stockAddSchema, type StockDeed, stockDeedSchema } from '../records/stock/schemas';

function answerOf(recorded: StockRecorded): Response {
  switch (recorded.status) {
    case 'no such thing':
      return notFound('thing in stock');
    case 'whole pieces only':
      return problem(422, 'Some values cannot be used.', [
        { path: 'amount', message: 'pots, mounts and sundries are counted in whole pieces' },
      ]);
    case 'cannot be washed':
      return problem(422, 'Only pots and mounts that are to be washed can be washed. Nothing was changed.');
    case 'there already':
      return problem(409, 'There is some of it in stock already: change the amount there.', [], {
        current: { itemId: recorded.itemId },
      });
    case 'recorded':
    case 'known already': {
      const { itemId, batchId, amount } = recorded;
      return Response.json({ itemId, batchId, amount }, { status: recorded.status === 'recorded' ? 201 : 200 });
    }
  }
}

export async function getStock(): Promise<Response> {
  return inScope(async ({ em, scope }) => Response.json(await listStock(em, scope)));
}

export async function postStock(request: Request): Promise<Response> {
  const body = await readBody<StockAdd>(request, stockAddSchema);
  if (body.status === 'refused') return body.response;
  return inScope(async ({ em, scope }) => answerOf(await addToStock(em, scope, body.value)));
}

export async function postStockEntry(request: Request): Promise<Response> {
  const body = await readBody<StockDeed>(request, stockDeedSchema);
  if (body.status === 'refused') return body.response;
  return inScope(async ({ em, scope }) => answerOf(await recordStock(em, scope, body.value)));
}

export async function getStockEntries(_request: Request, { params }: ById): Promise<Response> {
  const { id } = await params;
  if (!isId(id)) return notFound('thing in stock');
  return inScope(async ({ em, scope }) => {
    const entries = await entriesOf(em, scope, id);
    return entries ? Response.json(entries) : notFound('thing in stock');
  });
}

export const { putAway: putStockEntryAway, bringBack: bringStockEntryBack } = hiding(
  'entry of stock',
  ({ em, scope }, id, hiddenAt) => setStockHidden(em, scope, id, hiddenAt),
);
