import { spawnSync } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';

const folder = mkdtempSync(path.join(os.tmpdir(), 'farvin-cli-'));
afterAll(() => rmSync(folder, { recursive: true }));

/** Runs the command line as a user does: no database, no network. */
function farvin(...args: string[]) {
  const { status, stdout, stderr } = spawnSync(process.execPath, [path.join(__dirname, 'farvin.mjs'), ...args], {
    encoding: 'utf8',
    env: { PATH: process.env.PATH ?? '', NODE_ENV: 'test' },
  });
  return { status, json: stdout.trim() ? JSON.parse(stdout) : null, words: stderr };
}
const file = (name: string, content: string | object) => {
  const at = path.join(folder, name);
  writeFileSync(at, typeof content === 'string' ? content : JSON.stringify(content));
  return at;
};

const id = (n: number) => `01890000-0000-7000-8000-${String(n).padStart(12, '0')}`;
const AT = '2027-02-10T09:00:00Z';
const bundle = {
  format: 'farvin.bundle',
  version: 1,
  lot: { id: id(90), number: 1, title: 'Quillon Halyard fastback, 1967', sale: 'The Tramshed Dispersal' },
  inspection: { id: id(91), revision: 1, state: 'draft' },
  records: {
    car: [
      {
        id: id(90),
        version: 1,
        body: { make: 'Quillon', model: 'Halyard', year: 1967, style: 'fastback', chassisNumber: 'QHF67-04418' },
      },
    ],
    reading: [118, 121, 124].map((um, i) => ({
      id: id(i + 1),
      version: 1,
      body: { zone: 'hood', state: 'read', thicknessUm: um, typed: { text: String(um), unit: 'um' }, at: AT },
    })),
    finding: [{ id: id(20), version: 1, body: { zone: 'hood', flaw: 'chip', count: 3, at: AT } }],
  },
  photos: [],
};
const CSV =
  'zone,value,unit,state,u_mm,v_mm,at\nhood,120,um,read,,,\nhood,4.9,mil,read,,,\nroof,500,um,over,,,\nroof,500,um,over,,,\nroof,410,um,read,,,\n';

it('paints a CSV as the formats promise', () => {
  const { status, json } = farvin('paint', file('r.csv', CSV), '--ceiling-um', '500', '--body', 'fastback', '--json');
  expect(status).toBe(0);
  const roof = json.zones.find((z: { zone: string }) => z.zone === 'roof');
  expect(roof).toMatchObject({
    n: 3,
    over: 2,
    none: 0,
    medianUm: { value: null, low: 500, high: null, n: 3 },
    enough: false,
  });
  for (const school of ['survivor', 'rebuilt'])
    expect(Object.values<number>(roof.state[school]).reduce((a, b) => a + b, 0)).toBeCloseTo(1, 9);
  expect(json.next).toHaveLength(3);
  expect(json.next[0]).toEqual({
    zone: expect.any(String),
    uMm: expect.any(Number),
    vMm: expect.any(Number),
    why: expect.any(String),
  });
});

it('takes nothing of a CSV with a bad row, unless asked to skip it', () => {
  const at = file('bad.csv', `${CSV}bonnet,120,um,read,,,\n`);
  expect(farvin('paint', at)).toMatchObject({
    status: 1,
    json: { ok: false, reason: 'bad-rows', rows: [{ line: 7 }] },
  });
  expect(farvin('paint', at, '--skip-bad')).toMatchObject({ status: 0, json: { ok: true } });
});

it('checks, paints and grades a bundle', () => {
  const at = file('lot.farvin.json', bundle);
  expect(farvin('check', at)).toMatchObject({ status: 0, json: { ok: true, problems: [] } });
  expect(farvin('paint', at).json.zones[0].medianUm.value).toBeCloseTo(121, -1);
  const grade = farvin('grade', at, '--on-year', '2027').json;
  expect(grade.axes).toHaveLength(9);
  expect(grade.whole.map((w: { lens: string }) => w.lens)).toEqual(['keeper', 'tourer', 'show', 'project']);
});

it('names what is wrong with a bundle and where', () => {
  const wrong = {
    ...bundle,
    records: {
      ...bundle.records,
      finding: [{ id: id(20), version: 1, body: { zone: 'bonnet', flaw: 'chip', at: AT } }],
    },
  };
  expect(farvin('check', file('wrong.json', wrong))).toMatchObject({
    status: 1,
    json: { ok: false, reason: 'bad-bundle', problems: [{ path: 'records.finding.0.body.zone' }] },
  });
  expect(farvin('check', file('text.json', 'hello'))).toMatchObject({ status: 1, json: { reason: 'not-json' } });
});

it('seals a report that it verifies, and notices a change', () => {
  const out = path.join(folder, 'lot-1.farvin-report.json');
  const sealed = farvin('report', file('lot.farvin.json', bundle), '--out', out, '--on-year', '2027');
  expect(sealed).toMatchObject({ status: 0, json: { ok: true } });
  expect(farvin('verify', out)).toMatchObject({
    status: 0,
    json: { ok: true, sha256: sealed.json.sha256, lot: 1, revision: 1 },
  });
  const text = readFileSync(out, 'utf8').replace('QHF67-04418', 'QHF67-04419');
  expect(farvin('verify', file('forged.json', text))).toMatchObject({
    status: 1,
    json: { ok: false, reason: 'hash-differs' },
  });
});

describe('the key of a report', () => {
  const out = path.join(folder, 'keyed.farvin-report.json');
  const keys = (publicKey: string, more: object = {}) => ({
    format: 'farvin.keys',
    version: 1,
    organisation: { id: id(70), name: 'Tramshed Dispersal Office' },
    keys: [
      {
        id: id(71),
        publicKey,
        validFrom: '2020-01-01T00:00:00Z',
        validTo: null,
        revokedAt: null,
        revokedFrom: null,
        revokedWhy: '',
        ...more,
      },
    ],
  });
  let publicKey: string;
  beforeAll(() => {
    const sealed = farvin('report', file('keyed.farvin.json', bundle), '--out', out, '--on-year', '2027');
    ({ publicKey } = sealed.json);
  });

  it('is unknown until it is asked for, and the figures are computed anew', () => {
    expect(farvin('verify', out)).toMatchObject({ status: 0, json: { ok: true, key: 'unknown', recomputed: 'same' } });
  });

  it.each([
    ['in hexadecimal', () => publicKey, { key: 'known' }, 0],
    ['in capitals', () => publicKey.toUpperCase(), { key: 'known' }, 0],
    ['in a file of keys', () => file('keys.txt', `# Tramshed\n${'0'.repeat(64)}\n${publicKey}\n`), { key: 'known' }, 0],
    ['in the house’s published keys', () => file('keys.json', keys(publicKey)), { key: 'known' }, 0],
    ['of another', () => 'ab'.repeat(32), { reason: 'other-key', key: 'other', keyWhy: 'not-listed' }, 1],
    [
      'that was revoked before',
      () => file('revoked.json', keys(publicKey, { revokedAt: AT, revokedFrom: '2020-01-02T00:00:00Z' })),
      { reason: 'other-key', keyWhy: 'revoked' },
      1,
    ],
    [
      'that had given way before',
      () => file('old.json', keys(publicKey, { validTo: '2020-02-01T00:00:00Z' })),
      { reason: 'other-key', keyWhy: 'not-valid-then' },
      1,
    ],
    ['in a file without any', () => file('none.txt', 'hello'), { reason: 'not-keys' }, 1],
  ])('%s', (_how, key, json, status) => {
    expect(farvin('verify', out, '--key', key())).toMatchObject({ status, json });
  });

  it('says nothing for a report that was made up: whose figures do not follow, under a key of its own', async () => {
    const { sealSnapshot } = await import('@/report/sealed-report');
    const { snapshot } = JSON.parse(readFileSync(out, 'utf8'));
    snapshot.bundle.records.finding = [];
    for (const whole of snapshot.results.whole) Object.assign(whole.grade, { low: 97, value: 98, high: 99 });
    snapshot.sealedBy = 'Petra Quayle-Lunt';
    const forged = file('forged-key.json', await sealSnapshot(snapshot, '11'.repeat(32)));
    const told = farvin('verify', forged);
    expect(told).toMatchObject({ status: 0, json: { key: 'unknown', recomputed: 'differs' } });
    expect(told.json.differs.length).toBeGreaterThan(0);
    expect(farvin('verify', forged, '--key', publicKey)).toMatchObject({ status: 1, json: { reason: 'other-key' } });
  });
});

it('tells wrong usage with exit 2 and helps', () => {
  expect(farvin('frob').status).toBe(2);
  expect(farvin('paint').status).toBe(2);
  expect(farvin('paint', 'a.csv', '--profile', 'nobody').status).toBe(2);
  expect(farvin('report', file('lot.farvin.json', bundle)).status).toBe(2);
  expect(farvin('grade', '--nonsense').status).toBe(2);
  // An option of another verb is none of this one.
  expect(farvin('check', file('lot.farvin.json', bundle), '--good-mm', '1')).toMatchObject({
    status: 2,
    words: expect.stringContaining('good-mm'),
  });
  expect(farvin('paint', '--help')).toMatchObject({ status: 0, words: expect.stringContaining('READINGS.csv') });
  expect(farvin('check', '/no/such/file')).toMatchObject({ status: 1, json: { reason: 'unreadable' } });
});

it('says of a dropped door that it can be adjusted and how, and refuses stations it cannot use', () => {
  // The rear edge has dropped by 2 mm over 1000 mm: a turn of 2 mrad about the front edge, with the origin there.
  const header = 'side,x_mm,y_mm,nominal_mm,gap_mm,gap_se_mm,flush_mm,flush_se_mm';
  const rows = [
    ...[100, 400, 700].map((y) => `front,0,${y},4.5,${(4.5 + 0.002 * y).toFixed(3)},0.1,0,0.1`),
    ...[100, 400, 700].map((y) => `rear,-1000,${y},4.5,${(4.5 - 0.002 * y).toFixed(3)},0.1,0,0.1`),
    ...[200, 500, 800].map((x) => `bottom,${-x},0,4.5,${(4.5 - 0.002 * x).toFixed(3)},0.1,0,0.1`),
    ...[200, 500, 800].map((x) => `top,${-x},800,4.5,${(4.5 + 0.002 * x).toFixed(3)},0.1,0,0.1`),
  ];
  const { status, json } = farvin('door', file('door.csv', [header, ...rows].join('\n')), '--json');
  expect(status).toBe(0);
  expect(json.inPlane.rotMrad.value).toBeCloseTo(2, 2);
  expect(json.inPlane.dxMm.value).toBeCloseTo(0, 2);
  expect(json.verdict).toBe('adjust');
  expect(json.explained).toBeGreaterThan(0.99);
  expect(json.hinges.upper.dxMm).toBeGreaterThan(json.hinges.lower.dxMm);
  expect(Object.keys(json.outOfPlane)).toEqual(['dzMm', 'tiltAboutXMrad', 'tiltAboutYMrad']);
  const bad = farvin('door', file('bad.csv', `${header}\nleft,0,0,4.5,4,,,`));
  expect([bad.status, bad.json.reason]).toEqual([1, 'bad-rows']);
  const few = farvin('door', file('few.csv', [header, ...rows.slice(0, 2)].join('\n')));
  expect([few.status, few.json.reason]).toEqual([1, 'too-few-stations']);
  expect(farvin('door', file('door.csv', header), '--good-mm', 'x').status).toBe(2);
});

it('measures a gap off a photograph, and refuses one that it cannot use', async () => {
  const { drawSeam, PLAIN_SCENE } = await import('../src/instruments/camera');
  const { default: sharp } = await import('sharp');
  const photo = async (name: string, extra: object) => {
    const p = drawSeam({ ...PLAIN_SCENE, widthPx: 900, heightPx: 700, linear: false, ...extra });
    const at = path.join(folder, name);
    await sharp(Buffer.from(p.pixels.data.buffer), { raw: { width: 900, height: 700, channels: 4 } })
      .removeAlpha()
      .jpeg({ quality: 90 })
      .toFile(at);
    const text = (list: readonly (readonly [number, number])[]) => list.map((q) => q.join(',')).join(' ');
    return [at, '--card-mm', '85.60x53.98', '--card-px', text(p.cardPx), '--seam-px', text(p.seamPx)];
  };
  const { status, json } = farvin('gap', ...(await photo('seam.jpg', {})), '--step-mm', '10', '--json');
  expect(status).toBe(0);
  expect(json.meanMm.value).toBeGreaterThan(4.4);
  expect(json.meanMm.value).toBeLessThan(4.6);
  expect(json.stations[1].sMm).toBe(10);
  expect(Object.keys(json.stations[1].widthMm)).toEqual(['value', 'low', 'high']);
  expect(json.pxPerMm).toBeCloseTo(7, 0);
  const none = farvin('gap', ...(await photo('paint.jpg', { noSlot: true, streaks: 0 })));
  expect([none.status, none.json]).toEqual([1, { ok: false, reason: 'no-slot' }]);
  const notes = farvin('gap', file('notes.txt', 'no picture'), ...(await photo('seam.jpg', {})).slice(1));
  expect([notes.status, notes.json.reason]).toEqual([1, 'unreadable']);
  expect(farvin('gap', path.join(folder, 'seam.jpg'), '--card-mm', '85').status).toBe(2);
});

it('names the zones and seams of a body style, with what is fitted', () => {
  const { status, json } = farvin('plan', 'hardtop', '--fitted', 'vinylRoof,sunroof');
  expect(status).toBe(0);
  expect(json).toMatchObject({ ok: true, style: 'hardtop' });
  const roof = json.zones.find((z: { slug: string }) => z.slug === 'roof');
  expect(roof).toMatchObject({ view: 'outside', metal: 'textile', twin: null, structural: false });
  expect(json.zones.some((z: { slug: string }) => z.slug === 'sunroof')).toBe(true);
  expect(
    json.seams.every(
      (s: { zones: string[]; slug: string; lengthMm: number }) => s.zones.join('|') === s.slug && s.lengthMm > 0,
    ),
  ).toBe(true);
  expect(farvin('plan', 'spaceship')).toMatchObject({ status: 1, json: { ok: false, reason: 'unknown-style' } });
  expect(farvin('plan', 'hardtop', '--fitted', 'wings').status).toBe(2);
});

it('listens: facts of what is understood whole, the rest left with its reason', () => {
  const said = file(
    'walk.txt',
    'hood 131 128\nagain 129\nno dents\n2 chips 3mm\nleft headlight no cracks\nsills holes\nlovely old thing\nseat torn\nroof over; roof nr\nclock dead\nundo\nblocked trunk no key\n',
  );
  const { status, json } = farvin('listen', said, '--style', 'fastback');
  expect(status).toBe(0);
  expect(
    json.facts
      .filter((f: { line: number }) => f.line < 12)
      .map((f: { line: number; fact: string }) => [f.line, f.fact]),
  ).toEqual([
    [1, 'reading hood 131um'],
    [2, 'reading hood 129um'],
    [3, 'clean hood shape'],
    [4, 'finding hood chip x2 3mm'],
    [5, 'clean lamp.left.head glass'],
    [9, 'over roof'],
    [9, 'noread roof'],
  ]);
  expect(json.facts.find((f: { line: number }) => f.line === 12)).toMatchObject({
    fact: expect.stringMatching(/^blocked trunk\.\w+ no-key$/),
  });
  expect(json.left.map((l: { line: number; why: string }) => [l.line, l.why])).toEqual([
    [6, 'which-zone'],
    [7, 'unclear'],
    [8, 'which-zone'],
  ]);
});

it('listens to captions, with their times, in mil and with another steering side', () => {
  const vtt = file(
    'walk.vtt',
    "WEBVTT\n\n00:00:12.000 --> 00:00:15.500\n<v Tomas>driver's door 5.5\n\n00:01:02.000 --> 00:01:03.000\nhas a ding\n",
  );
  const { json } = farvin('listen', vtt, '--style', 'fastback', '--unit', 'mil', '--steering', 'right');
  expect(json.facts).toEqual([
    {
      line: 1,
      fromS: 12,
      toS: 15.5,
      fact: 'reading door.right.front 139.7um',
      text: "driver's door 5.5",
      sure: expect.any(Number),
    },
    {
      line: 2,
      fromS: 62,
      toS: 63,
      fact: 'finding door.right.front ding',
      text: 'has a ding',
      sure: expect.any(Number),
    },
  ]);
  const srt = file('walk.srt', '1\n00:00:01,000 --> 00:00:02,000\nroof fading 40%\n');
  expect(farvin('listen', srt, '--style', 'fastback').json.facts).toMatchObject([
    { line: 1, fact: 'finding roof fading 40%' },
  ]);
  expect(farvin('listen', srt).status).toBe(2);
  expect(farvin('listen', srt, '--style', 'fastback', '--zone', 'hud').words).toContain('hood');
});

it('tells a tire’s weeks and age, and refuses a week that there is not', () => {
  const { status, json } = farvin('tire', 'DOT U2LL LMLR 3112', '--on', '2027-03-12');
  expect(status).toBe(0);
  expect(json).toMatchObject({
    ok: true,
    madeFrom: '2012-07-30',
    madeTo: '2012-08-05',
    ageYears: { low: 14.59, high: 14.62 },
  });
  expect(farvin('tire', '5420', '--on', '2027-03-12')).toMatchObject({
    status: 1,
    json: { ok: false, reason: 'no-such-week' },
  });
  expect(farvin('tire', '3112').status).toBe(2);
});

it('ranks where it leaks by what is wet and dry, and takes nothing of a file with a bad row', () => {
  const csv =
    'place,fluid,amount,when\nbellhousing,engine-oil,drips,after\nengine.valve-cover,,dry,after\nengine.pan,,dry,after\n';
  const { status, json } = farvin('leaks', file('leaks.csv', csv));
  expect(status).toBe(0);
  expect(json.sources[0]).toMatchObject({ place: 'engine.rear-main', fluid: 'engine-oil' });
  expect(json.sources[0].chance).toBeGreaterThan(0.6);
  expect(json.next.splits).toHaveLength(2);
  const bad = farvin('leaks', file('bad.csv', `${csv}engine.pam,oil,wet,after\n`));
  expect(bad.status).toBe(1);
  expect(bad.json).toMatchObject({ ok: false, reason: 'bad-rows', rows: [{ line: 5 }] });
  expect(bad.json.rows[0].message).toContain('engine.pan');
});

it('explains a chassis number, by a make’s scheme and by ISO 3779', () => {
  const own = farvin('chassis', 'QHF67-04418');
  expect(own).toMatchObject({ status: 0, json: { ok: true, scheme: 'quillon-unitary', checkDigit: null, year: 1967 } });
  expect(own.json.fields.map((f: { text: string }) => f.text)).toEqual(['Q', 'H', 'F', '67', '04418']);
  const seventeen = farvin('chassis', '1XKDR62B5MT220871').json;
  expect(seventeen).toMatchObject({ scheme: 'iso-3779', checkDigit: { expected: '0', found: '5', applies: true } });
  expect(farvin('chassis', 'DXKDR62BZMT22O871')).toMatchObject({
    status: 1,
    json: { ok: false, reason: 'letter-not-used', place: 14 },
  });
  expect(farvin('chassis', 'X 1')).toMatchObject({ status: 1, json: { reason: 'no-scheme' } });
  const templates = file('schemes.json', [
    {
      id: 'pellew',
      make: 'Pellew',
      from: 1950,
      to: 1960,
      fields: [
        { is: 'fixed', name: 'make', text: 'PW' },
        { is: 'sequence', name: 'serial', length: 4 },
      ],
    },
  ]);
  expect(farvin('chassis', 'PW-0117', '--templates', templates).json).toMatchObject({ ok: true, scheme: 'pellew' });
  expect(farvin('chassis', 'PW-0117', '--templates', file('odd.json', [{ id: 'X' }])).status).toBe(2);
});

it('tests a distance by readings, and takes nothing of a file with a bad row', () => {
  const csv =
    'on,value,source\n1968-05-01,20,delivery\n1972-06-01,48000,service\n1976-06-01,93500,service\n1979-06-01,14200,sale\n';
  const path = file('odometer.csv', csv);
  const { status, json } = farvin('odometer', path, '--digits', '5', '--unit', 'mi', '--claim', '114200');
  expect(status).toBe(0);
  expect(json).toMatchObject({ ok: true, status: 'supported', histories: [{ total: 114_200, rounds: 1 }] });
  expect(farvin('odometer', path, '--digits', '5', '--unit', 'mi').json.status).toBe('contradicted');
  expect(farvin('odometer', path, '--digits', '6', '--unit', 'mi').json).toMatchObject({
    status: 'contradicted',
    histories: [],
  });
  expect(farvin('odometer', file('odd.csv', `${csv}soon,1,x\n`))).toMatchObject({
    status: 1,
    json: { reason: 'bad-rows', rows: [{ line: 6 }] },
  });
  expect(farvin('odometer', path, '--digits', '12').status).toBe(2);
});

it('weighs claims by what a bundle holds', () => {
  const withClaims = {
    ...bundle,
    records: {
      ...bundle.records,
      car: [{ ...bundle.records.car[0]!, body: { ...bundle.records.car[0]!.body, engineNumber: 'QH 04418' } }],
      claim: ['matching-engine', 'owners'].map((kind, i) => ({
        id: id(60 + i),
        version: 1,
        body: { kind, text: 'As said.', source: 'trustee', saidAt: AT },
      })),
    },
  };
  const { status, json } = farvin('claims', file('claims.farvin.json', withClaims));
  expect(status).toBe(0);
  const [engine, owners] = json.claims;
  expect(engine).toMatchObject({
    kind: 'matching-engine',
    word: 'well supported',
    marks: [{ mark: 'engine-by-rule', ratio: 50, group: 'number', counted: 50 }],
  });
  expect(engine.posterior).toBeCloseTo(50 / 51, 4);
  expect(owners).toMatchObject({ word: 'untested', posterior: 0.5, marks: [], next: { look: 'owners-papers' } });
});

it('checks the words of a listing against a bundle, where they stand', () => {
  const text = file('listing.txt', 'Mint. Matching numbers.\n');
  const { status, json } = farvin('listing', text, file('plain.farvin.json', bundle));
  expect(status).toBe(0);
  expect(json.words).toMatchObject([
    { from: 0, to: 4, text: 'Mint', claim: 'condition', verdict: 'contradicted' },
    { from: 6, to: 22, text: 'Matching numbers', claim: 'matching-engine', verdict: 'unsupported' },
  ]);
  expect(farvin('listing', text).status).toBe(2);
});

it('chooses the jobs worth doing before a sale, refuses what it cannot read', () => {
  const jobs = file(
    'jobs.csv',
    'job,cost,gain,hours,shop,after\nstrip,300,0,20,body,\nspray,200,900,8,paint,strip\nwax,30,20,1,,\n',
  );
  const shops = file('shops.csv', 'shop,hours_per_day,waits_days\nbody,6,1\npaint,6,3\n');
  const found = farvin('prepare', jobs, '--budget', '600', '--days', '9', '--shops', shops);
  expect(found.status).toBe(0);
  expect(found.json).toMatchObject({
    ok: true,
    chosen: ['strip', 'spray'],
    cost: 500,
    gain: 900,
    net: 400,
    proved: true,
  });
  const late = farvin('prepare', jobs, '--budget', '600', '--days', '3', '--shops', shops);
  expect(late.json).toMatchObject({ chosen: [], net: 0, proved: true });
  const bad = farvin(
    'prepare',
    file('bad.csv', 'job,cost,gain\na,-1,2\n'),
    '--budget',
    '1',
    '--days',
    '1',
    '--shops',
    shops,
  );
  expect([bad.status, bad.json.reason, bad.json.rows[0].line]).toEqual([1, 'bad-rows', 2]);
  expect(farvin('prepare', jobs, '--days', '1', '--shops', shops).status).toBe(2);
});

it('plans visits: nobody in two places, one car on the pit, late ones named', () => {
  const lots = file('lots.csv', 'lot,minutes,pit_minutes,due\n1,180,30,2027-03-08\n2,150,30,\n3,240,45,2027-03-08\n');
  const asked = ['--inspectors', 'ilse,tomas', '--days', '2027-03-08..2027-03-09', '--hours', '08:30-16:00'];
  const found = farvin('route', lots, ...asked);
  expect(found.status).toBe(0);
  expect(found.json).toMatchObject({ ok: true, late: [], gap: 0 });
  expect(found.json.visits.map((v: { lot: string }) => v.lot).sort()).toEqual(['1', '2', '3']);
  expect(found.json.visits[0]).toMatchObject({ on: '2027-03-08', from: '08:30' });
  expect(farvin('route', file('odd.csv', 'lot,minutes,pit_minutes\n1,30,40\n'), ...asked).json).toMatchObject({
    ok: false,
    reason: 'bad-rows',
  });
  expect(farvin('route', lots, '--inspectors', 'a', '--days', 'soon', '--hours', '08:30-16:00').status).toBe(2);
});

it('reckons what putting a car right takes, by the house’s rates or others', () => {
  const path = file('cost.json', bundle);
  const found = farvin('cost', path, '--draws', '500');
  expect(found.status).toBe(0);
  expect(found.json.jobs).toEqual([
    expect.objectContaining({
      finding: id(20),
      remedy: 'touch-in',
      zone: 'hood',
      cost: expect.objectContaining({ likely: 26.4 }),
    }),
  ]);
  expect(found.json.whole.p10).toBeLessThanOrEqual(found.json.whole.p90);
  const dear = farvin('cost', path, '--draws', '500', '--rates', file('rates.csv', 'trade,rate\npaint,104\n'));
  expect(dear.json.jobs[0].cost.likely).toBeCloseTo(49.8, 6);
  expect(farvin('cost', path, '--rates', file('odd.csv', 'trade,rate\nwizard,1\n')).json).toMatchObject({
    ok: false,
    reason: 'bad-rates',
  });
});

it('lets a blind buyer read made cars', () => {
  const { status, json } = farvin('practice', '--cars', '2', '--seed', '3');
  expect(status).toBe(0);
  expect(json).toMatchObject({ ok: true, cars: 2, cost: { n: 2 } });
  expect(json.statements.true).toBeLessThanOrEqual(json.statements.n);
  expect(farvin('practice').status).toBe(2);
});
