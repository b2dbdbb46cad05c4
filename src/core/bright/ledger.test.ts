import { planOf } from '../body/plan';
import { STYLES } from '../body/styles';
import { DEFAULT_PIECES as T } from '../catalogue/pieces';
import type { AnyRecord } from '../kinds';
import { completenessOf, ledgerOf, unevenPairs } from './ledger';

const plan = planOf('saloon4')!;
const quillon = { make: 'Quillon' };
let serial = 0;
const piece = (id: string, zone: string | null, more = {}) =>
  ({
    id: `01890000-0000-7000-8000-${String(++serial).padStart(12, '0')}`,
    kind: 'piece',
    version: 1,
    body: { piece: id, zone, presence: 'fitted', faults: [], replated: 'unknown', count: null, note: '', ...more },
  }) as unknown as AnyRecord;

it('lists for every style pieces on its zones, once each, and what comes along', () => {
  for (const { slug } of STYLES) {
    const own = planOf(slug)!;
    const lines = ledgerOf(own, [], quillon, T);
    expect([slug, lines.length > 12]).toEqual([slug, true]);
    expect(new Set(lines.map((l) => l.id)).size).toBe(lines.length);
    for (const l of lines) if (l.zone !== null) expect(own.zones.has(l.zone)).toBe(true);
    expect(lines.filter((l) => l.zone === null).map((l) => l.piece)).toEqual(
      expect.arrayContaining(['jack', 'keys', 'books', 'spares']),
    );
  }
});

it('gives the same lines in the same order whatever order the table’s names stand in', () => {
  const turned = { ...T, pieces: Object.fromEntries(Object.entries(T.pieces).reverse()) };
  expect(ledgerOf(plan, [], quillon, turned)).toEqual(ledgerOf(plan, [], quillon, T));
});

it('asks for a make’s own pieces only of that make', () => {
  const of = (make: string) => ledgerOf(plan, [], { make }, T).some((l) => l.piece === 'radiator-shell');
  expect([of('Brannock'), of('Quillon')]).toEqual([true, false]);
});

it('counts nothing as there that nobody spoke of', () => {
  const all = ledgerOf(plan, [], quillon, T).length;
  const records = [
    piece('jack', null, { presence: 'along' }),
    piece('lamp-bezel', 'lamp.left.head', { presence: 'missing' }),
    piece('grille', 'grille'),
    piece('nose-emblem', 'hood', { presence: 'wrong' }),
  ];
  expect(completenessOf(ledgerOf(plan, records, quillon, T))).toEqual({
    fitted: 1,
    along: 1,
    missing: 1,
    wrong: 1,
    unsaid: all - 4,
  });
});

it('tells a piece that was plated again beside its twin that was not', () => {
  const records = [
    piece('tail-bezel', 'lamp.left.tail', { replated: 'yes' }),
    piece('tail-bezel', 'lamp.right.tail', { replated: 'no' }),
    piece('lamp-bezel', 'lamp.left.head', { replated: 'no' }),
    piece('lamp-bezel', 'lamp.right.head'),
  ];
  expect(unevenPairs(ledgerOf(plan, records, quillon, T)).map((p) => p.map((l) => l.zone))).toEqual([
    ['lamp.left.tail', 'lamp.right.tail'],
  ]);
});
