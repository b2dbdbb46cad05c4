import { NONE_CAUSES } from '@/core/paint/no-reading';
import type { PaintReason } from '@/core/paint/reasons';
import { groupedByReasons, NONE_WORDS, reasonText, whyNotFactoryText } from './paint';

const um = (reason: PaintReason) => reasonText(reason, 'um', 'en-GB');

it.each<[PaintReason, string]>([
  [
    { kind: 'level', speaksFor: 'factory', um: 118.4, atLeast: false },
    'The median of 118 µm lies in the band of factory paint.',
  ],
  [
    { kind: 'level', speaksFor: 'filled', um: 500, atLeast: true },
    'The film is thicker than the gauge can show (500 µm).',
  ],
  [{ kind: 'ceiling', speaksFor: 'filled', over: 3, of: 8 }, '3 of 8 readings stand at the gauge’s ceiling.'],
  [{ kind: 'even', speaksFor: 'factory', spread: 0.112 }, 'The film is even (spread 11 %), as from a works line.'],
  [{ kind: 'uneven', speaksFor: 'resprayed', spread: 0.27 }, 'The film is uneven (spread 27 %), as sprayed by hand.'],
  [
    { kind: 'very-uneven', speaksFor: 'filled', spread: 0.6 },
    'The film is very uneven (spread 60 %): a few points far above their neighbours.',
  ],
  [
    { kind: 'car', speaksFor: 'resprayed', ratio: 2.04, atLeast: false },
    'It is 2.0 times as thick as the car’s own level.',
  ],
  [
    { kind: 'car', speaksFor: 'resprayed', ratio: 12.4, atLeast: true },
    'It is at least 12 times as thick as the car’s own level.',
  ],
  [
    { kind: 'twin', speaksFor: 'resprayed', ratio: 2.5, p: 0.01, atLeast: false },
    'It is 2.5 times as thick as the same panel on the other side.',
  ],
  [
    { kind: 'twin', speaksFor: 'factory', ratio: 0.4, p: 0.01, atLeast: false },
    'The same panel on the other side is 2.5 times as thick.',
  ],
  [
    { kind: 'silent', speaksFor: null, none: 1, cause: 'probe' },
    '1 point showed nothing: the probe was likely not square: repeat the point.',
  ],
  [{ kind: 'few', speaksFor: null, lacks: 1 }, '1 more reading is needed before it can be relied on.'],
  [{ kind: 'few', speaksFor: null, lacks: 4 }, '4 more readings are needed before it can be relied on.'],
])('says %j as a sentence', (reason, sentence) => {
  expect(um(reason)).toBe(sentence);
});

it('tells what speaks for the works’ paint apart from what does not, and what is lacking last', () => {
  const few: PaintReason = { kind: 'few', speaksFor: null, lacks: 2 };
  const even: PaintReason = { kind: 'even', speaksFor: 'factory', spread: 0.15 };
  const level: PaintReason = { kind: 'level', speaksFor: 'resprayed', um: 260, atLeast: false };
  expect(whyNotFactoryText([[few, even, level]], 'um', 'en-GB')).toBe(
    'The median of 260 µm lies in the band of resprayed paint. For the works’ paint: the film is even (spread 15 %), as from a works line. 2 more readings are needed before it can be relied on.',
  );
  expect(whyNotFactoryText([[even]], 'um', 'en-GB')).toMatch(/^The film is even/);
});

it('tells panels with the same reasons together, with their figures from and to', () => {
  const panel = (um: number, spread: number, ratio = 2): { zone: string; reasons: PaintReason[] } => ({
    zone: String(um),
    reasons: [
      { kind: 'level', speaksFor: 'resprayed', um, atLeast: false },
      { kind: 'uneven', speaksFor: 'resprayed', spread },
      { kind: 'car', speaksFor: 'resprayed', ratio, atLeast: false },
    ],
  });
  const few: PaintReason = { kind: 'few', speaksFor: null, lacks: 2 };
  const apart = { zone: 'apart', reasons: [...panel(280, 0.2).reasons, few] };
  const groups = groupedByReasons([panel(304, 0.31), apart, panel(217, 0.17), panel(250, 0.2, 2.6)]);
  expect(groups.map((g) => g.map((z) => z.zone))).toEqual([['304', '217', '250'], ['apart']]);
  const text = (g: (typeof groups)[number]) =>
    whyNotFactoryText(
      g.map((z) => z.reasons),
      'um',
      'en-GB',
    );
  expect(text(groups[0]!)).toBe(
    'The medians of 217 to 304 µm lie in the band of resprayed paint. The film is uneven (spread 17 to 31 %), as sprayed by hand. They are 2.0 to 2.6 times as thick as the car’s own level.',
  );
  expect(text(groups[1]!)).toMatch(/^The median of 280 µm .* 2 more readings are needed before it can be relied on\.$/);
});

it('follows the reader’s unit', () => {
  expect(reasonText({ kind: 'level', speaksFor: 'factory', um: 127, atLeast: false }, 'mil', 'en-GB')).toContain(
    '5.0 mil',
  );
});

it('has words for every cause of silence, in the plural too', () => {
  for (const cause of NONE_CAUSES) {
    expect(um({ kind: 'silent', speaksFor: null, none: 3, cause })).toBe(
      `3 points showed nothing: ${NONE_WORDS[cause]}.`,
    );
  }
  expect(new Set(Object.values(NONE_WORDS)).size).toBe(NONE_CAUSES.length);
});

it('names what was seen in the reader’s words, and not what the report leaves out', () => {
  const seen = (id: string | null) => ({ kind: 'mark', speaksFor: 'resprayed', id }) as const;
  expect(reasonText(seen('jamb-other'), 'um', 'en-US')).toBe('Seen: jambs of another color.');
  expect(reasonText(seen('masking-line'), 'um', 'en-GB')).toBe('Seen: masking line.');
  expect(reasonText(seen(null), 'um', 'en-GB')).toContain('left out of this report');
});
