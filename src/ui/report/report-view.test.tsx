import { readFileSync } from 'node:fs';
import path from 'node:path';
import { renderToStaticMarkup } from 'react-dom/server';
import { type Bundle, bundleSchema } from '@/core/records/bundle';
import { takeSnapshot } from '@/report/snapshot';
import { PLAIN_WORDING, type Wording } from '@/words/vocabulary';
import { ReportView } from './report-view';

const example = bundleSchema.parse(
  JSON.parse(readFileSync(path.join(process.cwd(), 'docs/formats/examples/lot-1.farvin.json'), 'utf8')),
);

function render(
  change: (bundle: Bundle) => void = () => {},
  wording: Wording = PLAIN_WORDING,
  unit: 'um' | 'mil' = 'um',
) {
  const bundle = structuredClone(example);
  change(bundle);
  const taken = takeSnapshot({
    bundle,
    sale: { name: 'The Tramshed Dispersal', closesOn: '2027-03-04' },
    sealedAt: '2027-02-12T10:00:00Z',
    sealedBy: 'Petra Quayle-Lunt',
    onYear: 2027,
  });
  if (!taken.ok) throw new Error(taken.reason);
  const html = renderToStaticMarkup(
    <ReportView snapshot={taken.snapshot} wording={wording} unit={unit} photos="/p" films="/f" state="sealed" />,
  );
  return { html, text: html.replace(/<[^>]+>/g, ' ').replace(/\s+/g, ' ') };
}

it('shows every finding with its place, extent and how it is known', () => {
  const { text, html } = render();
  for (const f of example.records.finding!) {
    const { where } = f.body as { where?: string };
    if (where) expect(text).toContain(where);
  }
  expect(html.match(/id="finding-\d+"/g)).toHaveLength(example.records.finding!.length);
  expect(text).toContain('Rear wing, left: wave seen');
});

it('states the panel above the ceiling as at least, never as a figure', () => {
  const { text } = render();
  expect(text).toMatch(/Rear wing, left ≥ 499 not known 7, 6 over/);
});

it('follows the reader’s words, sides and units', () => {
  const { text } = render(undefined, { ...PLAIN_WORDING, words: 'en-US', sides: 'driver-passenger' }, 'mil');
  // The example car has its wheel on the right: its left is the passenger's.
  expect(text).toContain('Quarter panel, passenger: wave');
  expect(text).toMatch(/Quarter panel, passenger ≥ 19\.6/);
  expect(text).toContain('Median, mil');
});

it('keeps claims apart from findings, as told', () => {
  const { text } = render();
  expect(text).toContain('“Original paint throughout.”');
  expect(text).toContain('A claim is no finding of the inspector.');
});

it('lists what was not seen by reason, and the conditions', () => {
  const { text } = render();
  expect(text).toMatch(/Blocked: trim on Spare wheel well/);
  expect(text).toMatch(/Blocked: no lift Fuel tank/);
  expect(text).toContain('Not looked at');
  expect(text).toContain('ceiling 500 µm, checked: at the start the 125 µm foil showed 126');
  expect(text).toContain('Roadworthiness, title, emissions and waste are matters of local law.');
});

it('puts structural loss on top', () => {
  const { text } = render((b) => {
    b.records.finding!.push({
      id: '01890000-0000-7000-8000-000000000777',
      version: 1,
      body: { zone: 'rail.left.front', flaw: 'structural-loss', at: '2027-02-10T09:00:00Z' },
    });
  });
  expect(text.indexOf('Structural loss was found.')).toBeGreaterThan(0);
  expect(text.indexOf('Structural loss was found.')).toBeLessThan(text.indexOf('As it stands'));
  expect(text).toMatch(/\d–40 /);
});

it('counts what is withheld, with the reason', () => {
  const { text } = render((b) => {
    b.records.finding![0]!.body.withheld = 'withheld by the consignor';
  });
  expect(text).toContain('1 finding is left out 1, withheld by the consignor. The grade counts it.');
});

it('shows text as text', () => {
  const { html } = render((b) => {
    b.records.finding![0]!.body.note = '<script>alert(1)</script>';
  });
  expect(html).not.toContain('<script>');
  expect(html).toContain('&lt;script&gt;');
});

it('says so when nothing was measured or found', () => {
  const { text } = render((b) => {
    b.records.finding = [];
    b.records.reading = [];
  });
  expect(text).toContain('No panel was measured with a thickness gauge.');
  expect(text).toContain('Nothing was found in what was looked at.');
});

describe('panel fit', () => {
  const AT = '2027-02-10T09:00:00Z';
  const rec = (id: string, body: Record<string, unknown>) => ({
    id: `0194bbbb-0000-7000-8000-00000000000${id}`,
    version: 1,
    body,
  });
  const gaps = (bundle: Bundle) => {
    const seam = (name: string, list: readonly number[]) => ({
      seam: name,
      by: 'feeler',
      stations: list.map((gapMm, i) => ({ sMm: 60 + 150 * i, gapMm, flushMm: i === 0 ? 0.5 : null })),
      at: AT,
    });
    // A door that stands too far back: wide in front, narrow behind.
    bundle.records.gap = [
      rec('1', seam('door.left.front|fender.left', [6.5, 6.4, 6.5])),
      rec('2', seam('door.left.front|quarter.left', [2.5, 2.6, 2.5])),
      rec('3', seam('door.left.front|rocker.left', [4.5, 4.4, 4.6])),
    ];
    bundle.records.shut = [rec('4', { zone: 'door.left.front', feel: 'slam', at: AT })];
  };

  it('is left out where nothing was measured, not called good', () => {
    const { html } = render((b) => {
      delete b.records.gap;
      delete b.records.shut;
      delete b.records.stance;
    });
    expect(html).not.toContain('aria-label="Panel fit"');
  });

  it('shows each seam with its figures, the plan with its notches, and what is inferred as inferred', () => {
    const { html, text } = render(gaps);
    expect(html).toContain('aria-label="Plan of the seams"');
    expect(html).toContain('Front door, left to front wing, left, 6.5 mm');
    expect(text).toMatch(/Front door, left to front wing, left 6\.5 6\.\d–6\.\d 0\.1 0 % 0\.5 mm/);
    expect(text).toMatch(
      /inferred Front door, left can be adjusted at its hinges and latch\. .*Move the upper hinge 2\.\d mm forward/i,
    );
    expect(text).toContain('Front door, left must be slammed.');
  });
});
