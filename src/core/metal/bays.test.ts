import { bayText } from '@/words/bays';
import { PLAIN_WORDING } from '@/words/vocabulary';
import { planOf } from '../body/plan';
import { STYLES } from '../body/styles';
import { coverageOf } from '../coverage/coverage';
import type { AnyRecord } from '../kinds';
import { bayStates, baysOf } from './bays';

const plan = planOf('saloon4')!;
const AT = '2027-02-10T09:00:00Z';
let serial = 0;
const record = (kind: string, body: object) =>
  ({ id: `01890000-0000-7000-8000-${String(++serial).padStart(12, '0')}`, kind, version: 1, body }) as AnyRecord;
const look = (zone: string, aspect: string, why: string | null = null) =>
  record('look', { zone, aspect, outcome: why ? 'blocked' : 'clean', why, note: '', at: AT });
const finding = (zone: string, flaw: string, more: object = {}) =>
  record('finding', { zone, flaw, count: 1, joined: null, ...more });
const state = (id: string, ...records: AnyRecord[]) =>
  bayStates(plan, coverageOf(plan, records).cells).find((b) => b.id === id)!;
const says = (id: string, ...records: AnyRecord[]) => {
  const s = state(id, ...records);
  return bayText(
    s,
    s.findings.map((f) => f.body),
    PLAIN_WORDING,
  );
};

it.each(STYLES.map((s) => s.slug))('puts every zone below a %s that can rust into one bay', (slug) => {
  const own = planOf(slug)!;
  const inBays = baysOf(own).flatMap((b) => b.zones);
  expect(new Set(inBays).size).toBe(inBays.length);
  const below = own.lap.underneath.filter((z) => own.zones.get(z)!.aspects.includes('corrosion'));
  expect(below.filter((z) => !inBays.includes(z))).toEqual([]);
});

it('says of a bay that nobody saw that nobody saw it, and why it could not be', () => {
  expect(says('tank')).toBe('not looked at');
  expect(says('tank', look('tank', 'corrosion', 'no-lift'))).toMatch(/^could not be seen: /);
});

it('calls nothing found only where every place of it was looked at', () => {
  const all = ['floor.left.front', 'floor.right.front'].flatMap((z) =>
    plan.zones
      .get(z)!
      .aspects.filter((a) => a === 'corrosion' || a === 'structure')
      .map((a) => look(z, a)),
  );
  expect(says('front-floors', ...all)).toBe('nothing found');
  expect(says('front-floors', ...all.slice(1))).toBe('nothing found; part of it not looked at');
});

it('tells the gravest first, how a patch is joined, and hits', () => {
  const text = says(
    'front-structure',
    finding('rail.left.front', 'rust-film'),
    finding('rail.left.front', 'patch-crude', { joined: 'riveted' }),
    finding('rail.right.front', 'perforated'),
    finding('crossmember.front', 'tie-down-torn'),
  );
  expect(text).toMatch(/^rusted through; surface rust; /);
  expect(text).toContain('crude patch, riveted');
  expect(text).toContain('torn tie-down');
});
