/** The address of the tables for a spreadsheet. */
import { entityManager } from '../records/database';
import { serverDay } from '../runtime/http/day';
import { inScope, LONGEST_FILE_MS } from './in-scope';
import { notFound } from '../runtime/http/problem';
import { fileAnswer } from '../runtime/http/file-answer';
import { isTableKind } from '../exchange/tables/kinds';
import { tableText } from '../exchange/tables/write';

export interface ByKind {
  readonly params: Promise<{ readonly kind: string }>;
}

export async function getTable(_request: Request, { params }: ByKind): Promise<Response> {
  const { kind } = await params;
  if (!isTableKind(kind)) return notFound('table');
  return inScope(
    async ({ scope }) => {
      const em = await entityManager();
      return fileAnswer(tableText(em, scope, kind), 'text/csv', `${kind}-${serverDay()}.csv`);
    },
    { longestMs: LONGEST_FILE_MS },
  );
}
