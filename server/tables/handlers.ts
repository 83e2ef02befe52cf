/** The address of the tables for a spreadsheet. */
import { entityManager } from '../db/orm';
import { serverDay } from '../http/day';
import { inScope } from '../http/in-scope';
import { notFound } from '../http/problem';
import { textAnswer } from '../http/text-answer';
import { homeScope } from '../scope';
import { isTableKind } from './kinds';
import { tableText } from './write';

export interface ByKind {
  readonly params: Promise<{ readonly kind: string }>;
}

export async function getTable(_request: Request, { params }: ByKind): Promise<Response> {
  const { kind } = await params;
  if (!isTableKind(kind)) return notFound('table');
  return inScope(async () => {
    const em = await entityManager();
    return textAnswer(tableText(em, homeScope, kind), 'text/csv', `${kind}-${serverDay()}.csv`);
  });
}
