import {
  type APIRequestContext,
  type APIResponse,
  type Browser,
  type BrowserContext,
  expect,
  type Page,
  request,
} from '@playwright/test';

import { remembered } from '../src/core/stats/remembered';

export const BASE = process.env.FARVIN_URL ?? 'http://127.0.0.1:3000';
export const PASSWORD = 'tramshed-demo';
export const PEOPLE = {
  manager: 'petra@tramshed.example',
  inspector: 'ilse@tramshed.example',
  viewer: 'harald@tramshed.example',
  editor: 'wenna@tramshed.example',
  consignor: 'corwin@tramshed.example',
} as const;
export type Person = keyof typeof PEOPLE;

type Signed = Awaited<ReturnType<APIRequestContext['storageState']>>;
async function signIn(email: string): Promise<Signed> {
  const context = await request.newContext({ baseURL: BASE, extraHTTPHeaders: { origin: BASE } });
  const answer = await context.post('/api/auth/sign-in/email', { data: { email, password: PASSWORD } });
  expect(answer.status()).toBe(200);
  const state = await context.storageState();
  await context.dispose();
  return state;
}

/** The session of each person of the demo, opened once: signing in takes as long as guessing passwords shall. */
const sessionOfPerson = remembered((who: Person) => signIn(PEOPLE[who]), String, Object.keys(PEOPLE).length);

/** The cookies of a person who is signed in. Tests that end sessions do so in a house of their own. */
const sessionOf = (who: Person | { email: string }): Promise<Signed> =>
  typeof who === 'string' ? sessionOfPerson(who) : signIn(who.email);

/** A signed-in caller of the API; `stranger` has no session. */
export async function caller(who: Person | 'stranger' | { email: string }): Promise<APIRequestContext> {
  const options = { baseURL: BASE, extraHTTPHeaders: { origin: BASE } };
  if (who === 'stranger') return request.newContext(options);
  return request.newContext({ ...options, storageState: await sessionOf(who) });
}

/** A browser in which somebody is signed in. */
export async function browserOf(
  browser: Browser,
  who: Person | { email: string },
  options: Parameters<Browser['newContext']>[0] = {},
): Promise<BrowserContext> {
  return browser.newContext({ baseURL: BASE, ...options, storageState: await sessionOf(who) });
}

/** What waits, as the head of a lot says it. */
export const head = (page: Page, name: string | RegExp) => page.getByRole('status').getByRole('link', { name });

/** Opens a chapter of Evidence from anywhere in a lot, as a person does. */
export async function openChapter(page: Page, name: string): Promise<void> {
  await page.getByRole('link', { name: 'Evidence', exact: true }).click();
  await page.getByRole('navigation', { name: 'Chapters' }).getByRole('link', { name, exact: true }).click();
}

interface LotIds {
  readonly lotId: string;
  readonly inspectionId: string;
  readonly saleId: string;
}

async function saleAndLots(api: APIRequestContext) {
  const saleId = (await (await api.get('/api/v1/sales')).json()).sales[0].id as string;
  const { lots } = await (await api.get(`/api/v1/sales/${saleId}/lots`)).json();
  return { saleId, lots: lots as { id: string; number: number; inspectionId: string }[] };
}

/** The ids of a demo lot and its newest inspection. */
export async function lotByNumber(api: APIRequestContext, number: number): Promise<LotIds> {
  const { saleId, lots } = await saleAndLots(api);
  const lot = lots.find((l) => l.number === number)!;
  return { lotId: lot.id, inspectionId: lot.inspectionId, saleId };
}

/** Adds a lot of its own for a test, with its car and one visit stated, so that tests do not share records. */
export async function freshLot(car: object | null = {}): Promise<LotIds> {
  const api = await caller('manager');
  const { saleId, lots } = await saleAndLots(api);
  let number = Math.max(200, ...lots.map((l) => l.number));
  let added: APIResponse;
  // Two tests may ask for the same number at once: the second takes the next.
  do {
    number++;
    added = await api.post(`/api/v1/sales/${saleId}/lots`, {
      data: { number, title: `Quillon Halyard trial ${number}` },
    });
  } while (added.status() === 409);
  expect(added.status()).toBe(200);
  const { lotId, inspectionId } = await added.json();
  if (car !== null) {
    const at = '2027-02-10T09:00:00Z';
    const put = (kind: string, record: string, body: object) => ({
      id: crypto.randomUUID(),
      op: 'put',
      kind,
      record,
      base: 0,
      body,
    });
    const answer = await api.post(`/api/v1/inspections/${inspectionId}/changes`, {
      data: {
        changes: [
          put('car', lotId, {
            make: 'Quillon',
            model: 'Halyard',
            year: 1967,
            style: 'fastback',
            chassisNumber: 'QHF67-1',
            steering: 'left',
            ...car,
          }),
          put('visit', crypto.randomUUID(), {
            startedAt: at,
            inspector: 'Ilse Brandvik',
            temperatureC: 9,
            gauge: { name: 'Survey gauge', ceilingUm: 500 },
          }),
        ],
      },
    });
    expect((await answer.json()).results.map((r: { status: string }) => r.status)).toEqual(['applied', 'applied']);
  }
  await api.dispose();
  return { lotId, inspectionId, saleId };
}

/** Lends a lot to the demo's viewer, who sees nothing that is not lent. */
export async function lendToViewer(lotId: string): Promise<void> {
  const api = await caller('manager');
  const { people } = await (await api.get('/api/v1/people')).json();
  const { id } = people.find((p: { email: string }) => p.email === PEOPLE.viewer);
  expect((await api.put(`/api/v1/lots/${lotId}/lending/${id}`)).status()).toBe(200);
  await api.dispose();
}

/** What the server holds of an inspection, by kind. */
export async function recordsOf(
  api: APIRequestContext,
  inspectionId: string,
  // biome-ignore lint/suspicious/noExplicitAny: a test reads whatever bodies it has written
): Promise<Record<string, any>> {
  return (await (await api.get(`/api/v1/inspections/${inspectionId}/bundle`)).json()).records;
}

/** States a visit at the intake, with a gauge that was checked. */
export async function stateVisit(page: Page): Promise<void> {
  await page.getByRole('button', { name: 'Add visit' }).click();
  await page.getByLabel('Temperature, °C').fill('9');
  await page.getByRole('dialog').getByLabel('Name').fill('Survey gauge 2');
  await page.getByLabel('Ceiling, µm').fill('500');
  await page.getByLabel('Start: foil, µm').fill('125');
  await page.getByLabel('Start: zero shows').fill('0');
  await page.getByLabel('Start: foil shows').fill('126');
  await page.getByRole('button', { name: 'Keep visit' }).click();
  await expect(page.getByText('Survey gauge 2, ceiling 500 µm')).toBeVisible();
}

/** Types a line and takes it, waiting until the server has it. */
export async function enter(page: Page, line: string): Promise<void> {
  const input = page.getByLabel('Entry line');
  await input.fill(line);
  await input.press('Enter');
  await expect(input).toHaveValue('');
}

/** Goes to an address without a network; asked again where the browser stays on the page before, seen on a busy machine. */
export async function goneTo(page: Page, path: string): Promise<void> {
  await expect(async () => {
    await page.evaluate(() => document.documentElement.setAttribute('data-before', ''));
    await page.goto(path);
    expect(
      await page.evaluate(() => [location.pathname, document.documentElement.hasAttribute('data-before')]),
    ).toEqual([path, false]);
  }).toPass();
}
