import type { AnyRecord } from '@/core/kinds';
import { recordOf, TEST_AT } from '@/core/kinds/test-records';
import { claims } from './claims';
import { shownOf } from './test-shown';

const car = recordOf('car', {
  make: 'Quillon',
  model: 'Halyard',
  year: 1967,
  style: 'fastback',
  chassisNumber: 'QHF67-04418',
  engineNumber: 'QH 04418',
});
const claim = (kind: string, text: string) => recordOf('claim', { kind, text, source: 'Harald Voss', saidAt: TEST_AT });
const shown = (records: readonly AnyRecord[], published = records) => shownOf(claims as never, records, published);

it('says nothing where nobody claims anything', () => expect(shown([car]).blocks).toEqual([]));

it('keeps the seller’s words as told, with a word below that is inferred and says how it was reached', () => {
  const { blocks, text } = shown([car, claim('matching-engine', 'Matching numbers.')]);
  expect(blocks[1]).toMatchObject({ kind: 'statements', items: [{ text: '“Matching numbers.”', evidence: 'told' }] });
  expect(blocks[2]).toMatchObject({ kind: 'para', evidence: 'inferred' });
  expect(text).toContain('Well supported: what was found speaks strongly for it (98 of 100).');
  expect(text).toContain('its number is this car’s by the make’s rule, engine (50 times likelier if it is true)');
});

it('says what was not looked for, and which paper would carry it', () => {
  const { text } = shown([car, claim('owners', 'One owner.')]);
  expect(text).toContain('Untested: nothing was looked for.');
  expect(text).toContain('Paper that would carry it: registrations one after another.');
});

it('counts what is withheld without naming it or its place', () => {
  const hidden = recordOf('finding', { zone: 'quarter.left', flaw: 'perforated', withheld: 'of the owner’s wish' });
  const all = [car, claim('no-rust', 'No rust.'), hidden];
  const { text } = shown(
    all,
    all.filter((r) => r !== hidden),
  );
  expect(text).toContain('Contradicted');
  expect(text).toContain('something that is withheld');
  expect(text).not.toMatch(/Rear wing|perforat|deeper/);
});

it('names what nobody saw of a claim about the whole car', () => {
  const readings = ['hood', 'roof'].flatMap((zone) =>
    [118, 121, 119, 120].map((um) =>
      recordOf('reading', { zone, state: 'read', thicknessUm: um, typed: { text: String(um), unit: 'um' } }),
    ),
  );
  const { text } = shown([car, claim('original-paint', 'Original paint.'), ...readings]);
  expect(text).toMatch(/Film measured: 2 of \d+\. Not measured: /);
});

it('shows claims of reports that were sealed before claims were weighed as they were said', () => {
  const said = claim('no-rust', 'No rust.');
  const blocks = claims.blocks({ sealed: { claims: undefined }, records: [said], wording: { words: 'gb' } } as never);
  expect(blocks).toHaveLength(2);
  expect(blocks[1]).toMatchObject({ kind: 'statements' });
});
