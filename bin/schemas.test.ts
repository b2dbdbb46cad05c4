import { readFileSync } from 'node:fs';
import path from 'node:path';
import { readReadingsCsv } from '@/core/csv/readings';
import { readBundle } from '@/core/records/bundle';
import { publishedSchemas } from './published-schemas';

const formats = path.join(__dirname, '..', 'docs', 'formats');
const text = (name: string) => readFileSync(path.join(formats, name), 'utf8');

it.each(Object.entries(publishedSchemas()))('publishes the schema that checks: %s (npm run schemas)', (name, now) => {
  expect(JSON.parse(text(name))).toEqual(JSON.parse(now));
});

it('ships examples that the formats accept', () => {
  const bundle = readBundle(JSON.parse(text('examples/lot-1.farvin.json')));
  expect(bundle.ok ? [] : bundle.problems).toEqual([]);
  const { readings, bad } = readReadingsCsv(text('examples/readings.csv'), { ceilingUm: 500, zones: null });
  expect(bad).toEqual([]);
  expect(readings.length).toBeGreaterThan(5);
});
