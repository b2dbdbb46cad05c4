import { DEFAULT_TABLES } from '@/core/grade/all-tables';
import type { AnyRecord } from '@/core/kinds';
import { handed, handOver } from './handed';
import type { InspectionFacts } from './inspection-facts';

const ownTires = { ...DEFAULT_TABLES.tires };
const facts = {
  id: 'i',
  state: 'draft',
  seq: 7,
  lot: { id: 'l', number: 12, title: '</script><b>Fallbrook & Sons</b>', reportDueOn: null },
  tables: { ...DEFAULT_TABLES, tires: ownTires },
  unfit: [],
} as unknown as InspectionFacts;
const records = [
  { id: 'r', kind: 'visit', version: 1, body: { note: 'a “note” \u2028 with odd ends \\' } },
] as unknown as AnyRecord[];

it('comes out as it was handed in', () => {
  expect(handed(handOver({ facts, records }))).toEqual({ facts, records });
});

it('carries the tables of the house alone, and puts them among those that the program has', () => {
  const text = handOver({ facts, records });
  expect(Object.keys(JSON.parse(text).facts.tables)).toEqual(['tires']);
  const { tables } = handed(text).facts;
  expect(tables.tires).toEqual(ownTires);
  expect(tables.leakGraph).toBe(DEFAULT_TABLES.leakGraph);
});

it('says nothing of tables where all are the shipped ones', () => {
  const text = handOver({ facts: { ...facts, tables: DEFAULT_TABLES }, records });
  expect(JSON.parse(text).facts.tables).toEqual({});
});
