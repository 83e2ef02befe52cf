/** The watch list’s address. */
import { inScope } from '../http/in-scope';
import { listWaiting } from './repository';

export async function getWaiting(): Promise<Response> {
  return inScope(async ({ em, scope }) => Response.json(await listWaiting(em, scope)));
}
