'use client';

/** Towns of the world by name; nothing is asked before two letters are typed. */
import { useQuery } from '@tanstack/react-query';
import { type Town, townsSchema } from '@server/runtime/towns/schemas';
import { ask } from './ask';

const LEAST_LETTERS = 2;

export type TownsFound =
  | { readonly status: 'nothing asked' | 'looking' | 'away' }
  | { readonly status: 'found'; readonly towns: readonly Town[] };

export function useTowns(typed: string): TownsFound {
  const name = typed.trim();
  const isAsked = name.length >= LEAST_LETTERS;
  const { data, isError } = useQuery({
    queryKey: ['towns', name.toLowerCase()],
    queryFn: () => ask(townsSchema, `/api/towns?find=${encodeURIComponent(name)}`),
    enabled: isAsked,
    staleTime: Infinity,
    // What was found for fewer letters stays until the next is there.
    placeholderData: (before) => before,
  });
  if (!isAsked) return { status: 'nothing asked' };
  if (data) return { status: 'found', towns: data.towns };
  return { status: isError ? 'away' : 'looking' };
}
