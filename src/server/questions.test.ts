import { NOTHING_ASKED, questionAskedSchema } from '@/core/kinds/question-asked';
import type { Db } from '@/data/db';
import { eraseLot } from '@/data/erase';
import { answer, ask, MOST_OPEN, questionsOf, questionsTold } from '@/data/questions';
import { question } from '@/data/tables/questions';
import { testDatabase } from '@/data/test-database';
import { TEST_NOW } from '@/data/test-entries';
import { type TestHouse, testHouse } from '@/data/test-house';
import { aboutText } from '@/words/questions';
import { PLAIN_WORDING } from '@/words/vocabulary';

let db: Db;
let owner: Db;
let end: () => Promise<void>;
let house: TestHouse;
let other: TestHouse;
beforeAll(async () => {
  ({ db, owner, end } = await testDatabase());
  house = await testHouse(db, owner, 'tramshed');
  other = await testHouse(db, owner, 'harbour');
});
afterAll(() => end());

const FINDING = '0190f5c0-0000-7000-8000-000000000001';
const asked = (more: object = {}) =>
  questionAskedSchema.parse({
    text: 'Is there rust behind the trim?',
    name: 'Lanternfish',
    mail: 'lantern@fish.example',
    ...more,
  });
const put = (lotId: string, more: object = {}) =>
  ask(db, { orgId: house.orgId }, { lotId, revision: 1 }, asked(more), TEST_NOW);

it('keeps what a stranger asks for the house, and tells nobody who has the report before it is answered to all', async () => {
  const { lotId } = await house.readyLot();
  const id = (await put(lotId, { about: `finding|${FINDING}` }))!;
  expect(await questionsTold(db, { orgId: house.orgId }, lotId)).toEqual({ told: [], open: 1 });
  const [held] = await questionsOf(db, house.inspector, lotId);
  expect(held).toMatchObject({ finding: FINDING, asker: 'Lanternfish', mail: 'lantern@fish.example', answer: null });
  expect(
    await answer(db, house.inspector, id, { answer: 'No: see the picture.', toAll: false, shows: [] }, TEST_NOW),
  ).toMatchObject({ id });
  expect((await questionsTold(db, { orgId: house.orgId }, lotId)).told).toEqual([]);
  await answer(db, house.manager, id, { answer: 'No: see the picture.', toAll: true, shows: [FINDING] }, TEST_NOW);
  const { told, open } = await questionsTold(db, { orgId: house.orgId }, lotId);
  expect([told.map((q) => [q.answer, q.shows]), open]).toEqual([[['No: see the picture.', [FINDING]]], 0]);
  // Where mail goes is told to nobody.
  expect(JSON.stringify(told)).not.toContain('fish.example');
});

it('keeps a question about a picture, and tells which', async () => {
  const { lotId } = await house.readyLot();
  const id = (await put(lotId, { about: `photo|${FINDING}` }))!;
  await answer(db, house.manager, id, { answer: 'That is the jack’s mark.', toAll: true, shows: [] }, TEST_NOW);
  const { told } = await questionsTold(db, { orgId: house.orgId }, lotId);
  expect(told.map((q) => [q.photo, q.finding])).toEqual([[FINDING, null]]);
  expect(aboutText(told[0]!, () => null, PLAIN_WORDING)).toBe('a picture');
});

it('is another house’s business in nothing, nor that of whoever sees lent lots alone', async () => {
  const { lotId } = await house.readyLot();
  const id = (await put(lotId))!;
  expect(await questionsOf(db, other.manager, lotId)).toEqual([]);
  expect(await answer(db, other.manager, id, { answer: 'x', toAll: true, shows: [] }, TEST_NOW)).toBeNull();
  expect(await questionsOf(db, house.viewer, lotId)).toEqual([]);
  expect(await answer(db, house.viewer, id, { answer: 'x', toAll: true, shows: [] }, TEST_NOW)).toBeNull();
});

it('takes no more once very many wait', async () => {
  const { lotId } = await house.readyLot();
  await owner.insert(question).values(
    Array.from({ length: MOST_OPEN }, (_, i) => ({
      id: `0190f5c0-0000-7000-9000-${String(i).padStart(12, '0')}`,
      orgId: house.orgId,
      lotId,
      revision: 1,
      askedAt: TEST_NOW,
      asker: '',
      mail: '',
      text: 'What about it?',
    })),
  );
  expect(await put(lotId)).toBeNull();
});

it('is erased with its lot, names and mail too', async () => {
  const { lotId } = await house.readyLot();
  await put(lotId);
  await eraseLot(owner, house.manager, lotId, 'asked for');
  expect(await questionsOf(db, house.manager, lotId)).toEqual([]);
});

describe('what a form may send', () => {
  it.each([
    ['car', {}],
    [`finding|${FINDING.toUpperCase()}`, { finding: FINDING }],
    [`photo|${FINDING}`, { photo: FINDING }],
    ['zone|hood', { zone: 'hood' }],
    [`film|${FINDING}|12.5`, { film: FINDING, filmS: 12.5 }],
  ])('about %s', (about, one) => expect(asked({ about }).about).toEqual({ ...NOTHING_ASKED, ...one }));
  it.each([
    ['no text', { text: ' a ' }],
    ['a long text', { text: 'x'.repeat(1001) }],
    ['mail that is none', { mail: 'me at home' }],
    ['a place that is none', { about: 'zone|../etc' }],
    ['a second that is none', { about: `film|${FINDING}|soon` }],
    ['a picture that is none', { about: 'photo|x' }],
    ['something else', { about: 'admin|1' }],
  ])('refuses %s', (_what, more) => {
    expect(questionAskedSchema.safeParse({ text: 'What about it?', ...more }).success).toBe(false);
  });
});
