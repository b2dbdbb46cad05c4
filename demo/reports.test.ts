import { recordsOf } from '@/core/records/reduce';
import type { ThicknessUnit } from '@/core/units/thickness';
import { type ReportParts, reportParts } from '@/report/report-parts';
import { type Rests, recordsBehind } from '@/report/rests';
import type { Snapshot } from '@/report/snapshot';
import { PLAIN_WORDING, type Wording } from '@/words/vocabulary';
import { enteredOf, snapshotOf, WALKED } from './test-entered';

/** What readers of any country would be told: both vocabularies, each way of sides, both units. */
const READERS: readonly (readonly [Wording, ThicknessUnit])[] = [
  [PLAIN_WORDING, 'um'],
  [{ ...PLAIN_WORDING, words: 'en-US', sides: 'driver-passenger' }, 'mil'],
  [{ ...PLAIN_WORDING, sides: 'nearside-offside' }, 'um'],
];

const toldOf = (snapshot: Snapshot, [wording, unit]: (typeof READERS)[number] = READERS[0]!): ReportParts =>
  reportParts({ snapshot, wording, unit, state: 'sealed' })!;

/** Names of what is no sentence: ids, addresses, outlines, what a machine reads. */
const NO_SENTENCE: ReadonlySet<string> = new Set([
  'id',
  'sha256',
  'path',
  'kind',
  'film',
  'link',
  'zone',
  'seam',
  'rests',
  'kinds',
]);

function* within(value: unknown, key = ''): Generator<{ readonly key: string; readonly value: unknown }> {
  yield { key, value };
  if (Array.isArray(value)) for (const item of value) yield* within(item, key);
  // What is typed into a machine is no sentence.
  else if (value && typeof value === 'object' && (value as { kind?: unknown }).kind !== 'code')
    for (const [k, v] of Object.entries(value)) yield* within(v, k);
}

const sentencesOf = ({ sections }: ReportParts): string[] =>
  sections.flatMap(({ title, blocks }) => [
    title,
    ...[...within(blocks)].flatMap(({ key, value }) =>
      typeof value === 'string' && !NO_SENTENCE.has(key) ? [value] : [],
    ),
  ]);

const restsOf = ({ sections }: ReportParts): Rests[] =>
  sections.flatMap(({ blocks }) =>
    [...within(blocks)].flatMap(({ key, value }) => (key === 'rests' && value ? [value as Rests] : [])),
  );

/** What no reader should ever see: a value that is none, a place left empty, a stop too many, a record’s id, a loss at no place. */
const BROKEN =
  /[^ ] [0-9a-f]{8}-[0-9a-f]{4}-|(?:^|[^\d.])0 places\b|\bundefined\b|\bNaN\b|\bnull\b|\[object|\bInfinity\b|\$\{| {2}| [,.;](?:\s|$)|\(\)|,,|\.\.(?!\.)|−0\b|(?:^|[^\d.])-0(?![\d.])/;

describe.each(WALKED)('the report of lot %i', (number) => {
  const { records } = enteredOf(number);
  const snapshot = snapshotOf(records);

  it('says whole sentences to every reader', () => {
    for (const reader of READERS) {
      const said = sentencesOf(toldOf(snapshot, reader));
      expect(said.length).toBeGreaterThan(20);
      expect(said.filter((s) => BROKEN.test(s))).toEqual([]);
      expect(said.filter((s) => (reader[0].words === 'en-US' ? /\btyres?\b/i : /\btires?\b/i).test(s))).toEqual([]);
    }
  });

  it('says from how far it presents clean only where its outside was looked at, and no loss too small to show', () => {
    const { sections } = toldOf(snapshot);
    const blocks = sections[0]!.blocks;
    const head = blocks.find((b) => b.kind === 'headline')!;
    const [metres] = head.counts.find(([, name]) => name === 'presents clean from')!;
    const { outside } = snapshot.results.coverage.byView;
    if (outside!.seen < snapshot.tables.grade.bandFromSeen!) expect(metres).toBe('–');
    else expect(metres).toMatch(/^\d+(\.\d)? m$/);
    const losses = [...within(blocks)].flatMap(({ key, value }) => (key === 'points' ? [value as number] : []));
    expect(losses.length).toBeGreaterThan(9);
    expect(Math.min(...losses)).toBeGreaterThanOrEqual(0.05);
  });

  it('says of no place that it was filled or painted by a chance alone', () => {
    const losses = [...within(toldOf(snapshot).sections[0]!.blocks)].flatMap(({ key, value }) =>
      key === 'rows' && Array.isArray(value) ? (value as { text?: string; number?: number | null }[]) : [],
    );
    const byChance = losses.filter((l) => l.number === null && /filler|works/i.test(l.text ?? ''));
    expect(byChance.filter((l) => !/^Chance /.test(l.text!))).toEqual([]);
  });

  it('gives no figure of an axis of which nothing was seen', () => {
    const [{ blocks }] = toldOf(snapshot).sections as [ReportParts['sections'][number]];
    const lost = [...within(blocks)].flatMap(({ value }) => {
      const b = value as { kind?: string; axes?: readonly { id: string; left: string }[] } | null;
      return b?.kind === 'losses' ? [...b.axes!] : [];
    });
    const unseen = snapshot.results.axes.filter((a) => a.seen === 0).map((a) => a.axis);
    expect(lost.filter((a) => a.left === 'not seen').map((a) => a.id)).toEqual(unseen);
    expect(lost.length - unseen.length).toBe(lost.filter((a) => /^\d+$/.test(a.left)).length);
  });

  it('leads from each statement to records that are there', () => {
    const told = toldOf(snapshot);
    const all = restsOf(told);
    const known = new Set(records.map((r) => r.id));
    for (const rests of all) {
      expect(rests.ids?.filter((id) => !known.has(id)) ?? []).toEqual([]);
      expect([rests, recordsBehind(records, rests).length > 0]).toEqual([rests, true]);
    }
  });

  it('tells every finding once, and none that nobody found', () => {
    const rows = toldOf(snapshot).sections.flatMap(({ blocks }) =>
      blocks.flatMap((b) => (b.kind === 'findings' ? b.groups.flatMap((g) => g.findings.map((f) => f.id)) : [])),
    );
    // What was put right stands with the work that did it.
    const righted = new Set(recordsOf(records, 'done').flatMap((d) => d.body.serves));
    const told = recordsOf(records, 'finding').filter((f) => f.body.withheld === null && !righted.has(f.id));
    expect([...rows].sort()).toEqual(told.map((f) => f.id).sort());
  });

  it('is told the same twice, and the same after a trip through text', () => {
    const again = toldOf(snapshotOf(enteredOf(number).records));
    expect(sentencesOf(again)).toEqual(sentencesOf(toldOf(snapshot)));
    expect(sentencesOf(toldOf(JSON.parse(JSON.stringify(snapshot))))).toEqual(sentencesOf(again));
  });
});

describe('a car of which nothing but its papers is known', () => {
  const car = enteredOf(1).records.filter((r) => r.kind === 'car');
  const told = sentencesOf(toldOf(snapshotOf(car)));

  it('is praised for nothing and blamed for nothing', () => {
    expect(told.filter((s) => BROKEN.test(s))).toEqual([]);
    const said = told.join('\n');
    expect(said).toMatch(/not seen|nothing (?:of it )?was seen|not looked at/i);
    for (const praise of [
      /\bseen clean\b(?! 0)/i,
      /\bno rust\b/i,
      /\boriginal paint\b/i,
      /\bfactory paint\b/i,
      /\bworks well\b/i,
    ])
      expect([praise.source, said.match(praise)?.[0]]).toEqual([praise.source, undefined]);
  });
});

describe('what is taken out of the records', () => {
  const { records } = enteredOf(6);

  it('a report without readings tells no thickness', () => {
    const { zones } = snapshotOf(records.filter((r) => r.kind !== 'reading')).results.paint;
    expect(zones.filter((z) => z.n > 0 || z.medianUm.value !== null)).toEqual([]);
    expect(snapshotOf(records).results.paint.zones.filter((z) => z.n > 0).length).toBeGreaterThan(10);
  });

  it('a report without findings numbers none', () => {
    const rows = toldOf(snapshotOf(records.filter((r) => r.kind !== 'finding'))).sections.flatMap(({ blocks }) =>
      blocks.flatMap((b) => (b.kind === 'findings' ? b.groups.flatMap((g) => [...g.findings]) : [])),
    );
    expect(rows).toEqual([]);
  });
});
