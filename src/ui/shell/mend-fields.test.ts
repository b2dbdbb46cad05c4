import { RECORD_KINDS } from '@/core/kinds';
import { checkBody } from '@/core/records/check-change';
import { mendedBody, mendFields, mendTexts } from './mend-fields';

const finding = {
  zone: 'hood',
  flaw: 'chip',
  count: 3,
  sizeMm: 4,
  share: null,
  touchedIn: false,
  evidence: 'seen',
  note: '',
  at: '2027-02-10T09:00:00Z',
};
const fields = mendFields('finding');
const mend = (change: object, body: Record<string, unknown> = finding) =>
  mendedBody(fields, body, { ...mendTexts(fields, body), ...change });

it('gives a body back as it was when nothing was touched', () => {
  expect(mend({})).toEqual({ ok: true, body: expect.objectContaining(finding) });
});

it('reads 4,2 as a figure, and an emptied one as unknown, not as 0', () => {
  expect(mend({ sizeMm: '4,2' })).toMatchObject({ ok: true, body: { sizeMm: 4.2 } });
  expect(mend({ sizeMm: '' })).toMatchObject({ ok: true, body: { sizeMm: null } });
});

it('fills in what was unknown', () => {
  expect(mend({ share: '0.2' })).toMatchObject({ ok: true, body: { share: 0.2 } });
});

it('asks for a figure that may not be empty, and for one that is none', () => {
  expect(mend({ count: '' })).toMatchObject({ ok: false, key: 'count' });
  expect(mend({ sizeMm: 'big' })).toMatchObject({ ok: false, key: 'sizeMm', message: '“big” is no number.' });
});

it('leaves what it cannot show alone', () => {
  const body = { ...finding, place: { uMm: 1, vMm: 2 }, photos: [] };
  expect(mend({ note: 'x' }, body)).toMatchObject({
    ok: true,
    body: { place: { uMm: 1, vMm: 2 }, photos: [], note: 'x' },
  });
});

it('shows fields of every kind, each of which the kind knows', () => {
  for (const kind of RECORD_KINDS) expect(mendFields(kind).length).toBeGreaterThan(0);
  const mended = mend({ flaw: 'dent' });
  expect(mended.ok && checkBody('finding', mended.body, { style: null }).ok).toBe(true);
});
