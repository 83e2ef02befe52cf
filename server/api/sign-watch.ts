/** The watch list’s address. */
import { inScope } from './in-scope';
import { listSignWatch } from '../projections/sign-watch/repository';

export async function getSignWatch(): Promise<Response> {
  return inScope(async ({ em, scope }) => Response.json(await listSignWatch(em, scope)));
}
