/** The kinds of own things, each with its shape. Shared with the screens. */
import * as z from 'zod';
import {
  type Genus,
  ownGenusSchema,
  type OwnMedium,
  ownMediumSchema,
  type StockItem,
  stockItemSchema,
  type Versions,
} from '@core';

export const ownKinds = ['medium', 'genus', 'stock'] as const;
export type OwnKind = (typeof ownKinds)[number];

export interface OwnTypes {
  readonly medium: OwnMedium;
  readonly genus: Genus;
  readonly stock: StockItem;
}

export const ownSchemas: { readonly [K in OwnKind]: z.ZodType<OwnTypes[K]> } = {
  medium: ownMediumSchema,
  genus: ownGenusSchema as unknown as z.ZodType<Genus>,
  stock: stockItemSchema,
};

export const ownVersions: Versions = { newest: 1, upgrades: {} };

export function isOwnKind(kind: string): kind is OwnKind {
  return (ownKinds as readonly string[]).includes(kind);
}

export interface OwnEntry<K extends OwnKind = OwnKind> {
  readonly id: string;
  readonly data: OwnTypes[K];
  /** How often it was changed, and once: sent back with a change. */
  readonly version: number;
}

export const ownEntrySchema = <K extends OwnKind>(kind: K) =>
  z.object({ id: z.uuid(), data: ownSchemas[kind], version: z.int().min(1) });

/** What a thing was before its changes, newest first. */
export const ownHistorySchema = <K extends OwnKind>(kind: K) =>
  z.object({
    before: z.array(
      z.object({
        version: z.int().min(1),
        replacedAt: z.iso.datetime(),
        name: z.string(),
        /** null where this program cannot read it. */
        data: ownSchemas[kind].nullable(),
      }),
    ),
  });
export interface OwnHistory<K extends OwnKind> {
  readonly before: readonly {
    readonly version: number;
    readonly replacedAt: string;
    readonly name: string;
    readonly data: OwnTypes[K] | null;
  }[];
}

export const ownPageSchema = <K extends OwnKind>(kind: K) =>
  z.object({
    items: z.array(ownEntrySchema(kind)),
    /** Kept things that this program cannot read. */
    unreadable: z.array(z.object({ id: z.uuid(), name: z.string() })),
    next: z.string().nullable(),
  });
export interface OwnPage<K extends OwnKind> {
  readonly items: readonly OwnEntry<K>[];
  readonly unreadable: readonly { readonly id: string; readonly name: string }[];
  readonly next: string | null;
}
