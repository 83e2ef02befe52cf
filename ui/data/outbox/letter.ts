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
  /** Whose thing it is: that of the page it was written on. */
  collection: z.enum(['home', 'example']).default('home'),
  /** The version of the thing that its writer saw. */
  seenVersion: z.number().nullable(),
  /** The window it was written in, which may wait for the answer. */
  from: z.string().default(''),
  /** How often the server has failed over it. */
  failures: z.number().default(0),
  /** Why the server refused it, when nobody was there to be told. */
  refusal: z.string().nullable(),
  /** Where it was changed meanwhile: the version that is kept now, and the thing itself. */
  currentVersion: z.number().nullable(),
  current: z.unknown().optional(),
});

export type Letter = z.infer<typeof letterSchema>;

/** What a screen hands over. */
export type NewLetter = Pick<Letter, 'title' | 'method' | 'path'> & {
  readonly body?: unknown;
  readonly seenVersion?: number;
};

/** The same for two letters that say the same. */
export const contentOf = ({
  method,
  path,
  body,
  collection = 'home',
}: Pick<NewLetter, 'method' | 'path' | 'body'> & Partial<Pick<Letter, 'collection'>>): string =>
  `${collection} ${method} ${path} ${JSON.stringify(body) ?? ''}`;

/** The same change, meant to go over the version that is kept now. */
export function overCurrent(letter: Letter): Letter {
  const { currentVersion } = letter;
  const open = { ...letter, refusal: null, failures: 0, currentVersion: null, current: undefined };
  if (currentVersion === null) return open;
  if (letter.method === 'PUT') return { ...open, seenVersion: currentVersion };
  return { ...open, body: { ...(letter.body as object), plantVersion: currentVersion } };
}

/** The server was not reached; the change waits here and is sent as soon as it can be. */
export class NotYetKeptError extends Error {
  constructor() {
    super(
      'Not yet kept: the server is away or has trouble. It waits in this browser and is sent as soon as it can be.',
    );
  }
}

/** Neither the server nor this browser has it. */
export class NoRoomError extends Error {
  constructor() {
    super(
      'Not kept: the server cannot be reached, and this browser has no room left to keep it. Leave this page open and try again.',
    );
  }
}
