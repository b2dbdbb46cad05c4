import { analysed } from './axe';
import { browserOf, caller, lotByNumber } from './people';
import { type APIRequestContext, type BrowserContext, expect, type Page, test } from './test';

const SIZES = { desk: { width: 1280, height: 800 }, walk: { width: 390, height: 844 } } as const;

/** A closed practice car and a closed second look of the demo. */
async function closedPractice(api: APIRequestContext): Promise<string[]> {
  const html = await (await api.get('/practice')).text();
  const ids = [...new Set([...html.matchAll(/href="\/practice\/([0-9a-f-]{36})"/g)].map((m) => m[1]!))];
  const titles = await Promise.all(
    ids.map(async (id) => [id, await (await api.get(`/practice/${id}`)).text()] as const),
  );
  return [
    titles.find(([, t]) => t.includes('Fault by fault'))![0],
    titles.find(([, t]) => t.includes('Axis by axis'))![0],
  ];
}

/** Every main screen with what must be there before it is judged. */
async function screens(): Promise<[name: string, path: string, heading: string | RegExp][]> {
  const api = await caller('manager');
  const { lotId } = await lotByNumber(api, 1);
  const sealed = await lotByNumber(api, 6);
  const { path } = await (await api.post(`/api/v1/lots/${sealed.lotId}/links`, { data: { label: 'test' } })).json();
  const house = (await (await api.get('/api/v1/keys')).json()).organisation.id as string;
  const keys = `/keys/${house}`;
  const truths = await closedPractice(api);
  await api.dispose();
  return [
    ['yard', '/yard', 'The Tramshed Dispersal'],
    ['intake', `/lots/${lotId}/intake`, 'The car'],
    ['walk', `/lots/${lotId}/walk`, 'Bonnet'],
    ['evidence', `/lots/${lotId}/evidence`, 'Running'],
    ['paint', `/lots/${lotId}/evidence/paint`, 'Panel by panel'],
    ['pictures', `/lots/${lotId}/evidence/pictures`, /pictures/],
    ['fit', `/lots/${lotId}/evidence/fit`, 'Stance'],
    ['metal', `/lots/${lotId}/evidence/metal`, 'Found'],
    ['bright', `/lots/${lotId}/evidence/bright`, 'Wheels and tyres'],
    ['cabin', `/lots/${lotId}/evidence/cabin`, /^At the controls/],
    ['running', `/lots/${lotId}/evidence/running`, 'Road test'],
    ['papers', `/lots/${lotId}/evidence/papers`, 'Numbers'],
    ['tolerances', '/tolerances', 'Gaps and tolerances'],
    ['sign-ins', '/account', 'Sign-ins'],
    ['house', '/house', 'Signing keys'],
    ['keys', keys, /^Keys of/],
    ['grade', `/lots/${lotId}/grade`, 'Nine axes and what each lost'],
    ['numbers of the grade', '/grade-numbers', 'Numbers of the grade'],
    ['numbers', '/numbers', 'Numbers'],
    ['one table', '/numbers/profiles', 'Film bands and schools'],
    ['people', '/people', 'People'],
    ['find', '/find?q=halyard', 'Find'],
    ['practice', '/practice', 'The course'],
    ['what came of practice', `/practice/${truths[0]}`, 'Fault by fault'],
    ['two looks', `/practice/${truths[1]}`, 'Axis by axis'],
    ['report', `/lots/${lotId}/report`, 'Where it is'],
    ['public report', path, 'Findings'],
  ];
}

/**
 * Screens that a phone draws otherwise than a desk, gone through whole in both; the others say the same in the same colours, one
 * below the other: on the desk's page made as narrow as a phone they are asked what their size can change.
 */
const OTHERWISE_ON_A_PHONE = ['yard', 'walk', 'evidence', 'public report'];

/** What is wrong with a page, also after a second look: while it is rendered anew it may lack its title for a moment. */
const violations = async (page: Page, bySize = false) => {
  const first = await analysed(page, { bySize });
  if (first.length === 0) return first;
  await expect(page).toHaveTitle(/\S/);
  const second = await analysed(page, { bySize });
  return first.filter((v) => second.includes(v));
};

/** Whether a page is wider than what it is looked at through. */
const tooWide = (page: Page): Promise<string[]> =>
  page.evaluate(() => {
    const { scrollWidth, clientWidth } = document.documentElement;
    return scrollWidth > clientWidth ? [`${scrollWidth} px wide in ${clientWidth}`] : [];
  });

/** What a page asks of anybody but this machine, and what it logs as an error. */
function listened(page: Page): { abroad: string[]; errors: string[] } {
  const heard = { abroad: [] as string[], errors: [] as string[] };
  page.on('request', (r) => {
    const url = new URL(r.url());
    if (!['data:', 'blob:'].includes(url.protocol) && !['127.0.0.1', 'localhost'].includes(url.hostname))
      heard.abroad.push(r.url());
  });
  page.on('console', (m) => m.type() === 'error' && heard.errors.push(m.text()));
  page.on('pageerror', (e) => heard.errors.push(e.message));
  return heard;
}

for (const [size, viewport] of Object.entries(SIZES)) {
  test(`no accessibility violation on any screen, nothing that leaves loopback, no error logged, ${size}`, async ({
    browser,
  }) => {
    // Each screen is gone through by the checker, the large ones for a quarter of a minute on a busy machine.
    test.setTimeout(600_000);
    const context: BrowserContext = await browserOf(browser, 'manager', { viewport });
    const page = await context.newPage();
    const bad: string[] = [];
    const heard = listened(page);
    const all = await screens();
    const asked = size === 'desk' ? all : all.filter(([name]) => OTHERWISE_ON_A_PHONE.includes(name));
    for (const [name, path, heading] of asked) {
      await page.goto(path);
      await expect(page.getByRole('heading', { name: heading, exact: true }).first()).toBeVisible();
      bad.push(...(await violations(page)).map((v) => `${name}: ${v}`));
      bad.push(...(await tooWide(page)).map((v) => `${name}: ${v}`));
      if (size === 'walk' || OTHERWISE_ON_A_PHONE.includes(name)) continue;
      await page.setViewportSize(SIZES.walk);
      bad.push(...(await violations(page, true)).map((v) => `${name}, narrow: ${v}`));
      bad.push(...(await tooWide(page)).map((v) => `${name}, narrow: ${v}`));
      await page.setViewportSize(viewport);
    }
    await page.goto(all.find(([name]) => name === 'fit')![1]);
    await page.getByRole('button', { name: 'Measure the next' }).click();
    await expect(page.getByRole('dialog').getByText('The card was found.')).toBeVisible();
    bad.push(...(await violations(page)).map((v) => `gap desk: ${v}`));
    const stranger = await (await browser.newContext({ viewport })).newPage();
    await stranger.goto('/sign-in');
    bad.push(...(await violations(stranger)).map((v) => `sign-in: ${v}`));
    await page.goto(all[2]![1]);
    await expect(page.getByRole('heading', { name: 'Bonnet', exact: true })).toBeVisible();
    await page.getByRole('button', { name: 'Words, sides and units' }).click();
    await page.getByText('dark pit').click();
    await page.keyboard.press('Escape');
    bad.push(...(await violations(page)).map((v) => `pit: ${v}`));
    expect(bad).toEqual([]);
    expect(heard).toEqual({ abroad: [], errors: [] });
  });
}

test('the Yard says what is next, late and thin, and finds a lot', async ({ browser }) => {
  const page = await (await browserOf(browser, 'manager')).newPage();
  await page.goto('/yard');
  await expect(page.getByRole('link', { name: /Next: [12] days? late/ })).toContainText(
    'Quillon Halyard four-door, 1964',
  );
  const rows = page.getByRole('region', { name: 'Lots' }).getByRole('listitem');
  await page.getByRole('button', { name: /late report day has passed/ }).click();
  await expect(rows).toHaveCount(1);
  await page.getByRole('button', { name: /late report day has passed/ }).click();
  await page.getByLabel('Search lots').fill('dray tomas');
  await expect(rows).toHaveCount(2);
  await page.getByLabel('Search lots').fill('zeppelin');
  await expect(page.getByText('No lot answers this.')).toBeVisible();
});
