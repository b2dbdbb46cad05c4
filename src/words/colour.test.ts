import { COLOUR_VERDICTS } from '@/core/catalogue/colour-verdicts';
import { COLOUR_REFUSALS } from '@/core/colour/verdicts';
import type { BodyOf } from '@/core/kinds';
import { COLOUR_REFUSAL_WORDS, colourText, VERDICT_WORDS } from './colour';
import { recordLine } from './record';
import { PLAIN_WORDING } from './vocabulary';

const patch = { x: 0, y: 0, width: 40, height: 40 };
const deltaE = { value: 1.44, low: 1.02, high: 1.86 };
const angle = { photo: '01890000-0000-7000-8000-000000000001', card: patch, a: patch, b: patch, deltaE };
const body = (extra: Partial<BodyOf<'colour'>> = {}): BodyOf<'colour'> => ({
  zone: 'fender.left',
  against: null,
  angles: [angle],
  deltaE,
  verdict: 'trained-eye',
  note: '',
  at: '2027-02-10T09:00:00Z',
  ...extra,
});

it('says a comparison with its doubt, against the jamb or another panel', () => {
  expect(colourText(body(), PLAIN_WORDING)).toBe(
    'against its jamb: ΔE 1.4 (1.0 to 1.9), a difference that a trained eye sees',
  );
  expect(colourText(body({ against: 'door.left.front', angles: [angle, angle, angle] }), PLAIN_WORDING)).toBe(
    'against front door, left: ΔE 1.4 (1.0 to 1.9), the largest of 3 angles, a difference that a trained eye sees',
  );
});

it('stands among other entries with its place, in the reader’s words', () => {
  const record = { kind: 'colour' as const, body: body({ against: 'hood' }) };
  expect(recordLine(record, PLAIN_WORDING)).toMatch(/^colour, Front wing, left: against bonnet: ΔE 1\.4/);
  expect(recordLine(record, { ...PLAIN_WORDING, words: 'en-US' })).toMatch(/^colour, Fender, left: against hood/);
});

it('has words for every verdict and a way out for every refusal', () => {
  expect(Object.keys(VERDICT_WORDS).sort()).toEqual([...COLOUR_VERDICTS].sort());
  expect(Object.keys(COLOUR_REFUSAL_WORDS).sort()).toEqual([...COLOUR_REFUSALS].sort());
  for (const words of Object.values(COLOUR_REFUSAL_WORDS)) expect(words).toMatch(/^[A-Z].*[.?]$/);
});
