/** Values that fit a JSON Schema, as the routes' own schemas give it. */
import fc, { type Arbitrary } from 'fast-check';

export interface JsonSchema {
  readonly $ref?: string;
  readonly $defs?: Readonly<Record<string, JsonSchema>>;
  readonly const?: unknown;
  readonly enum?: readonly unknown[];
  readonly anyOf?: readonly JsonSchema[];
  readonly oneOf?: readonly JsonSchema[];
  readonly allOf?: readonly JsonSchema[];
  readonly type?: string;
  readonly format?: string;
  readonly properties?: Readonly<Record<string, JsonSchema>>;
  readonly required?: readonly string[];
  readonly items?: JsonSchema;
  readonly minItems?: number;
  readonly maxItems?: number;
  readonly minimum?: number;
  readonly maximum?: number;
  readonly minLength?: number;
  readonly maxLength?: number;
}

const MOST_ITEMS = 3;
const MOST_LETTERS = 60;

function text({ format, minLength = 0, maxLength = MOST_LETTERS }: JsonSchema): Arbitrary<string> {
  if (format === 'uuid') return fc.uuid();
  if (format === 'date') return fc.date({ noInvalidDate: true }).map((day) => day.toISOString().slice(0, 10));
  return fc.string({ minLength, maxLength: Math.max(minLength, Math.min(maxLength, MOST_LETTERS)), unit: 'grapheme' });
}

function number(schema: JsonSchema): Arbitrary<number> {
  const [min, max] = [schema.minimum ?? -1000, schema.maximum ?? 1000];
  if (schema.type === 'integer') return fc.integer({ min: Math.ceil(min), max: Math.floor(Math.min(max, 1e9)) });
  return fc.double({ min, max, noNaN: true });
}

export function valuesOf(schema: JsonSchema, root: JsonSchema = schema): Arbitrary<unknown> {
  const of = (part: JsonSchema) => valuesOf(part, root);
  if (schema.$ref !== undefined) {
    const name = schema.$ref.split('/').pop()!;
    return schema.$ref === '#' ? of(root) : of(root.$defs?.[name] ?? {});
  }
  if ('const' in schema) return fc.constant(schema.const);
  if (schema.enum) return fc.constantFrom(...schema.enum);
  const choice = schema.anyOf ?? schema.oneOf;
  if (choice) return fc.oneof(...choice.map(of));
  if (schema.allOf) return of(Object.assign({}, ...schema.allOf) as JsonSchema);
  switch (schema.type) {
    case 'object': {
      const fields = Object.entries(schema.properties ?? {}).map(([name, part]) => [name, of(part)] as const);
      return fc.record(Object.fromEntries(fields), { requiredKeys: [...(schema.required ?? [])] });
    }
    case 'array': {
      const { minItems = 0, maxItems = MOST_ITEMS, items = {} } = schema;
      return fc.array(of(items), {
        minLength: minItems,
        maxLength: Math.max(minItems, Math.min(maxItems, MOST_ITEMS)),
      });
    }
    case 'number':
    case 'integer':
      return number(schema);
    case 'string':
      return text(schema);
    case 'boolean':
      return fc.boolean();
    case 'null':
      return fc.constant(null);
    default:
      return fc.jsonValue({ maxDepth: 2 });
  }
}
