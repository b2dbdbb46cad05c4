import { planOf } from '@/core/body/plan';
import { DEFAULT_TABLES } from '@/core/grade/all-tables';
import { gradeCar } from '@/core/grade/grade';
import { judge } from '@/core/judge/judge';
import { type AnyRecord, kindOf, type RecordKind } from '@/core/kinds';
import { checkText } from '@/core/listing/check-text';
import { carBody } from '@/data/test-entries';
import { listingSuggestion, sellersWords } from '@/words/listing';
import { PLAIN_WORDING } from '@/words/vocabulary';
import { textOf, writeListing } from './listing';
import { mattersOf } from './matters-of';

const plan = planOf('fastback')!;
const id = (n: number) => `0190f5c0-0000-7000-8000-${String(n).padStart(12, '0')}`;
let serial = 0;
const record = (kind: RecordKind, body: object) => {
  serial += 1;
  const full = kindOf(kind).schema.parse({ at: '2027-02-10T09:00:00Z', ...body });
  return { kind, id: id(serial), version: 1, schema: 1, body: full } as unknown as AnyRecord;
};
const CAR = record('car', carBody);
const claim = (text: string, kind = 'original-paint') =>
  record('claim', { kind, text, source: 'Harald Voss', saidAt: '2027-02-01T09:00:00Z' });
const written = (records: readonly AnyRecord[], bandFromSeen?: number) => {
  const judgement = judge({ plan, records: [CAR, ...records], tables: DEFAULT_TABLES });
  const grade = gradeCar(judgement, 2027, DEFAULT_TABLES);
  const matters = mattersOf({ judgement, grade, tables: DEFAULT_TABLES });
  const listing = writeListing({ judgement, grade, matters, bandFromSeen, wording: PLAIN_WORDING });
  return { ...listing, judgement, text: `${textOf(listing.short)}\n${listing.long.map(textOf).join('\n')}` };
};
const cleanAll = () =>
  [...plan.zones.values()].flatMap((z) =>
    z.aspects.map((aspect) => record('look', { zone: z.slug, aspect, outcome: 'clean' })),
  );
const HOLE = record('finding', { zone: 'rocker.left', flaw: 'perforated' });
const HIDDEN = record('finding', { zone: 'roof', flaw: 'dent', withheld: 'consignor wishes it' });

it('says what is wrong in the short text and the long', () => {
  const { short, long } = written([HOLE]);
  expect(textOf(short)).toMatch(/sill, left: (\d+ × )?rusted through/i);
  expect(long.map(textOf).join(' ')).toMatch(/sill, left: (\d+ × )?rusted through/i);
  expect(long.flat().some((s) => 'finding' in s.about && s.about.finding === HOLE.id)).toBe(true);
});

it('names nothing that is withheld', () => {
  expect(written([HOLE, HIDDEN]).text).not.toMatch(/dent/i);
});

it('names a band only where enough was seen for it', () => {
  expect(written(cleanAll(), 0.5).text).toMatch(
    /As it stands [A-Z]\w+.*, \d+–\d+ of 100 with originality first; 100 % of all places were seen\./,
  );
  expect(written([], 0.5).text).toMatch(
    /As it stands \d+–\d+ of 100 with originality first; 0 % of all places were seen, too little for a word\./,
  );
});

it('says that nothing was found of no car with a finding, though all of them are withheld', () => {
  expect(written([HOLE, HIDDEN]).text).toMatch(
    /1 finding withheld, of which the report gives the number and the reason/,
  );
  const { text, judgement } = written([HIDDEN]);
  expect(text).toMatch(/1 finding withheld/);
  expect(text).not.toMatch(/nothing was found/i);
  expect(checkText(text, judgement).filter((w) => w.verdict === 'contradicted')).toEqual([]);
  expect(written([]).text).toMatch(/Nothing was found in what was looked at/);
});

it('says of an empty record no more than that nobody looked', () => {
  const { text } = written([]);
  expect(text).toMatch(/No start is on record/i);
  expect(text).toMatch(/not at all/);
  expect(text).not.toMatch(/no rust|working|sound/i);
});

it('says that no rust was found only where rust was looked for, and how widely', () => {
  expect(written(cleanAll()).text).toMatch(/No rust was found where it was looked for: 100 %/);
  expect(written([...cleanAll(), HOLE]).text).not.toMatch(/No rust/);
  const few = cleanAll().filter((r) => r.kind === 'look' && r.body.zone === 'hood');
  expect(written(few).text).not.toMatch(/No rust/);
});

it('tells the seller’s words as the seller’s: what the check finds in its own text is never contradicted', () => {
  const painted = record('finding', { zone: 'fender.left', flaw: 'overspray' });
  const filler = record('finding', { zone: 'quarter.left', flaw: 'filler-visible' });
  for (const records of [
    [],
    [HOLE],
    cleanAll(),
    [claim('never painted'), painted, filler],
    [claim('rust free', 'no-rust'), HOLE],
  ]) {
    const { text, judgement } = written(records);
    expect(checkText(text, judgement).filter((w) => w.verdict === 'contradicted')).toEqual([]);
  }
});

it('finds words that claim too much when somebody puts them in', () => {
  const { text, judgement } = written([HOLE]);
  const words = checkText(`${text} Rust free and mint.`, judgement);
  expect(words.filter((w) => w.verdict === 'contradicted').map((w) => w.text.toLowerCase())).toEqual(
    expect.arrayContaining(['rust free', 'mint']),
  );
});

it('puts nothing into the seller’s mouth: only what he said is told as his', () => {
  const suggested = (records: readonly AnyRecord[]) => {
    const { judgement } = written(records);
    const [words] = checkText('It was never hit.', judgement);
    return listingSuggestion(words!, (zone) => zone, sellersWords(judgement.records));
  };
  expect(suggested([])).toBe('To be left out.');
  expect(suggested([claim('never in an accident', 'never-hit')])).toContain('The seller says “never in an accident”');
});

it('reads the odometer without claiming the distance', () => {
  const car = record('car', { ...carBody, odometer: { value: 62_180, unit: 'mi' } });
  const judgement = judge({ plan, records: [car], tables: DEFAULT_TABLES });
  const said = (text: string) => checkText(text, judgement).map((w) => w.text);
  expect(said('The odometer shows 62,180 mi (100,069 km).')).toEqual([]);
  expect(said('62,180 miles from new.').length).toBeGreaterThan(0);
});
