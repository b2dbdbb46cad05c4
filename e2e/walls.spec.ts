import { spawnSync } from 'node:child_process';
import { anotherHouse, readingOf } from './own-server';
import { BASE, caller, freshLot, lendToViewer, lotByNumber, type Person } from './people';
import { type APIRequestContext, expect, request, test } from './test';

test.describe.configure({ retries: 0 });

/** The people of one house, whoever has no account, and the manager of another house on the same server. */
type Who = Person | 'stranger' | 'foreigner';
const EVERYONE: readonly Who[] = ['manager', 'inspector', 'editor', 'consignor', 'viewer', 'stranger', 'foreigner'];
const NOBODY = '01890000-0000-7000-8000-000000000000';

interface Door {
  readonly name: string;
  readonly call: (
    api: APIRequestContext,
    ids: { lotId: string; inspectionId: string; saleId: string; sha: string; person: string },
  ) => Promise<number>;
  /** Status expected for each; a number for all who may. */
  readonly expected: Readonly<Record<Who, number>>;
}

/** An editor and a consignor get what a viewer gets, where nothing else is said. */
const all = (
  manager: number,
  inspector: number,
  viewer: number,
  stranger: number,
  foreigner = 404,
  other: { editor?: number; consignor?: number } = {},
) => ({ manager, inspector, viewer, stranger, foreigner, editor: viewer, consignor: viewer, ...other });
const page =
  (path: (ids: { lotId: string; saleId: string }) => string): Door['call'] =>
  async (api, ids) =>
    (await api.get(path(ids), { maxRedirects: 0 })).status();
const get =
  (path: (ids: { lotId: string; inspectionId: string; saleId: string }) => string): Door['call'] =>
  async (api, ids) =>
    (await api.get(path(ids), { maxRedirects: 0 })).status();
const post =
  (path: (ids: { lotId: string; inspectionId: string; saleId: string }) => string, data: unknown): Door['call'] =>
  async (api, ids) =>
    (await api.post(path(ids), { data: data as object })).status();

const CHAPTERS = ['paint', 'fit', 'metal', 'bright', 'cabin', 'running', 'papers', 'pictures', 'talk'];
/** The places of a lot and the chapters of its evidence. */
const PLACES = [
  'intake',
  'intake/order',
  'walk',
  'evidence',
  ...CHAPTERS.map((c) => `evidence/${c}`),
  'grade',
  'grade/work',
  'report',
  'report/listing',
];

/** Every route that the application has, and what each role gets there. Bodies are wrong on purpose where a right one would change something. */
const DOORS: readonly Door[] = [
  { name: 'Yard', call: page(() => '/yard'), expected: all(200, 200, 200, 307, 200) },
  ...PLACES.map((s) => ({
    name: s,
    call: page(({ lotId }) => `/lots/${lotId}/${s}`),
    expected: all(200, 200, 200, 307),
  })),
  { name: 'a place of before', call: page(({ lotId }) => `/lots/${lotId}/photos`), expected: all(308, 308, 308, 307) },
  {
    name: 'no place of a lot',
    call: page(({ lotId }) => `/lots/${lotId}/evidence/rumours`),
    expected: all(404, 404, 404, 307),
  },
  { name: 'a lot that is not there', call: page(() => `/lots/${NOBODY}/walk`), expected: all(404, 404, 404, 307) },
  {
    name: 'changes, malformed',
    call: post(({ inspectionId }) => `/api/v1/inspections/${inspectionId}/changes`, { changes: [] }),
    expected: all(400, 400, 403, 401, 400, { consignor: 400 }),
  },
  {
    name: 'changes of no inspection',
    call: post(() => `/api/v1/inspections/${NOBODY}/changes`, { changes: [1] }),
    expected: all(404, 404, 403, 401, 404, { consignor: 404 }),
  },
  {
    name: 'bundle',
    call: async (api, i) => (await api.get(`/api/v1/inspections/${i.inspectionId}/bundle`)).status(),
    expected: all(200, 200, 200, 401),
  },
  {
    name: 'sealed report (not sealed)',
    call: async (api, i) => (await api.get(`/api/v1/inspections/${i.inspectionId}/report`)).status(),
    expected: all(404, 404, 404, 401),
  },
  {
    name: 'log',
    call: async (api, i) => (await api.get(`/api/v1/inspections/${i.inspectionId}/log`)).status(),
    expected: all(200, 200, 200, 401),
  },
  {
    name: 'photo upload',
    call: async (api, i) =>
      (await api.post(`/api/v1/inspections/${i.inspectionId}/photos`, { data: Buffer.from('no picture') })).status(),
    expected: all(422, 422, 403, 401),
  },
  {
    name: 'photo',
    call: async (api, i) => (await api.get(`/api/v1/photos/${i.sha}/320`)).status(),
    // It is of a lot that is lent to the viewer and not brought by the consignor.
    expected: all(200, 200, 200, 401, 404, { consignor: 404 }),
  },
  {
    name: 'a film that nobody kept',
    call: async (api) => (await api.get(`/api/v1/films/${'a'.repeat(64)}`)).status(),
    expected: all(404, 404, 404, 401),
  },
  {
    name: 'questions of a lot',
    call: get(({ lotId }) => `/api/v1/lots/${lotId}/questions`),
    expected: all(200, 200, 200, 401),
  },
  {
    name: 'work on a sale, the page',
    call: page(({ saleId }) => `/yard/work?sale=${saleId}`),
    expected: all(200, 200, 404, 307, 404, { editor: 200 }),
  },
  {
    name: 'days of a sale, the page',
    call: page(({ saleId }) => `/yard/days?sale=${saleId}`),
    expected: all(200, 200, 404, 307, 404, { editor: 200 }),
  },
  {
    name: 'days of a sale, malformed',
    call: async (api, { saleId }) => (await api.put(`/api/v1/sales/${saleId}/days`, { data: { days: 0 } })).status(),
    expected: all(400, 403, 403, 401, 400),
  },
  { name: 'practice, the page', call: page(() => '/practice'), expected: all(200, 200, 404, 307, 200) },
  {
    name: 'what came of a practice, of a lot that is none',
    call: page(({ lotId }) => `/practice/${lotId}`),
    expected: all(404, 404, 404, 307),
  },
  {
    name: 'a practice car that the course lacks',
    call: post(() => '/api/v1/practice', { car: 13 }),
    expected: all(400, 400, 403, 401, 400),
  },
  {
    name: 'the spread of judgements, of too few pairs',
    call: async (api) => (await api.put('/api/v1/practice/spread', { data: {} })).status(),
    expected: all(409, 403, 403, 401, 409),
  },
  {
    name: 'a second look at a lot of which nothing is said',
    call: post(({ lotId }) => `/api/v1/lots/${lotId}/second`, { person: 'nobody' }),
    expected: all(409, 403, 403, 401, 409),
  },
  {
    name: 'a place of a real lot, as if it were practice',
    call: get(({ lotId }) => `/api/v1/lots/${lotId}/practice/place?zone=hood`),
    expected: all(404, 404, 403, 401),
  },
  {
    name: 'measuring a real lot as if it were practice',
    call: post(({ lotId }) => `/api/v1/lots/${lotId}/practice/measure`, { zone: 'hood', uMm: 10, vMm: 10 }),
    expected: all(404, 404, 403, 401),
  },
  {
    name: 'closing a real lot as if it were practice',
    call: post(({ lotId }) => `/api/v1/lots/${lotId}/practice/close`, {}),
    expected: all(404, 404, 403, 401),
  },
  {
    name: 'how long visits took',
    call: get(() => '/api/v1/visit-times'),
    expected: all(200, 200, 403, 401, 200, { editor: 200 }),
  },
  {
    name: 'a sheet of days of nobody',
    call: get(({ saleId }) => `/api/v1/sales/${saleId}/days/sheet.pdf?person=Nobody`),
    expected: all(404, 404, 403, 401, 404, { editor: 404 }),
  },
  {
    name: 'a calendar feed, malformed',
    call: async (api, { saleId }) => (await api.put(`/api/v1/sales/${saleId}/days/feed`, { data: {} })).status(),
    expected: all(400, 403, 403, 401, 400),
  },
  {
    name: 'a calendar feed of no token',
    call: page(() => `/d/${'x'.repeat(32)}/1.ics`),
    expected: all(404, 404, 404, 404),
  },
  {
    name: 'jobs of a lot, weighed',
    call: get(({ inspectionId }) => `/api/v1/inspections/${inspectionId}/work`),
    expected: all(200, 200, 403, 401, 404, { editor: 200 }),
  },
  {
    name: 'what is spent on a sale, malformed',
    call: async (api, { saleId }) => (await api.put(`/api/v1/sales/${saleId}/work`, { data: { budget: -1 } })).status(),
    expected: all(400, 403, 403, 401, 400),
  },
  {
    name: 'a page for bidders of no sale',
    call: async (api) => (await api.put(`/api/v1/sales/${NOBODY}/page`, { data: { open: true } })).status(),
    expected: all(404, 403, 403, 401),
  },
  {
    name: 'publishing what is not sealed',
    call: async (api, { lotId }) => (await api.put(`/api/v1/lots/${lotId}/published`, { data: {} })).status(),
    expected: all(409, 403, 403, 401, 404, { editor: 409 }),
  },
  {
    name: 'taking off the page what is not on it',
    call: async (api, { lotId }) => (await api.delete(`/api/v1/lots/${lotId}/published`)).status(),
    expected: all(404, 403, 403, 401, 404, { editor: 404 }),
  },
  {
    name: 'listing',
    call: get(({ lotId }) => `/api/v1/lots/${lotId}/listing`),
    expected: all(200, 200, 403, 401, 404, { editor: 200 }),
  },
  {
    name: 'listing, malformed',
    call: async (api, { lotId }) => (await api.put(`/api/v1/lots/${lotId}/listing`, { data: { short: 1 } })).status(),
    expected: all(400, 403, 403, 401, 404, { editor: 400 }),
  },
  {
    name: 'letting no listing out',
    call: post(({ lotId }) => `/api/v1/lots/${lotId}/listing`, { why: 'no' }),
    expected: all(400, 403, 403, 401, 400),
  },
  {
    name: 'pictures of a listing that is not sealed',
    call: get(({ lotId }) => `/api/v1/lots/${lotId}/listing/pictures.zip`),
    expected: all(409, 403, 403, 401, 404, { editor: 409 }),
  },
  {
    name: 'catalogue of no such columns',
    call: get(({ saleId }) => `/api/v1/sales/${saleId}/catalogue.csv?columns=gold`),
    expected: all(400, 403, 403, 401, 404, { editor: 400 }),
  },
  {
    name: 'a sale’s page of no token',
    call: page(() => '/s/abcdefghijklmnopqrstuvwx'),
    expected: all(200, 200, 200, 200, 200),
  },
  {
    name: 'a feed of no token',
    call: page(() => '/s/abcdefghijklmnopqrstuvwx/feed.json'),
    expected: all(404, 404, 404, 404),
  },
  {
    name: 'a catalogue of no token',
    call: page(() => '/s/abcdefghijklmnopqrstuvwx/catalogue.zip'),
    expected: all(404, 404, 404, 404),
  },
  {
    name: 'an answer to nothing',
    call: async (api) =>
      (await api.put(`/api/v1/questions/${NOBODY}`, { data: { answer: 'x', toAll: true } })).status(),
    expected: all(404, 404, 403, 401, 404, { editor: 404 }),
  },
  {
    name: 'film upload',
    call: async (api, i) =>
      (
        await api.put(`/api/v1/inspections/${i.inspectionId}/films/${'b'.repeat(64)}?part=-1`, {
          data: Buffer.from('x'),
        })
      ).status(),
    expected: all(400, 400, 403, 401),
  },
  {
    name: 'a plate read off a photo',
    // The smallest part of it: nothing is made out, which is an answer.
    call: async (api, i) =>
      (
        await api.post(`/api/v1/photos/${i.sha}/plate`, {
          data: { box: { x: 0, y: 0, width: 0.01, height: 0.01 } },
        })
      ).status(),
    expected: all(200, 200, 403, 401, 404, { consignor: 403 }),
  },
  {
    name: 'photo in a size that is none',
    call: async (api, i) => (await api.get(`/api/v1/photos/${i.sha}/9999`)).status(),
    expected: all(404, 404, 404, 401),
  },
  {
    name: 'seal (incomplete)',
    call: post(({ inspectionId }) => `/api/v1/inspections/${inspectionId}/seal`, {}),
    expected: all(409, 403, 403, 401),
  },
  {
    name: 'revision without a reason',
    call: post(({ inspectionId }) => `/api/v1/inspections/${inspectionId}/revision`, { reason: 'x' }),
    expected: all(400, 400, 403, 401, 400),
  },
  {
    name: 'give up a first revision',
    call: async (api, { inspectionId }) => (await api.delete(`/api/v1/inspections/${inspectionId}/revision`)).status(),
    expected: all(409, 409, 403, 401),
  },
  {
    name: 'revision (not sealed)',
    call: post(({ inspectionId }) => `/api/v1/inspections/${inspectionId}/revision`, { reason: 'a figure was wrong' }),
    expected: all(409, 409, 403, 401),
  },
  {
    name: 'state, malformed',
    call: post(({ inspectionId }) => `/api/v1/inspections/${inspectionId}/state`, { state: 'sealed' }),
    expected: all(400, 400, 403, 401),
  },
  {
    name: 'links, malformed',
    call: post(({ lotId }) => `/api/v1/lots/${lotId}/links`, { expiresAt: 'never' }),
    expected: all(400, 403, 403, 401, 404, { editor: 400 }),
  },
  {
    name: 'withdraw a link that is none',
    call: async (api) => (await api.delete(`/api/v1/links/${NOBODY}`)).status(),
    expected: all(404, 403, 403, 401, 404, { editor: 404 }),
  },
  {
    name: 'add lot, malformed',
    call: post(({ saleId }) => `/api/v1/sales/${saleId}/lots`, { number: 0 }),
    expected: all(400, 403, 403, 401),
  },
  { name: 'tolerances, the page', call: page(() => '/tolerances'), expected: all(200, 200, 200, 307, 200) },
  {
    name: 'tolerances',
    call: async (api) => (await api.get('/api/v1/tolerances')).status(),
    expected: all(200, 200, 200, 401, 200),
  },
  {
    name: 'tolerances, malformed',
    call: async (api) => (await api.put('/api/v1/tolerances', { data: [] })).status(),
    expected: all(400, 403, 403, 401, 400),
  },
  {
    name: 'tolerances, back to the shipped ones',
    call: async (api) => (await api.delete('/api/v1/tolerances')).status(),
    expected: all(200, 403, 403, 401, 200),
  },
  { name: 'numbers', call: get(() => '/api/v1/numbers'), expected: all(200, 200, 200, 401, 200) },
  {
    name: 'changing numbers',
    call: async (api) => (await api.put('/api/v1/numbers', { data: {} })).status(),
    expected: all(400, 403, 403, 401, 400),
  },
  { name: 'trying numbers', call: post(() => '/api/v1/numbers/try', {}), expected: all(400, 403, 403, 401, 400) },
  {
    name: 'shipped numbers',
    call: async (api) => (await api.delete('/api/v1/numbers')).status(),
    expected: all(200, 403, 403, 401, 200),
  },
  {
    name: 'public page of no token',
    call: page(() => '/r/abcdefghijklmnopqrstuvwx'),
    expected: all(200, 200, 200, 200, 200),
  },
  {
    name: 'public photo of no token',
    call: page(() => `/r/abcdefghijklmnopqrstuvwx/photos/${'a'.repeat(64)}/320`),
    expected: all(404, 404, 404, 404),
  },
  {
    name: 'records behind a statement, of no token',
    call: page(() => '/r/abcdefghijklmnopqrstuvwx/on-record?zones=roof'),
    expected: all(200, 200, 200, 200, 200),
  },
  {
    name: 'public JSON of no token',
    call: page(() => '/r/abcdefghijklmnopqrstuvwx/report.json'),
    expected: all(404, 404, 404, 404),
  },
  { name: 'house, the page', call: page(() => '/house'), expected: all(200, 307, 307, 307, 200) },
  { name: 'people', call: get(() => '/api/v1/people'), expected: all(200, 403, 403, 401, 200) },
  {
    name: 'another’s name, malformed',
    call: async (api, { person }) => (await api.patch(`/api/v1/people/${person}`, { data: { name: '' } })).status(),
    expected: all(400, 403, 403, 401, 400),
  },
  {
    name: 'another house’s person',
    call: async (api) => (await api.patch('/api/v1/people/nobody', { data: { name: 'Lanternfish' } })).status(),
    expected: all(404, 403, 403, 401),
  },
  {
    name: 'lending',
    call: async (api, { lotId, person }) => (await api.put(`/api/v1/lots/${lotId}/lending/${person}`)).status(),
    expected: all(200, 403, 403, 401),
  },
  { name: 'keys', call: get(() => '/api/v1/keys'), expected: all(200, 403, 403, 401, 200) },
  {
    name: 'revoking a key that is none',
    call: async (api) =>
      (
        await api.delete(`/api/v1/keys/${NOBODY}`, { data: { from: '2027-02-10T09:00:00Z', why: 'lost laptop' } })
      ).status(),
    expected: all(409, 403, 403, 401, 409),
  },
  { name: 'house', call: get(() => '/api/v1/house'), expected: all(200, 403, 403, 401, 200) },
  {
    name: 'house, malformed',
    call: async (api) => (await api.put('/api/v1/house', { data: { publishesPlaces: 'yes' } })).status(),
    expected: all(400, 403, 403, 401, 400),
  },
  { name: 'what was done', call: get(() => '/api/v1/audit'), expected: all(200, 403, 403, 401, 200) },
  { name: 'sales', call: get(() => '/api/v1/sales'), expected: all(200, 200, 200, 401, 200) },
  { name: 'sessions', call: get(() => '/api/v1/sessions'), expected: all(200, 200, 200, 401, 200) },
  {
    name: 'ending a session that is none',
    call: async (api) => (await api.delete('/api/v1/sessions/nothing')).status(),
    expected: all(404, 404, 404, 401),
  },
  {
    name: 'a lot taken along',
    call: get(({ lotId }) => `/api/v1/lots/${lotId}/along`),
    expected: all(200, 200, 200, 401),
  },
  {
    name: 'exports',
    call: get(({ inspectionId }) => `/api/v1/inspections/${inspectionId}/exports`),
    expected: all(200, 200, 200, 401),
  },
  {
    name: 'export, malformed',
    call: post(({ inspectionId }) => `/api/v1/inspections/${inspectionId}/exports`, { what: 'gold' }),
    expected: all(400, 400, 403, 401, 404, { editor: 400 }),
  },
  {
    name: 'an export that is none',
    call: get(() => `/api/v1/exports/${NOBODY}`),
    expected: all(404, 404, 404, 401),
  },
  {
    name: 'what arrived of a picture',
    call: get(({ inspectionId }) => `/api/v1/inspections/${inspectionId}/uploads/${'a'.repeat(64)}`),
    expected: all(200, 200, 403, 401),
  },
  {
    name: 'import into a sale',
    call: post(({ saleId }) => `/api/v1/sales/${saleId}/import`, { no: 'bundle' }),
    expected: all(200, 403, 403, 401),
  },
  { name: 'people, the page', call: page(() => '/people'), expected: all(200, 307, 307, 307, 200) },
  { name: 'find, the page', call: page(() => '/find?q=halyard'), expected: all(200, 200, 200, 307, 200) },
  { name: 'start, where a house is', call: page(() => '/start'), expected: all(307, 307, 307, 307, 307) },
  {
    name: 'opening a second house',
    call: post(() => '/api/v1/start', {}),
    expected: all(409, 409, 409, 409, 409),
  },
  {
    name: 'a way in that is none',
    call: page(() => `/join/${'a'.repeat(32)}`),
    expected: all(200, 200, 200, 200, 200),
  },
  {
    name: 'coming in by no link',
    call: post(() => `/api/v1/join/${'a'.repeat(32)}`, {
      name: 'Nobody',
      email: 'no@b.example',
      password: 'gravel owl kettle',
    }),
    expected: all(404, 404, 404, 404),
  },
  { name: 'invitations', call: get(() => '/api/v1/invitations'), expected: all(200, 403, 403, 401, 200) },
  {
    name: 'inviting into no role',
    call: post(() => '/api/v1/invitations', { role: 'king' }),
    expected: all(400, 403, 403, 401, 400),
  },
  {
    name: 'withdrawing no invitation',
    call: async (api) => (await api.delete(`/api/v1/invitations/${NOBODY}`)).status(),
    expected: all(404, 403, 403, 401),
  },
  {
    name: 'a role that is none',
    call: async (api, { person }) => (await api.patch(`/api/v1/people/${person}`, { data: { role: 'king' } })).status(),
    expected: all(400, 403, 403, 401, 400),
  },
  {
    name: 'letting nobody go',
    call: async (api) => (await api.delete('/api/v1/people/nobody')).status(),
    expected: all(404, 403, 403, 401),
  },
  {
    name: 'a new password for nobody',
    call: post(() => '/api/v1/people/nobody/recovery', {}),
    expected: all(404, 403, 403, 401),
  },
  {
    name: 'one’s own name, malformed',
    call: async (api) => (await api.patch('/api/v1/me', { data: { name: '' } })).status(),
    expected: all(400, 400, 400, 401, 400),
  },
  {
    name: 'opening a sale, malformed',
    call: post(() => '/api/v1/sales', { name: 'x' }),
    expected: all(400, 403, 403, 401, 400),
  },
  {
    name: 'changing a sale',
    call: async (api, { saleId }) =>
      (await api.patch(`/api/v1/sales/${saleId}`, { data: { place: 'Marlpit Tramshed, Vennor' } })).status(),
    expected: all(200, 403, 403, 401),
  },
  {
    name: 'closing a sale, malformed',
    call: post(({ saleId }) => `/api/v1/sales/${saleId}/state`, { state: 'burnt' }),
    expected: all(400, 403, 403, 401, 400),
  },
  {
    name: 'looking at a list',
    call: post(({ saleId }) => `/api/v1/sales/${saleId}/list`, { csv: 'number\n' }),
    expected: all(200, 403, 403, 401),
  },
  {
    name: 'lending a sale to nobody',
    call: async (api, { saleId }) => (await api.put(`/api/v1/sales/${saleId}/lending/nobody`)).status(),
    expected: all(404, 403, 403, 401),
  },
  {
    name: 'what is said of a lot',
    call: get(({ lotId }) => `/api/v1/lots/${lotId}`),
    expected: all(200, 200, 200, 401),
  },
  {
    name: 'saying where a lot stands',
    call: async (api, { lotId }) => (await api.patch(`/api/v1/lots/${lotId}`, { data: { stands: 'Gate' } })).status(),
    expected: all(200, 403, 403, 401),
  },
  {
    name: 'giving a lot to nobody',
    call: async (api, { lotId }) => (await api.put(`/api/v1/lots/${lotId}/inspectors/nobody`)).status(),
    expected: all(404, 403, 403, 401),
  },
  { name: 'tokens', call: get(() => '/api/v1/tokens'), expected: all(200, 403, 403, 401, 200) },
  { name: 'a token, malformed', call: post(() => '/api/v1/tokens', {}), expected: all(400, 403, 403, 401, 400) },
  {
    name: 'taking back no token',
    call: async (api) => (await api.delete(`/api/v1/tokens/${NOBODY}`)).status(),
    expected: all(404, 403, 403, 401),
  },
  { name: 'what programs may ask', call: get(() => '/api/v1/openapi.json'), expected: all(200, 200, 200, 200, 200) },
  { name: 'backups', call: get(() => '/api/v1/backups'), expected: all(200, 403, 403, 401, 200) },
  { name: 'what is to be erased', call: get(() => '/api/v1/deletions'), expected: all(200, 403, 403, 401, 200) },
  {
    name: 'erasing what is not there',
    call: post(() => '/api/v1/deletions', { what: 'lot', target: NOBODY, why: 'a trial' }),
    expected: all(404, 403, 403, 401),
  },
  {
    name: 'erasing another house’s sale',
    call: async (api, { saleId }) =>
      (await api.post('/api/v1/deletions', { data: { what: 'sale', target: saleId, why: '' } })).status(),
    expected: all(400, 403, 403, 401, 400),
  },
  {
    name: 'calling nothing off',
    call: async (api) => (await api.delete(`/api/v1/deletions/${NOBODY}`)).status(),
    expected: all(404, 403, 403, 401),
  },
  { name: 'health', call: get(() => '/health'), expected: all(200, 200, 200, 200, 200) },
  {
    name: 'an alarm heard',
    call: async (api) => (await api.delete(`/api/v1/alarms/${NOBODY}`)).status(),
    expected: all(404, 403, 403, 401, 404),
  },
  { name: 'tables', call: get(() => '/api/v1/tables'), expected: all(200, 200, 200, 401, 200) },
  { name: 'one table', call: get(() => '/api/v1/tables/profiles?format=csv'), expected: all(200, 200, 200, 401, 200) },
  {
    name: 'a table, malformed',
    call: async (api) => (await api.put('/api/v1/tables/profiles', { data: {} })).status(),
    expected: all(400, 403, 403, 401, 400),
  },
  {
    name: 'trying a table',
    call: post(() => '/api/v1/tables/profiles/try', {}),
    expected: all(400, 403, 403, 401, 400),
  },
  { name: 'searching', call: get(() => '/api/v1/search?q=halyard'), expected: all(200, 200, 200, 401, 200) },
  { name: 'searching for nothing', call: get(() => '/api/v1/search'), expected: all(400, 400, 400, 401, 400) },
  { name: 'all that was done', call: get(() => '/api/v1/audit?format=csv'), expected: all(200, 403, 403, 401, 200) },
  {
    name: 'a second step without a code',
    call: post(() => '/api/auth/two-factor/verify-totp', {}),
    expected: all(400, 400, 400, 400, 400),
  },
  {
    name: 'a second step without its password',
    call: post(() => '/api/auth/two-factor/enable', {}),
    expected: all(400, 400, 400, 401, 400),
  },
  ...[
    'two-factor/send-otp',
    'two-factor/generate-backup-codes',
    'two-factor/get-totp-uri',
    'update-user',
    'verify-password',
    'delete-user',
    'change-email',
    'revoke-sessions',
    'request-password-reset',
  ].map((path) => ({
    name: `the sign-in library’s ${path}`,
    call: post(() => `/api/auth/${path}`, { name: 'petra', password: 'tramshed-demo', newEmail: 'a@b.example' }),
    expected: all(404, 404, 404, 404),
  })),
  {
    name: 'the framework’s picture converter',
    call: get(() => '/_next/image?url=%2Ficon.svg&w=640&q=75'),
    expected: all(404, 404, 404, 404),
  },
  {
    name: 'opening an account oneself',
    call: post(() => '/api/auth/sign-up/email', {
      email: 'new@tramshed.example',
      password: 'long-enough-1',
      name: 'New',
    }),
    expected: all(404, 404, 404, 404),
  },
];

test('every route, as every role, as a stranger, and as another house’s manager', async () => {
  const manager = await caller('manager');
  const empty = await freshLot(null);
  const lot1 = await lotByNumber(manager, 1);
  const bundle = await (await manager.get(`/api/v1/inspections/${lot1.inspectionId}/bundle`)).json();
  await lendToViewer(empty.lotId);
  const { people } = await (await manager.get('/api/v1/people')).json();
  const viewer = people.find((p: { role: string }) => p.role === 'viewer').id as string;
  const { id: corwin } = people.find((p: { role: string }) => p.role === 'consignor');
  expect((await manager.patch(`/api/v1/lots/${empty.lotId}`, { data: { consignorId: corwin } })).status()).toBe(200);
  const ids = { ...empty, sha: bundle.photos[0].sha256 as string, person: viewer };
  const foreign = await anotherHouse('walls');
  for (const who of EVERYONE) {
    const api = await caller(who === 'foreigner' ? { email: foreign.manager } : who);
    for (const door of DOORS)
      expect([door.name, who, await door.call(api, ids)]).toEqual([door.name, who, door.expected[who]]);
    await api.dispose();
  }
  expect((await (await manager.get(`/api/v1/inspections/${empty.inspectionId}/bundle`)).json()).records).toEqual({});
});

test('bad input gets a clear answer and changes nothing', async () => {
  const { inspectionId } = await freshLot();
  const api = await caller('inspector');
  const at = `/api/v1/inspections/${inspectionId}/changes`;
  const before = await (await api.get(`/api/v1/inspections/${inspectionId}/bundle`)).text();
  const tooMany = await api.post(at, {
    data: { changes: Array.from({ length: 501 }, (_, i) => readingOf(100 + (i % 50))) },
  });
  expect([tooMany.status(), (await tooMany.json()).message]).toEqual([
    400,
    'At most 500 changes at once. Nothing was changed.',
  ]);
  const broken = await api.post(at, {
    headers: { 'content-type': 'application/json' },
    data: Buffer.from('{"changes": ['),
  });
  expect([broken.status(), (await broken.json()).reason]).toEqual([400, 'malformed']);
  const results = (
    await (
      await api.post(at, {
        data: {
          changes: [
            { ...readingOf(131), body: { ...readingOf(131).body, zone: 'fendr.left' } },
            readingOf(-5),
            readingOf(50000),
            readingOf(5),
          ],
        },
      })
    ).json()
  ).results;
  expect(results.map((r: { reason: string; nearest?: string }) => [r.reason, r.nearest ?? ''])).toEqual([
    ['unknown-zone', 'fender.left'],
    ['invalid', ''],
    ['invalid', ''],
    ['ask-unit', ''],
  ]);
  expect(await (await api.get(`/api/v1/inspections/${inspectionId}/bundle`)).text()).toBe(before);
});

test('a request from another site is refused', async () => {
  const { inspectionId } = await freshLot();
  const api = await caller('inspector');
  const answer = await api.post(`/api/v1/inspections/${inspectionId}/changes`, {
    headers: { origin: 'https://elsewhere.example' },
    data: { changes: [1] },
  });
  expect([answer.status(), (await answer.json()).reason]).toEqual([403, 'foreign-origin']);
});

test('sign-in attempts are limited per account, and the cookie is closed to scripts', async () => {
  const api = await caller('stranger');
  const attempt = (email: string, password: string) =>
    api.post('/api/auth/sign-in/email', { data: { email, password } });
  const nobody = `nobody-${crypto.randomUUID()}@tramshed.example`;
  const statuses: number[] = [];
  for (let i = 0; i < 8; i++) statuses.push((await attempt(nobody, `wrong-${i}-password`)).status());
  expect(statuses).toEqual(statuses.map(() => 401));
  const more = await Promise.all([1, 2, 3, 4].map((i) => attempt(nobody, `wrong-${i}-password`)));
  expect(more.filter((a) => a.status() === 429).length).toBeGreaterThanOrEqual(3);
  expect((await attempt('tomas@tramshed.example', 'wrong-password')).status()).toBe(401);
  const good = await attempt('tomas@tramshed.example', 'tramshed-demo');
  expect(good.status()).toBe(200);
  const cookie = good.headersArray().find((h) => h.name.toLowerCase() === 'set-cookie')!.value;
  expect(cookie).toMatch(/HttpOnly/i);
  expect(cookie).toMatch(/SameSite=Strict/i);
});

test('a program with a token reads what its scopes name, and nothing else', async () => {
  const manager = await caller('manager');
  const lot6 = await lotByNumber(manager, 6);
  const made = await (
    await manager.post('/api/v1/tokens', { data: { name: 'Catalogue page', scopes: ['catalogue'], days: 30 } })
  ).json();
  const stranger = await request.newContext({
    baseURL: BASE,
    extraHTTPHeaders: { authorization: `Bearer ${made.token}` },
  });
  const status = async (path: string) => (await stranger.get(path)).status();
  expect(await status('/api/v1/sales')).toBe(200);
  expect(await status(`/api/v1/lots/${lot6.lotId}`)).toBe(200);
  expect(await status(`/api/v1/inspections/${lot6.inspectionId}/report`)).toBe(200);
  for (const path of [
    `/api/v1/inspections/${lot6.inspectionId}/bundle`,
    '/api/v1/people',
    '/api/v1/house',
    '/api/v1/search?q=dray',
  ])
    expect([path, await status(path)]).toEqual([path, 403]);
  expect((await stranger.patch(`/api/v1/lots/${lot6.lotId}`, { data: { stands: 'Gate' } })).status()).toBe(403);
  // The example that ships reads the catalogue with it.
  const read = spawnSync(process.execPath, ['docs/formats/examples/read-catalogue.mjs'], {
    encoding: 'utf8',
    env: { ...process.env, FARVIN: BASE, TOKEN: made.token },
  });
  expect(read.stdout).toMatch(/The Tramshed Dispersal[\s\S]+ 6 {2}Haskett Dray pickup, 1991, sealed \d{4}-/);
  expect((await manager.delete(`/api/v1/tokens/${made.id}`)).status()).toBe(200);
  expect(await status('/api/v1/sales')).toBe(401);
});
