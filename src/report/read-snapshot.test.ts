import sealedThen from './fixtures/lot-6-of-2026-11-25.farvin-report.json';
import { readSnapshot, sealedRecords } from './read-snapshot';
import { sealSnapshot, verifyReport } from './sealed-report';
import { REPORT_VERSION, type Snapshot } from './snapshot';

const KEY = '9d61b19deffd5a60ba844af492ec2cc44449c5697b326919703bac031cae7f60';
type Json = Record<string, unknown>;
const old = sealedThen as unknown as {
  snapshot: Json & { results: Json; bundle: { records: Record<string, Json[]> } };
};
const changed = (change: (s: typeof old.snapshot) => void) => {
  const snapshot = structuredClone(old.snapshot);
  change(snapshot);
  return snapshot;
};

it('opens a report of 25 November 2026 with the very figures that were sealed', async () => {
  const verdict = await verifyReport(old);
  if (!verdict.ok) throw new Error(verdict.reason);
  const { whole, axes, gates, presentsCleanFromM, notSeen, coverage } = verdict.snapshot.results;
  const sealed = old.snapshot.results;
  expect({ whole, axes, gates, presentsCleanFromM, notSeen, coverage }).toEqual({
    whole: sealed.whole,
    axes: sealed.axes,
    gates: sealed.gates,
    presentsCleanFromM: sealed.presentsCleanFromM,
    notSeen: sealed.notSeen,
    coverage: sealed.coverage,
  });
  const rows = Object.values(old.snapshot.bundle.records).reduce((n, list) => n + list.length, 0);
  expect(sealedRecords(verdict.snapshot.bundle)).toMatchObject({ unreadable: [] });
  expect(sealedRecords(verdict.snapshot.bundle).records).toHaveLength(rows);
});

it('opens the rest when a part is not to be read, and names the part', () => {
  const opened = readSnapshot(
    changed((s) => {
      s.results.paint = { painted: 'yes' };
      s.results.cautions = [...(s.results.cautions as string[]), 'beware-of-the-dog'];
    }),
  )!;
  expect(opened.unreadable).toEqual(['paint', 'cautions']);
  expect(opened.snapshot.results.paint.zones).toEqual([]);
  expect(opened.snapshot.results.cautions).toEqual(old.snapshot.results.cautions);
  expect(opened.snapshot.results.whole).toEqual(old.snapshot.results.whole);
});

it('names kinds of records, records and tables that it cannot read', () => {
  const opened = readSnapshot(
    changed((s) => {
      s.bundle.records.smell = [{ id: '01890000-0000-7000-8000-000000000001', version: 1, body: {} }];
      s.bundle.records.reading!.push({ version: 'x' });
      (s.bundle.records.finding![0]!.body as Json).flaw = 'unheard-of';
      s.tables = { grade: 1 };
    }),
  )!;
  expect(opened.unreadable).toEqual(expect.arrayContaining(['records.smell', 'records.reading', 'tables']));
  expect(sealedRecords(opened.snapshot.bundle).unreadable).toEqual(['finding']);
});

it('reads no newer version, and nothing that is no report', async () => {
  expect(readSnapshot({ ...old.snapshot, version: REPORT_VERSION + 1 })).toBeNull();
  for (const odd of [null, 7, 'x', {}, { version: 1 }, []]) expect(readSnapshot(odd)).toBeNull();
  expect(await verifyReport({ ...old, version: REPORT_VERSION + 1 })).toEqual({ ok: false, reason: 'newer-version' });
});

it('what a later program sealed is told from what this one can show', async () => {
  const newer = changed((s) => {
    s.results.smells = { mice: 0.9 };
    s.results.fit = 'tight';
  });
  const verdict = await verifyReport(await sealSnapshot(newer as unknown as Snapshot, KEY));
  expect(verdict).toMatchObject({ ok: true, unreadable: ['fit'] });
});
