import { z } from 'zod';
import { KINDS, RECORD_KINDS } from '@/core/kinds';
import { publishedKeysSchema } from '@/core/seal/known-keys';
import { reportFileSchema } from '@/core/seal/seal';
import { snapshotSchema } from '@/report/snapshot';
import { bundleSchema } from '../src/core/records/bundle';

const DRAFT = 'https://json-schema.org/draft/2020-12/schema';
const json = (schema: z.ZodType) => z.toJSONSchema(schema, { io: 'input', unrepresentable: 'any' });

/** The bundle with the body of each kind's records spelled out. */
const wholeBundle = bundleSchema.extend({
  records: z.object(
    Object.fromEntries(
      RECORD_KINDS.map((kind) => [
        kind,
        z.array(bundleSchema.shape.records.valueType.element.extend({ body: KINDS[kind].schema })).optional(),
      ]),
    ),
  ),
});

/** The published JSON Schemas by file name, derived from the schemas that check. */
export function publishedSchemas(): Record<string, string> {
  const text = (value: unknown) => `${JSON.stringify(value, null, 2)}\n`;
  return {
    'bundle.schema.json': text({ title: 'A bundle, *.farvin.json', ...json(wholeBundle) }),
    'records.schema.json': text({
      $schema: DRAFT,
      title: 'Bodies of records by kind',
      type: 'object',
      properties: Object.fromEntries(
        RECORD_KINDS.map((kind) => {
          const { $schema: _s, ...body } = json(KINDS[kind].schema);
          return [kind, body];
        }),
      ),
    }),
    'keys.schema.json': text({ title: 'The keys of a house, keys.json', ...json(publishedKeysSchema) }),
    'report.schema.json': text({
      title: 'A sealed report, *.farvin-report.json',
      ...json(reportFileSchema.extend({ snapshot: snapshotSchema.extend({ bundle: wholeBundle }) })),
    }),
  };
}
