import { readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import Ajv2020 from 'ajv/dist/2020';
import addFormats from 'ajv-formats';
import { readReadingsCsv } from '@/core/csv/readings';
import { readBundle } from '@/core/records/bundle';
import { verifyReport } from '@/report/sealed-report';
import { publishedSchemas } from './published-schemas';

const ROOT = path.join(__dirname, '..');
const formats = path.join(ROOT, 'docs', 'formats');
const text = (name: string) => readFileSync(path.join(formats, name), 'utf8');
const jsonAt = (file: string): unknown => JSON.parse(readFileSync(file, 'utf8'));
const FIXTURES = ['src/report/fixtures', 'src/core/records/fixtures', 'docs/formats/examples'].flatMap((dir) =>
  readdirSync(path.join(ROOT, dir)).map((name) => path.join(ROOT, dir, name)),
);
const REPORTS = FIXTURES.filter((f) => f.endsWith('.farvin-report.json'));
const BUNDLES = FIXTURES.filter((f) => f.endsWith('.farvin.json'));

/** Checks a value by a published schema with a common validator; what it says is wrong. */
function wrongBy(schema: string, value: unknown): unknown[] {
  const ajv = new Ajv2020({ allErrors: true, strict: false });
  addFormats(ajv);
  const validate = ajv.compile(JSON.parse(text(schema)));
  return validate(value) ? [] : (validate.errors ?? []).map((e) => `${e.instancePath} ${e.message}`);
}

it.each(Object.entries(publishedSchemas()))('publishes the schema that checks: %s (npm run schemas)', (name, now) => {
  expect(JSON.parse(text(name))).toEqual(JSON.parse(now));
});

it.each(REPORTS)('a sealed report fits the published schema, opens and verifies: %s', async (file) => {
  const report = jsonAt(file);
  expect(wrongBy('report.schema.json', report)).toEqual([]);
  expect(await verifyReport(report)).toMatchObject({ ok: true, unreadable: [] });
});

it.each(BUNDLES)('a bundle fits the published schema and is read: %s', (file) => {
  const bundle = jsonAt(file);
  expect(wrongBy('bundle.schema.json', bundle)).toEqual([]);
  const read = readBundle(bundle);
  expect(read.ok ? [] : read.problems).toEqual([]);
});

it('has files of every version to try', () => {
  const versions = (files: readonly string[]) =>
    [...new Set(files.map((f) => (jsonAt(f) as { version: number }).version))].sort();
  expect(versions(REPORTS)).toEqual([1, 2, 3]);
  expect(versions(BUNDLES)).toEqual([1, 2, 3]);
});

it('the published schemas refuse what the program refuses', () => {
  const bundle = jsonAt(BUNDLES[0]!) as { records: Record<string, { body: Record<string, unknown> }[]> };
  bundle.records.reading![0]!.body.state = 'seen';
  expect(wrongBy('bundle.schema.json', bundle)).not.toEqual([]);
  expect(wrongBy('report.schema.json', { format: 'farvin.report', version: 1 })).not.toEqual([]);
  expect(wrongBy('records.schema.json', { reading: { zone: 'hood' } })).not.toEqual([]);
});

it('ships readings that the format accepts', () => {
  const { readings, bad } = readReadingsCsv(text('examples/readings.csv'), { ceilingUm: 500, zones: null });
  expect(bad).toEqual([]);
  expect(readings.length).toBeGreaterThan(5);
});
