/** Putting away and bringing back, the same for everything that is kept. */
import { isId } from '../runtime/http/ids';
import { inScope, type Inside } from './in-scope';
import { done, notFound } from '../runtime/http/problem';

export interface ById {
  readonly params: Promise<{ readonly id: string }>;
}

type SetHidden = (inside: Inside, id: string, hiddenAt: Date | null) => Promise<boolean>;

async function answer(what: string, id: string, work: (inside: Inside) => Promise<boolean>): Promise<Response> {
  if (!isId(id)) return notFound(what);
  return inScope(async (inside) => ((await work(inside)) ? done() : notFound(what)));
}

/** A DELETE that hides and a POST that brings back. */
export function hiding(what: string, setHidden: SetHidden) {
  return {
    putAway: async (_request: Request, { params }: ById): Promise<Response> => {
      const { id } = await params;
      return answer(what, id, (inside) => setHidden(inside, id, new Date()));
    },
    bringBack: async (_request: Request, { params }: ById): Promise<Response> => {
      const { id } = await params;
      return answer(what, id, (inside) => setHidden(inside, id, null));
    },
  };
}
