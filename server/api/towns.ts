/** The towns of the world, found by name. */
import { computed } from '../runtime/worker-pool/server-pool';

const LONGEST_NAME = 80;

export async function getTowns(request: Request): Promise<Response> {
  const asked = new URL(request.url).searchParams.get('find') ?? '';
  return computed(request, 'towns', asked.slice(0, LONGEST_NAME));
}
