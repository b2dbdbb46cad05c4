import { analysed } from './axe';
import { BASE, browserOf, caller, freshLot } from './people';
import { expect, test } from './test';

test('a bidder without script asks about a finding; the house answers, and all with the report read it', async ({
  browser,
}) => {
  const { lotId, inspectionId } = await freshLot();
  const manager = await caller('manager');
  const finding = crypto.randomUUID();
  const at = '2027-02-10T09:05:00Z';
  const put = (kind: string, record: string, body: object) => ({
    id: crypto.randomUUID(),
    op: 'put',
    kind,
    record,
    base: 0,
    body,
  });
  const sent = await manager.post(`/api/v1/inspections/${inspectionId}/changes`, {
    data: {
      changes: [
        put('finding', finding, { zone: 'hood', flaw: 'dent', sizeMm: 40, at }),
        put('look', crypto.randomUUID(), { zone: 'roof', aspect: 'paint', outcome: 'clean', at }),
      ],
    },
  });
  expect(sent.status()).toBe(200);
  expect((await manager.post(`/api/v1/inspections/${inspectionId}/seal`, { data: {} })).status()).toBe(200);
  const { path: link } = await (await manager.post(`/api/v1/lots/${lotId}/links`, { data: { label: 'asked' } })).json();

  const plain = await (
    await browser.newContext({ baseURL: BASE, javaScriptEnabled: false, viewport: { width: 390, height: 844 } })
  ).newPage();
  await plain.goto(link);
  await plain.getByRole('link', { name: 'Ask about this' }).first().click();
  const form = plain.getByRole('region', { name: 'Questions' });
  await expect(form.getByLabel('About')).toHaveValue(`finding|${finding}`);
  await form.getByLabel('What would you like to know?').fill('Does the dent go through the paint?');
  await form.getByLabel('Your name or alias, if you like').fill('Lanternfish');
  await form.getByRole('button', { name: 'Ask the house' }).click();
  await expect(form).toContainText('Your question is with the house.');
  await expect(form).toContainText('1 question waits');
  await expect(form).not.toContainText('Does the dent go through');

  const desk = await (await browserOf(browser, 'manager')).newPage();
  await desk.goto(`/lots/${lotId}/report`);
  const questions = desk.getByRole('region', { name: 'Questions' });
  await expect(questions).toContainText('Lanternfish');
  await expect(questions).toContainText('about finding 1');
  await questions.getByRole('textbox').fill('No, the paint is whole; see the picture.');
  await questions.getByRole('group', { name: 'Show with it' }).getByRole('button', { name: /dent/i }).click();
  await questions.getByRole('button', { name: 'Answer' }).click();
  await expect(questions).toContainText('to all');

  const other = await (await browser.newContext({ baseURL: BASE, viewport: { width: 390, height: 844 } })).newPage();
  await other.goto(link);
  const told = other.getByRole('region', { name: 'Questions' });
  await expect(told).toContainText('Does the dent go through the paint?');
  await expect(told).toContainText('No, the paint is whole; see the picture.');
  expect(await analysed(other)).toEqual([]);
  // What the answer shows leads to the record as sealed, and so does a statement of the report.
  await told.getByRole('link', { name: /on record/i }).click();
  await expect(other.getByRole('heading', { name: 'On record' })).toBeVisible();
  await expect(other.getByRole('region', { name: 'Bonnet' })).toContainText(/dent/i);
  expect(await analysed(other)).toEqual([]);
  await other.goto(`${link}/on-record?zones=roof`);
  await expect(other.getByRole('main')).toContainText('1 entry as sealed');
  await expect(other.getByRole('main')).not.toContainText(/dent/i);

  // What is no question is refused with a reason; a form that only a program fills is thanked and dropped.
  const post = (data: Record<string, string>) =>
    other.request.post(`${link}/questions`, { form: data, maxRedirects: 0 });
  expect((await post({ text: 'x' })).headers().location).toContain('asked=unclear');
  expect((await post({ text: 'buy this now', website: 'http://spam.example' })).headers().location).toContain(
    'asked=yes',
  );
  const { questions: held } = await (await manager.get(`/api/v1/lots/${lotId}/questions`)).json();
  expect(held).toHaveLength(1);
});
