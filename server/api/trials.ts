/** The address of trials; one is kept, changed and put away as any own thing is (own/trial). */
import { inScope } from './in-scope';
import { listTrials } from '../projections/trials/repository';

export async function getTrials(): Promise<Response> {
  return inScope(async ({ em, scope }) => Response.json(await listTrials(em, scope)));
}
