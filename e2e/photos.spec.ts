import sharp from 'sharp';
import { browserOf, freshLot, recordsOf } from './people';
import { expect, test } from './test';

/** A small picture taken at a minute of the visit, by a camera whose clock is two hours ahead. */
async function picture(n: number, minute: number): Promise<Buffer> {
  const at = new Date(Date.parse('2027-02-10T11:00:00Z') + minute * 60_000);
  const taken = at.toISOString().slice(0, 19).replace(/-/g, ':').replace('T', ' ');
  const bytes = await sharp({
    create: { width: 320, height: 240, channels: 3, background: { r: (n * 41) % 256, g: 80, b: 60 } },
  })
    .withExif({ IFD2: { DateTimeOriginal: taken } })
    .jpeg()
    .toBuffer();
  // Pictures of one colour compress alike: their number makes them different files.
  return Buffer.concat([bytes, Buffer.from(`#${n}`)]);
}

test('many pictures at once: in order, each once, put where they belong by their moment', async ({ browser }) => {
  const { lotId, inspectionId } = await freshLot();
  const page = await (await browserOf(browser, 'inspector')).newPage();
  const zones = ['hood', 'fender.left', 'door.left.front', 'quarter.left', 'deck'];
  const looks = zones.flatMap((zone, i) =>
    [0, 2, 4, 6].map((m) => ({
      id: crypto.randomUUID(),
      op: 'put',
      kind: 'look',
      record: crypto.randomUUID(),
      base: 0,
      body: {
        zone,
        aspect: 'paint',
        outcome: 'clean',
        at: new Date(Date.parse('2027-02-10T09:00:00Z') + (i * 8 + m) * 60_000).toISOString(),
      },
    })),
  );
  await page.request.post(`/api/v1/inspections/${inspectionId}/changes`, {
    data: { changes: looks },
    headers: {
      origin: new URL(page.url() === 'about:blank' ? (process.env.FARVIN_URL ?? 'http://127.0.0.1:3000') : page.url())
        .origin,
    },
  });
  await page.goto(`/lots/${lotId}/photos`);
  const files = await Promise.all(
    Array.from({ length: 20 }, async (_, i) => ({
      name: `p${String(i).padStart(2, '0')}.jpg`,
      mimeType: 'image/jpeg',
      buffer: await picture(i, i * 2 + 0.5),
    })),
  );
  // One that stands there twice, and one that is no picture.
  await page
    .locator('#lot-photos:enabled')
    .setInputFiles([
      ...files,
      { ...files[3]!, name: 'again.jpg' },
      { name: 'notes.jpg', mimeType: 'image/jpeg', buffer: Buffer.from('no picture') },
    ]);
  // Twenty-two files are read and kept one after the other.
  await expect(page.getByText('notes.jpg: This file is no JPEG')).toBeVisible({ timeout: 120_000 });
  await expect(page.getByRole('heading', { name: '21 pictures, 21 without a place' })).toBeVisible();
  const photos = async () => {
    const records = await recordsOf(page.request, inspectionId);
    return (records.photo ?? []).map((p: { body: { name: string; zone: string | null; sha256: string } }) => p.body);
  };
  await expect
    .poll(async () => (await photos()).map((p: { name: string }) => p.name))
    .toEqual([...files.map((f) => f.name), 'again.jpg']);
  // The camera's clock is found out, and every picture has its place proposed.
  const proposed = page.getByRole('region', { name: 'Proposed places' });
  await expect(proposed).toContainText('21 places proposed');
  await expect(proposed).toContainText('2 h ahead');
  await proposed.getByRole('button', { name: 'Accept all 21' }).click();
  await expect(page.getByRole('heading', { name: '21 pictures', exact: true })).toBeVisible();
  await expect
    .poll(async () => (await photos()).filter((p: { zone: string | null }) => p.zone === null).length)
    .toBe(0);
  const placed = await photos();
  expect(placed.slice(0, 20).map((p: { zone: string }) => p.zone)).toEqual(zones.flatMap((z) => [z, z, z, z]));
  // Correcting many at once.
  await page.getByLabel('Choose p00.jpg').check();
  await page.getByLabel('Choose p01.jpg').check();
  await page.getByLabel('Put the chosen pictures at').selectOption('roof');
  await expect
    .poll(async () =>
      (await photos()).filter((p: { zone: string }) => p.zone === 'roof').map((p: { name: string }) => p.name),
    )
    .toEqual(['p00.jpg', 'p01.jpg']);
});
