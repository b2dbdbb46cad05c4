import { createHmac } from 'node:crypto';
import { SMTPServer } from 'smtp-server';
import { freePort } from '../bin/steps.mjs';
import { analysed } from './axe';
import { emptyWorld, ownServer } from './own-server';
import { enter, openChapter, stateVisit } from './people';
import { type Browser, expect, type Page, test } from './test';

const PASSWORD = 'gravel owl kettle ninety';
const LIST =
  'number,make,model,year,style,consignor,reserve_days,keys,stands\n14,Quillon,Halyard,1966,fastback,Ottoline Crane,4,"Office, hook 14","Shed 2, bay 3"\n15,Sarvane,Lido,1959,convertible,,,Gate,\n';

/** Letters caught on this machine instead of being sent. */
async function mailCatcher() {
  const letters: string[] = [];
  const server = new SMTPServer({
    authOptional: true,
    disabledCommands: ['STARTTLS'],
    onData(stream, _session, done) {
      let text = '';
      stream.on('data', (piece) => (text += piece));
      stream.on('end', () => {
        letters.push(text.replace(/=\r?\n/g, '').replace(/=3D/g, '='));
        done();
      });
    },
  });
  const port = await freePort();
  await new Promise<void>((resolve) => void server.listen(port, '127.0.0.1', () => resolve()));
  return {
    url: `smtp://127.0.0.1:${port}`,
    letters,
    stop: () => new Promise<void>((r) => void server.close(() => r())),
  };
}

/** The code that an authenticator app shows for a secret (RFC 6238, six figures of 30 s, SHA-1). */
function codeNow(secret: string): string {
  const bits = [...secret.replace(/=+$/, '')].map((c) =>
    'ABCDEFGHIJKLMNOPQRSTUVWXYZ234567'.indexOf(c).toString(2).padStart(5, '0'),
  );
  const key = Buffer.from(
    bits
      .join('')
      .match(/.{8}/g)!
      .map((b) => Number.parseInt(b, 2)),
  );
  const moment = Buffer.alloc(8);
  moment.writeBigUInt64BE(BigInt(Math.floor(Date.now() / 30_000)));
  const hash = createHmac('sha1', key).update(moment).digest();
  const at = hash.at(-1)! & 15;
  return String((hash.readUInt32BE(at) & 0x7fffffff) % 1_000_000).padStart(6, '0');
}

/** A link for somebody, made by the manager's page and shown once. */
async function inviteAs(page: Page, role: string, email = ''): Promise<string> {
  await page.getByRole('radio', { name: role }).check({ force: true });
  await page.getByLabel('Email, if you like').fill(email);
  await page.getByRole('button', { name: 'Make the link' }).click();
  const link = await page.getByLabel('The link').inputValue();
  await expect(page.getByAltText('The link as a picture')).toBeVisible();
  expect(await analysed(page)).toEqual([]);
  await page.getByRole('button', { name: 'I have handed it over' }).click();
  await expect(page.getByText(link)).toHaveCount(0);
  return link;
}

async function comeIn(browser: Browser, link: string, name: string, email: string): Promise<Page> {
  const page = await (await browser.newContext()).newPage();
  await page.goto(link);
  expect(await analysed(page)).toEqual([]);
  await page.getByLabel('Your name').fill(name);
  await page.getByLabel('Your email').fill(email);
  await page.getByLabel('Password').fill(PASSWORD);
  await page.getByRole('button', { name: 'Come in' }).click();
  await expect(page).toHaveURL(/yard/);
  return page;
}

test('from an empty program to the first report that a bidder reads', async ({ browser }) => {
  const mail = await mailCatcher();
  const world = await emptyWorld({
    environment: { SMTP_URL: mail.url, MAIL_FROM: 'yard@saltmarket.example', FARVIN_START_CODE: 'a1b2c3' },
  });
  const server = await ownServer(world);
  try {
    const page = await (await browser.newContext({ baseURL: server.url })).newPage();
    await test.step('the house is opened, once', async () => {
      await page.goto('/');
      await expect(page.getByRole('heading', { name: 'Start your yard' })).toBeVisible();
      expect(await analysed(page)).toEqual([]);
      await page.getByLabel('House').fill('Saltmarket Motors');
      await page.getByLabel('Time zone').selectOption('Europe/Lisbon');
      await page.getByLabel('Currency').fill('vk');
      await page.getByLabel('Your name').fill('Maren Oxley');
      await page.getByLabel('Your email').fill('maren@saltmarket.example');
      await page.getByLabel('Password').fill('saltmarket1');
      await page.getByRole('button', { name: 'Start the yard' }).click();
      await expect(page.getByRole('alert').filter({ hasText: 'too easy to guess' })).toBeVisible();
      await page.getByLabel('Password').fill(PASSWORD);
      await page.getByRole('button', { name: 'Start the yard' }).click();
      await expect(page.getByText('No sale yet. Open one')).toBeVisible();
      const other = await (await browser.newContext({ baseURL: server.url })).newPage();
      await other.goto('/start');
      await expect(other).toHaveURL(/sign-in/);
    });
    const [inspectorLink, mailedLink] = await test.step('people are invited', async () => {
      await page.getByRole('link', { name: 'People', exact: true }).first().click();
      await expect(page.getByRole('heading', { name: 'Invite somebody' })).toBeVisible();
      const first = await inviteAs(page, 'inspector');
      const second = await inviteAs(page, 'consignor', 'ottoline@saltmarket.example');
      await expect.poll(() => mail.letters.length).toBe(1);
      expect(mail.letters[0]).toContain(second);
      expect(mail.letters[0]).toContain('as consignor');
      return [first, second];
    });
    const inspector = await comeIn(browser, inspectorLink!, 'Odd Fairweather', 'odd@saltmarket.example');
    await test.step('a link works once', async () => {
      const late = await (await browser.newContext()).newPage();
      await late.goto(inspectorLink!);
      await expect(late.getByText('This link was used before.')).toBeVisible();
    });
    const consignor = await comeIn(browser, mailedLink!, 'Ottoline Crane', 'ottoline@saltmarket.example');
    await expect(consignor.getByText('Nothing is lent to you yet.')).toBeVisible();

    await test.step('a sale is opened and its lots come from a list', async () => {
      await page.getByRole('link', { name: 'Yard' }).click();
      await page.getByRole('button', { name: 'Open a sale' }).click();
      const form = page.getByRole('dialog');
      await form.getByLabel('Name', { exact: true }).fill('Spring stock');
      await form.getByLabel('Place').fill('Saltmarket, Vennor');
      await form.getByLabel('Opens').fill('2027-03-02');
      await form.getByLabel('Reports due, days before opening').fill('3');
      await expect(form.getByLabel('Time zone')).toHaveValue('Europe/Lisbon');
      expect(await analysed(page)).toEqual([]);
      await form.getByRole('button', { name: 'Open sale' }).click();
      await expect(page.getByRole('heading', { name: 'Spring stock' })).toBeVisible();
      await page.getByRole('button', { name: 'Add lot' }).click();
      await page.getByRole('button', { name: 'Many from a list' }).click();
      const drop = (csv: string) =>
        page
          .getByLabel('List of lots as CSV')
          .setInputFiles({ name: 'lots.csv', mimeType: 'text/csv', buffer: Buffer.from(csv) });
      await drop(`${LIST}x,A,B,,,,,,\n`);
      await expect(page.getByText('“x” is no lot number')).toBeVisible();
      await expect(page.getByRole('button', { name: 'Mend the file' })).toBeDisabled();
      await drop(LIST);
      await expect(page.getByText('lot 14, new: Quillon Halyard fastback, 1966')).toBeVisible();
      expect(await analysed(page)).toEqual([]);
      await page.getByRole('button', { name: 'Take 2 lots' }).click();
      await expect(page.getByRole('link', { name: /Quillon Halyard fastback, 1966/ }).first()).toBeVisible();
      await page.getByRole('button', { name: 'Add lot' }).click();
      await page.getByRole('button', { name: 'Many from a list' }).click();
      await drop(LIST);
      await expect(page.getByRole('button', { name: 'Nothing to take' })).toBeDisabled();
      await page.keyboard.press('Escape');
    });

    await test.step('the lot is given to the inspector, and to whoever brings it', async () => {
      await page
        .getByRole('link', { name: /Quillon Halyard fastback, 1966/ })
        .first()
        .click();
      await expect(page.getByText('Shed 2, bay 3')).toBeVisible();
      await expect(page.getByText('26 Feb 2027, by the sale’s opening')).toBeVisible();
      await page.getByText('Odd Fairweather', { exact: true }).click();
      await expect(page.getByText('Odd Fairweather looks at this lot.')).toBeVisible();
      await page.getByRole('button', { name: 'Change', exact: true }).click();
      await page.getByLabel('That person’s account').selectOption('Ottoline Crane');
      await page.getByLabel('Comes with').fill('Two keys and a jack');
      await page.getByRole('dialog').getByRole('button', { name: 'Keep', exact: true }).click();
      await expect(page.getByText('Two keys and a jack')).toBeVisible();
    });

    await test.step('the consignor sees the own lot alone, and states a claim', async () => {
      await consignor.reload();
      await expect(consignor.getByRole('link', { name: /Quillon Halyard/ }).first()).toBeVisible();
      await expect(consignor.getByText('Sarvane Lido')).toHaveCount(0);
      await consignor
        .getByRole('link', { name: /Quillon Halyard/ })
        .first()
        .click();
      await expect(consignor.getByRole('textbox', { name: 'Make' })).toBeDisabled();
      await consignor.getByLabel('Says').fill('Never welded.');
      await consignor.getByLabel('Who').fill('the owner');
      await consignor.getByRole('button', { name: 'Add claim' }).click();
      await expect(consignor.getByText('“Never welded.”')).toBeVisible();
    });

    const lotPath = await test.step('the inspector looks at the car', async () => {
      await inspector.reload();
      await inspector
        .getByRole('link', { name: /Quillon Halyard/ })
        .first()
        .click();
      await expect(inspector.getByText('“Never welded.”')).toBeVisible();
      await inspector.getByLabel('Chassis number').fill('QHF66-00017');
      await inspector.getByRole('button', { name: 'Keep car' }).click();
      await expect(inspector.getByText('The car is kept.')).toBeVisible();
      await stateVisit(inspector);
      await inspector.getByRole('link', { name: 'Start the walk' }).click();
      await enter(inspector, 'hood 121 118 124 130 119 122 125');
      await expect(inspector.getByText('7 readings, µm')).toBeVisible();
      await enter(inspector, 'hood chip 3 2mm');
      await enter(inspector, 'ok roof');
      await openChapter(inspector, 'Paint');
      await inspector.getByRole('link', { name: 'Report', exact: true }).click();
      await expect(inspector.getByText('A manager seals the report.')).toBeVisible();
      return new URL(inspector.url()).pathname;
    });

    await test.step('it is sealed, found, and read by a bidder', async () => {
      await page.goto(lotPath);
      await page.getByRole('button', { name: 'Seal report' }).click();
      await page.getByRole('dialog').getByRole('button', { name: 'Seal report' }).click();
      await expect(page.getByRole('heading', { name: 'Revision 1 is sealed' })).toBeVisible();
      await page.getByLabel('For whom').fill('Copperbeech');
      await page.getByRole('button', { name: 'Make link' }).click();
      const link = (await page.getByTestId('fresh-link').getAttribute('href'))!;
      const bidder = await (await browser.newContext()).newPage();
      await bidder.goto(link);
      await expect(bidder.getByRole('heading', { name: 'Quillon Halyard, 1966' })).toBeVisible();
      await expect(bidder.getByText('Never welded.').first()).toBeVisible();
      await page.goto('/find');
      await page.getByPlaceholder(/A number, name/).fill('never welded');
      await page.getByRole('button', { name: 'Find' }).click();
      await expect(page.getByText('Never welded.')).toBeVisible();
      // An embargo holds the link shut; a withdrawn lot opens nothing.
      const api = page.context().request;
      const headers = { origin: server.url };
      const { sales } = await (await api.get('/api/v1/sales')).json();
      await api.patch(`/api/v1/sales/${sales[0].id}`, { headers, data: { embargoUntil: '2099-01-01T00:00:00Z' } });
      await bidder.reload();
      await expect(bidder.getByRole('heading', { name: 'Not open yet' })).toBeVisible();
      await api.patch(`/api/v1/sales/${sales[0].id}`, { headers, data: { embargoUntil: null } });
      await api.patch(`/api/v1${lotPath.replace('/report', '')}`, { headers, data: { withdrawn: 'sold before' } });
      await bidder.reload();
      await expect(bidder.getByRole('heading', { name: 'No report here' })).toBeVisible();
    });
  } finally {
    await server.stop();
    await world.stop();
    await mail.stop();
  }
});

test('a second step, a lost password, a person let go', async ({ browser }) => {
  const world = await emptyWorld();
  const server = await ownServer(world);
  try {
    const page = await (await browser.newContext({ baseURL: server.url })).newPage();
    const headers = { origin: server.url };
    const api = page.context().request;
    const opened = await api.post('/api/v1/start', {
      headers,
      data: {
        house: 'Saltmarket Motors',
        words: 'en-US',
        units: 'mil',
        timeZone: 'UTC',
        currency: 'VK',
        name: 'Maren Oxley',
        email: 'maren@saltmarket.example',
        password: PASSWORD,
      },
    });
    expect(opened.status()).toBe(201);
    const signIn = async (on: Page, email: string, password = PASSWORD) => {
      await on.goto('/sign-in');
      await on.getByLabel('Email').fill(email);
      await on.getByLabel('Password').fill(password);
      await on.getByRole('button', { name: 'Sign in' }).click();
    };
    await signIn(page, 'maren@saltmarket.example');
    await expect(page.getByText('No sale yet. Open one')).toBeVisible();
    await expect(page.locator('html')).toHaveAttribute('lang', 'en-US');
    const invited = await (await api.post('/api/v1/invitations', { headers, data: { role: 'inspector' } })).json();
    const odd = await comeIn(browser, invited.url, 'Odd Fairweather', 'odd@saltmarket.example');

    const secret = await test.step('the second step is turned on', async () => {
      await odd.goto(`${server.url}/account`);
      const step = odd.getByRole('region', { name: 'Second step of signing in' });
      await step.getByLabel('Your password').fill('not my password');
      await step.getByRole('button', { name: 'Turn it on …' }).click();
      await expect(step.getByRole('alert')).toContainText('The password is not right.');
      await step.getByLabel('Your password').fill(PASSWORD);
      await step.getByRole('button', { name: 'Turn it on …' }).click();
      const letters = (await step.getByText(/^[A-Z2-7]{16,}=*$/).textContent())!;
      await step.getByLabel('Six figures that the app shows').fill(codeNow(letters.trim()));
      await step.getByRole('button', { name: 'Turn it on', exact: true }).click();
      await expect(step.getByText('On: signing in asks for six figures')).toBeVisible();
      return letters.trim();
    });
    await test.step('a password alone lets nobody in', async () => {
      const again = await (await browser.newContext({ baseURL: server.url })).newPage();
      await signIn(again, 'odd@saltmarket.example');
      await expect(again.getByRole('heading', { name: 'The second step' })).toBeVisible();
      expect((await again.context().request.get('/api/v1/sales')).status()).toBe(401);
      await again.getByLabel('Code').fill('000000');
      await again.getByRole('button', { name: 'Go on' }).click();
      await expect(again.getByRole('alert').filter({ hasText: 'not right' })).toBeVisible();
      await again.getByLabel('Code').fill(codeNow(secret));
      await again.getByRole('button', { name: 'Go on' }).click();
      await expect(again).toHaveURL(/yard/);
    });
    await test.step('a manager’s link sets a new password and ends every session', async () => {
      await page.goto('/people');
      await page
        .getByRole('listitem')
        .filter({ hasText: 'odd@saltmarket.example' })
        .getByRole('button', { name: 'New password' })
        .click();
      const link = await page.getByLabel('The link').inputValue();
      await page.getByRole('button', { name: 'I have handed it over' }).click();
      const recovering = await (await browser.newContext()).newPage();
      await recovering.goto(link);
      await recovering.getByLabel('Password').fill('another four odd words');
      await recovering.getByRole('button', { name: 'Set password' }).click();
      await expect(recovering).toHaveURL(/yard/);
      expect((await odd.context().request.get(`${server.url}/api/v1/sales`)).status()).toBe(401);
    });
    await test.step('who is let go is out at once; the only manager stays', async () => {
      await page.getByRole('listitem').filter({ hasText: 'maren@' }).getByRole('button', { name: 'Let go' }).click();
      await page.getByRole('dialog').getByRole('button', { name: 'Let go' }).click();
      await expect(page.getByText('A house keeps a manager.')).toBeVisible();
      await page.getByRole('listitem').filter({ hasText: 'odd@' }).getByRole('button', { name: 'Let go' }).click();
      await page.getByRole('dialog').getByRole('button', { name: 'Let go' }).click();
      await expect(page.getByText('Odd Fairweather is let go.')).toBeVisible();
      const gone = await (await browser.newContext({ baseURL: server.url })).newPage();
      await signIn(gone, 'odd@saltmarket.example', 'another four odd words');
      await expect(gone.getByRole('alert').filter({ hasText: 'do not belong together' })).toBeVisible();
      await page.goto('/house');
      for (const done of ['opened the house', 'invited somebody', 'set a new password by a link', 'let somebody go'])
        await expect(page.getByText(done)).toBeVisible();
    });
  } finally {
    await server.stop();
    await world.stop();
  }
});
