/** The kinds of own things, each with its shape. Shared with the screens. */
import * as z from 'zod';
import {
  faultCode,
  type Genus,
  growersGenusSchema,
  type GrowersMedium,
  growersMediumSchema,
  type StockItem,
  stockItemSchema,
  textOf,
  type Trial,
  trialSchema,
  type Versions,
} from '@core';

export const libraryKinds = ['medium', 'genus', 'stock', 'view', 'trial'] as const;
export type LibraryKind = (typeof libraryKinds)[number];

const MOST_ASKED = 12;
const viewSchema = z.strictObject({
  name: textOf('name', 1, 60),
  /** As it stands in the address of the list. */
  asked: z
    .record(textOf('asked', 1, 40), textOf('asked', 1, 200))
    .refine((asked) => Object.keys(asked).length <= MOST_ASKED, {
      error: faultCode({ code: 'at most', field: 'asked', most: MOST_ASKED, what: 'filters' }),
    }),
});
export type PlantView = z.infer<typeof viewSchema>;

export interface LibraryTypes {
  readonly medium: GrowersMedium;
  readonly genus: Genus;
  readonly stock: StockItem;
  /** What a list of plants is narrowed to, under a name. */
  readonly view: PlantView;
  /** Setups held against each other. */
  readonly trial: Trial;
}

export const librarySchemas: { readonly [K in LibraryKind]: z.ZodType<LibraryTypes[K]> } = {
  medium: growersMediumSchema,
  genus: growersGenusSchema as unknown as z.ZodType<Genus>,
  stock: stockItemSchema,
  view: viewSchema,
  trial: trialSchema,
};

export const libraryVersions: Versions = { newest: 1, upgrades: {} };

export function isLibraryKind(kind: string): kind is LibraryKind {
  return (libraryKinds as readonly string[]).includes(kind);
}

export interface LibraryEntry<K extends LibraryKind = LibraryKind> {
  readonly id: string;
  readonly data: LibraryTypes[K];
  /** How often it was changed, and once: sent back with a change. */
  readonly version: number;
}

export const libraryEntrySchema = <K extends LibraryKind>(kind: K) =>
  z.object({ id: z.uuid(), data: librarySchemas[kind], version: z.int().min(1) });

/** What a thing was before its changes, newest first. */
export const libraryHistorySchema = <K extends LibraryKind>(kind: K) =>
  z.object({
    before: z.array(
      z.object({
        version: z.int().min(1),
        replacedAt: z.iso.datetime(),
        name: z.string(),
        /** null where this program cannot read it. */
        data: librarySchemas[kind].nullable(),
      }),
    ),
  });
export interface LibraryHistory<K extends LibraryKind> {
  readonly before: readonly {
    readonly version: number;
    readonly replacedAt: string;
    readonly name: string;
    readonly data: LibraryTypes[K] | null;
  }[];
}

export const libraryPageSchema = <K extends LibraryKind>(kind: K) =>
  z.object({
    items: z.array(libraryEntrySchema(kind)),
    /** Kept things that this program cannot read. */
    unreadable: z.array(z.object({ id: z.uuid(), name: z.string() })),
    next: z.string().nullable(),
  });
export interface LibraryPage<K extends LibraryKind> {
  readonly items: readonly LibraryEntry<K>[];
  readonly unreadable: readonly { readonly id: string; readonly name: string }[];
  readonly next: string | null;
}
