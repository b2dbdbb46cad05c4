import { z } from 'zod';
import { bundleSchema } from '../src/core/records/bundle';
import { RECORD_KINDS, RECORD_SCHEMAS } from '../src/core/records/kinds';
import { snapshotSchema } from '../src/core/report/snapshot';

const json = (schema: z.ZodType) => z.toJSONSchema(schema, { io: 'input', unrepresentable: 'any' });

/** The published JSON Schemas by file name, derived from the schemas that check. */
export function publishedSchemas(): Record<string, string> {
  const text = (value: unknown) => `${JSON.stringify(value, null, 2)}\n`;
  return {
    'bundle.schema.json': text(json(bundleSchema)),
    'records.schema.json': text({
      $schema: 'https://json-schema.org/draft/2020-12/schema',
      title: 'Bodies of records by kind',
      type: 'object',
      properties: Object.fromEntries(RECORD_KINDS.map((kind) => [kind, json(RECORD_SCHEMAS[kind])])),
    }),
    'report.schema.json': text(json(snapshotSchema)),
  };
}
