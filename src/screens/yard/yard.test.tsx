import { renderToStaticMarkup } from 'react-dom/server';
import { ROLES, type Role } from '@/core/people/roles';
import type { Sale } from '@/core/yard/sale-facts';
import type { YardLot } from '@/core/yard/yard-lot';
import type { YardSeen } from '@/core/yard/yard-seen';
import { PreferencesProvider } from '@/ui/preferences';
import { DEFAULT_PREFERENCES } from '@/ui/preferences-cookie';
import { TEST_SALE as sale } from './test-sale';
import { Yard } from './yard';
import { handOverYard } from './yard-facts';

jest.mock('next/navigation', () => ({ useRouter: () => ({ push() {}, replace() {}, refresh() {} }) }));

const lot: YardLot = {
  id: 'a1',
  number: 7,
  title: 'Ormelle Vireo sports, 1968',
  reportDueOn: '2027-02-12',
  keeper: 'Ilse Brandvik',
  questions: 0,
  withdrawn: false,
  inspectionId: 'i1',
  revision: 1,
  state: 'draft',
  summary: { records: 3, seen: 0.2, blocked: 0, grade: null, readings: 3, findings: 0, photos: 0, gates: [], car: 'x' },
};
const none = { late: 0, thin: 0, going: 0, 'not begun': 0, sealed: 0, withdrawn: 0 };
const KNOWN: YardSeen = {
  sales: [sale],
  sale,
  beginning: sale,
  today: '2027-02-10',
  rows: [lot],
  nextPage: null,
  counts: { ...none, thin: 1 },
  next: lot,
  highest: 7,
  salePage: null,
};
const ASKED = { sale: null, show: 'all', sort: 'number', search: '', after: null } as const;

const drawn = (role: Role, known: Partial<YardSeen> = {}, asked: object = {}) =>
  renderToStaticMarkup(
    <PreferencesProvider initial={DEFAULT_PREFERENCES}>
      <Yard
        text={handOverYard({ ...KNOWN, ...known })}
        me={{ id: 'p1', name: 'Petra', role }}
        asked={{ ...ASKED, ...asked }}
      />
    </PreferencesProvider>,
  );

/** Who finds a way to something on the Yard. */
const who = (way: string) => ROLES.filter((role) => drawn(role).includes(way));

it('shows each role the ways it may go', () => {
  expect(who('href="/find"')).toEqual([...ROLES]);
  expect(who('href="/people"')).toEqual(['manager']);
  expect(who('> Add lot<')).toEqual(['manager']);
  expect(who('href="/practice"')).toEqual(['manager', 'inspector']);
  expect(who('href="/yard/days?sale=s1"')).toEqual(['manager', 'inspector', 'editor']);
});

it('says of the sale where and when, and what comes next', () => {
  const page = drawn('inspector');
  expect(page).toContain('Marlpit Tramshed, Vennor · opens 2 Mar 2027 · closes 4 Mar 2027');
  expect(page).toMatch(/Next: thin, in 2 days<\/span>.*Ormelle Vireo sports, 1968/);
  expect(page).toContain('href="/lots/a1/walk"');
  expect(drawn('inspector', { next: null })).toContain('Every report is sealed.');
});

it('takes no lots into a sale that is closed', () => {
  expect(drawn('manager', { sale: { ...sale, state: 'closed' } })).not.toContain('> Add lot<');
});

it('says what to do where there is no sale, no lot, or no answer', () => {
  const nothing = { sales: [], sale: null, rows: [], counts: none, next: null };
  expect(drawn('manager', nothing)).toContain('Open a sale');
  expect(drawn('inspector', nothing)).toContain('A manager of the house opens one.');
  expect(drawn('viewer', nothing)).toContain('Nothing is lent to you yet.');
  const empty = { rows: [], counts: none, next: null };
  expect(drawn('manager', empty)).toContain('Add the first one with its number and name');
  expect(drawn('consignor', empty)).toContain('No car of yours is in this sale.');
  expect(drawn('inspector', { rows: [] })).toContain('No lot answers this.');
});

it('leads to the lots before and after, with what was asked', () => {
  const page = drawn('inspector', { nextPage: '7~a1' }, { show: 'thin', after: '3~b' });
  expect(page).toContain('href="/yard?show=thin&amp;after=7%7Ea1"');
  expect(page).toContain('href="/yard?show=thin"');
});

it('folds sales of the archive away and marks the one that is shown', () => {
  const old: Sale = { ...sale, id: 's0', name: 'The Saltmarket Clearance', state: 'archived' };
  const page = drawn('manager', { sales: [sale, old] });
  expect(page).toMatch(/aria-current="page"[^>]*>The Tramshed Dispersal/);
  expect(page).toContain('1 in the archive');
});
