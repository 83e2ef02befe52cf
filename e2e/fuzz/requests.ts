/** Requests to every route, from its own schema: good ones, spoiled ones, and what is no request at all. */
import fc, { type Arbitrary } from 'fast-check';
import * as z from 'zod';
import { questionSchemas } from '@core';
import { quickInputSchema } from '../../server/records/journal/quick-schemas';
import { dayEntryInputSchema, savedDaySchema } from '../../server/records/days/schemas';
import { routes } from '../../server/runtime/gateway/routes';
import { correctionSchema } from '../../server/records/journal/correct-schemas';
import {
  inspectionInputSchema,
  signCheckInputSchema,
  planInputSchema,
  pottingInputSchema,
  pottingRightSchema,
} from '../../server/records/journal/schemas';
import { listInputSchema } from '../../server/exchange/lists/schemas';
import { libraryKinds, librarySchemas } from '../../server/records/library/schemas';
import { addInputSchema } from '../../server/records/journal/add-schemas';
import { plantFactsSchema } from '../../server/records/plants/facts-schemas';
import { wholePlaceSchema } from '../../server/records/places/schemas';
import { stockAddSchema, stockDeedSchema } from '../../server/records/stock/schemas';
import { type JsonSchema, valuesOf } from './from-schema';
import { rawBodies, spoiled } from './spoil';

export interface FuzzRequest {
  readonly route: string;
  readonly method: string;
  readonly path: string;
  readonly body: string | null;
  readonly headers: Readonly<Record<string, string>>;
}

const schemaOf = (schema: z.ZodType): JsonSchema =>
  z.toJSONSchema(schema, { io: 'input', unrepresentable: 'any' }) as JsonSchema;

const bodySchemas: Readonly<Record<string, readonly z.ZodType[]>> = {
  'POST /api/plan': [questionSchemas().plan],
  'POST /api/pottings': [pottingInputSchema],
  'PUT /api/pottings/[id]': [pottingRightSchema],
  'POST /api/plans': [planInputSchema],
  'PUT /api/days/[id]': [savedDaySchema],
  'POST /api/days/[id]/entries': [dayEntryInputSchema],
  'POST /api/inspections': [inspectionInputSchema],
  'POST /api/sign-checks': [signCheckInputSchema],
  'POST /api/journal': [quickInputSchema],
  'POST /api/plants': [addInputSchema],
  'PUT /api/plants/[id]': [plantFactsSchema],
  'PUT /api/events/[id]': [correctionSchema],
  'POST /api/lists': [listInputSchema],
  'POST /api/stock': [stockAddSchema],
  'POST /api/stock/entries': [stockDeedSchema],
  'POST /api/places': [wholePlaceSchema],
  'PUT /api/places/[id]': [wholePlaceSchema],
  'POST /api/library/[kind]': libraryKinds.map((kind) => librarySchemas[kind]),
  'PUT /api/library/[kind]/[id]': libraryKinds.map((kind) => librarySchemas[kind]),
};

const ids = fc.oneof(fc.uuid(), fc.constantFrom('x', '%00', '..%2f..', '%F0%9F%8C%BF', 'a'.repeat(300), '0'));
const kinds = fc.oneof(
  { weight: 4, arbitrary: fc.constantFrom(...libraryKinds) },
  fc.constantFrom('none', '__proto__', '%00'),
);
const queries = fc.oneof(
  { weight: 2, arbitrary: fc.constant('') },
  fc
    .tuple(
      fc.constantFrom(
        'limit',
        'find',
        'after',
        'x',
        'search',
        'place',
        'genus',
        'flag',
        'olderYears',
        'due',
        'sort',
        'which',
        'today',
      ),
      fc.string(),
    )
    .map(([name, value]) => `?${name}=${encodeURIComponent(value)}`),
  fc.constantFrom(
    '?limit=-1',
    '?limit=1e9',
    '?after=eyJuYW1lIjoxfQ',
    '?after=%00',
    '?sort=potted&olderYears=99&which=all',
    '?today=2026-02-30',
    '?today=0001-01-01',
  ),
);

function paths(route: string): Arbitrary<string> {
  return fc
    .tuple(ids, kinds, queries)
    .map(([id, kind, query]) => route.replace('[id]', id).replace('[kind]', kind) + query);
}

const headerTexts = fc.constantFrom('', '"1"', '"x"', 'short', 'a-key-long-enough', 'y'.repeat(200), '*');
const headers = fc.oneof(
  { weight: 2, arbitrary: fc.constant({}) },
  fc.record({ 'if-match': headerTexts, 'idempotency-key': headerTexts }),
);

const contentTypes = fc.oneof(
  { weight: 12, arbitrary: fc.constant('application/json') },
  fc.constantFrom('text/plain', 'application/x-www-form-urlencoded', ''),
);

function bodies(schemas: readonly z.ZodType[]): Arbitrary<string> {
  const good = fc.oneof(...schemas.map((schema) => valuesOf(schemaOf(schema))));
  const json = (value: unknown) => JSON.stringify(value) ?? 'null';
  return fc.oneof(
    { weight: 2, arbitrary: good.map(json) },
    { weight: 5, arbitrary: spoiled(good).map(json) },
    { weight: 1, arbitrary: rawBodies },
  );
}

function requestsTo(route: string, method: string): Arbitrary<FuzzRequest> {
  const schemas = bodySchemas[`${method} ${route}`];
  const isChange = method !== 'GET';
  const body = schemas ? bodies(schemas) : isChange ? fc.option(rawBodies, { freq: 3 }) : fc.constant(null);
  return fc
    .tuple(paths(route), body, headers, isChange ? contentTypes : fc.constant(''))
    .map(([path, text, more, type]) => ({
      route,
      method,
      path,
      body: text,
      headers: type === '' ? more : { ...more, 'content-type': type },
    }));
}

/** So many to each route and method, the same for the same seed, in a mixed order. */
export function fuzzRequests(count: number, seed: number): readonly FuzzRequest[] {
  const each = Object.entries(routes).flatMap(([route, methods]) => methods.map((method) => [route, method] as const));
  const perRoute = Math.ceil(count / each.length);
  const byRoute = each.map(([route, method]) => fc.sample(requestsTo(route, method), { numRuns: perRoute, seed }));
  return Array.from({ length: perRoute }, (_, i) => byRoute.map((requests) => requests[i]!)).flat();
}
