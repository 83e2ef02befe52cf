/** The watch list’s address. */
import { inScope } from './in-scope';
import { listWaiting } from '../projections/sign-watch/repository';

export async function getWaiting(): Promise<Response> {
  return inScope(async ({ em, scope }) => Response.json(await listWaiting(em, scope)));
}
