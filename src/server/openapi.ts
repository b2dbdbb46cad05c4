import { z } from 'zod';
import { lotFactsSchema, lotNumberSchema } from '@/core/yard/lot-facts';
import { SALE_STATES, saleFactsSchema } from '@/core/yard/sale-facts';

/** One call that programs make. */
interface Call {
  readonly path: string;
  readonly method: 'get' | 'post' | 'patch';
  readonly id: string;
  readonly says: string;
  /** Scope of the token that opens it; a person's session opens all. */
  readonly scope: 'catalogue' | 'records' | null;
  readonly params: readonly { readonly name: string; readonly in: 'path' | 'query'; readonly says: string }[];
  readonly body?: z.ZodType;
  readonly answer: z.ZodType;
}

const id = z.uuid();
const saleSchema = z.object({ id, state: z.enum(SALE_STATES), ...saleFactsSchema.shape });
const lotSchema = z.object({
  id,
  number: lotNumberSchema,
  title: lotFactsSchema.shape.title,
  reportDueOn: z.iso.date().nullable(),
  inspectionId: id,
  revision: z.number().int().min(1),
  state: z.enum(['draft', 'reviewed', 'sealed', 'given-up']),
});
const problemSchema = z.object({ ok: z.literal(false), reason: z.string(), message: z.string() });
const anyObject = (says: string) => z.looseObject({}).describe(says);
const pathId = (name: string, says: string) => ({ name, in: 'path' as const, says });

/** The calls that are promised to programs, with the very schemas that the routes check by. */
const CALLS: readonly Call[] = [
  {
    path: '/sales',
    method: 'get',
    id: 'sales',
    says: 'The house’s sales.',
    scope: 'catalogue',
    params: [],
    answer: z.object({ sales: z.array(saleSchema) }),
  },
  {
    path: '/sales',
    method: 'post',
    id: 'openSale',
    says: 'Opens a sale.',
    scope: null,
    params: [],
    body: saleFactsSchema,
    answer: z.object({ ok: z.literal(true), id }),
  },
  {
    path: '/sales/{id}/lots',
    method: 'get',
    id: 'lots',
    says: 'A page of a sale’s lots by number.',
    scope: 'catalogue',
    params: [pathId('id', 'a sale'), { name: 'after', in: 'query', says: 'the next of the page before' }],
    answer: z.object({ lots: z.array(lotSchema), next: z.string().nullable() }),
  },
  {
    path: '/sales/{id}/lots',
    method: 'post',
    id: 'addLot',
    says: 'Adds a lot.',
    scope: null,
    params: [pathId('id', 'a sale')],
    body: z.strictObject({
      ...lotFactsSchema.partial().shape,
      number: lotNumberSchema,
      title: lotFactsSchema.shape.title,
    }),
    answer: z.object({ ok: z.literal(true), lotId: id, inspectionId: id }),
  },
  {
    path: '/lots/{id}',
    method: 'get',
    id: 'lot',
    says: 'What is said of a lot besides what was seen.',
    scope: 'catalogue',
    params: [pathId('id', 'a lot')],
    answer: z.object({ lot: z.looseObject({ id, number: lotNumberSchema, ...lotFactsSchema.shape }) }),
  },
  {
    path: '/inspections/{id}/report',
    method: 'get',
    id: 'report',
    says: 'The sealed report, exactly as sealed (report.schema.json).',
    scope: 'catalogue',
    params: [pathId('id', 'an inspection')],
    answer: anyObject('farvin.report'),
  },
  {
    path: '/inspections/{id}/bundle',
    method: 'get',
    id: 'bundle',
    says: 'The records of an inspection (bundle.schema.json).',
    scope: 'records',
    params: [pathId('id', 'an inspection')],
    answer: anyObject('farvin.bundle'),
  },
];

const jsonSchema = (schema: z.ZodType) => {
  const { $schema: _draft, ...rest } = z.toJSONSchema(schema, { unrepresentable: 'any', reused: 'inline' }) as Record<
    string,
    unknown
  >;
  return rest;
};
const content = (schema: z.ZodType) => ({ 'application/json': { schema: jsonSchema(schema) } });

function operation(call: Call): object {
  return {
    operationId: call.id,
    summary: call.says,
    security: call.scope ? [{ token: [call.scope] }, { session: [] }] : [{ session: [] }],
    parameters: call.params.map((p) => ({
      name: p.name,
      in: p.in,
      required: p.in === 'path',
      description: p.says,
      schema: p.in === 'path' ? { type: 'string', format: 'uuid' } : { type: 'string' },
    })),
    ...(call.body && { requestBody: { required: true, content: content(call.body) } }),
    responses: {
      '2XX': { description: call.says, content: content(call.answer) },
      default: { description: 'Why not, in words.', content: content(problemSchema) },
    },
  };
}

/** The calls promised to programs as an OpenAPI 3.1 document. */
export function openApi(version: string, server: string): object {
  const paths: Record<string, Record<string, object>> = {};
  for (const call of CALLS) paths[call.path] = { ...paths[call.path], [call.method]: operation(call) };
  return {
    openapi: '3.1.0',
    info: {
      title: 'Farvin',
      version,
      description:
        'What programs may ask of a house’s Farvin. A manager makes tokens under House; each opens what its scopes name.',
    },
    servers: [{ url: server }],
    components: {
      securitySchemes: {
        token: { type: 'http', scheme: 'bearer' },
        session: { type: 'apiKey', in: 'cookie', name: 'farvin.session_token' },
      },
    },
    paths,
  };
}
