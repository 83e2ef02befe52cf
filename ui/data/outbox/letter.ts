/** A change on its way to the server, as it is kept in this browser until the server has it. */
import * as z from 'zod';

export const letterSchema = z.object({
  /** Of this change alone: however often it is sent, it is kept once. */
  key: z.string(),
  writtenAt: z.iso.datetime(),
  /** What it is, for the grower. */
  title: z.string(),
  method: z.enum(['POST', 'PUT', 'DELETE']),
  path: z.string(),
  body: z.unknown().optional(),
  /** The version of the thing that its writer saw. */
  seenVersion: z.number().nullable(),
  /** Why the server refused it, when nobody was there to be told. */
  refusal: z.string().nullable(),
  /** Where it was changed meanwhile: the version that is kept now. */
  currentVersion: z.number().nullable(),
});
export type Letter = z.infer<typeof letterSchema>;

/** What a screen hands over. */
export type NewLetter = Pick<Letter, 'title' | 'method' | 'path'> & {
  readonly body?: unknown;
  readonly seenVersion?: number;
};

export const hasSameContent = (letter: Letter, other: NewLetter): boolean =>
  letter.method === other.method &&
  letter.path === other.path &&
  JSON.stringify(letter.body) === JSON.stringify(other.body);

/** The same change, meant to go over the version that is kept now. */
export function overCurrent(letter: Letter): Letter {
  const { currentVersion } = letter;
  const open = { ...letter, refusal: null, currentVersion: null };
  if (currentVersion === null) return open;
  if (letter.method === 'PUT') return { ...open, seenVersion: currentVersion };
  return { ...open, body: { ...(letter.body as object), plantVersion: currentVersion } };
}

/** The server was not reached; the change waits here and is sent as soon as it can be. */
export class NotYetKeptError extends Error {
  constructor() {
    super('Not yet kept: the server cannot be reached. It waits in this browser and is sent as soon as it can be.');
  }
}
