import { PRACTICE_NOTE } from '@/core/kinds/practice';
import { type GaugeShown, isShown, readingOf, shownText, shownUm } from './gauge-reading';

const NOW = new Date('2027-02-10T09:00:00Z');
const HOOD = { zone: 'hood', place: { uMm: 120, vMm: -40 } };
const reading = (shown: GaugeShown, practice = false) => readingOf(shown, HOOD, practice, 'v1', NOW);

it('makes a reading of a value in the gauge’s own unit, as it was shown', () => {
  const shown = { kind: 'read', value: 5, unit: 'mil', mode: null } as const;
  expect(reading(shown)).toMatchObject({
    zone: 'hood',
    state: 'read',
    thicknessUm: 127,
    typed: { text: '5', unit: 'mil' },
    place: HOOD.place,
    visit: 'v1',
    confirmed: true,
    origin: 'car',
    note: '',
  });
  expect(shownText(shown)).toBe('5 mil');
});

it('says at least of what lies over its range, and nothing of what it did not show', () => {
  const over = { kind: 'over', value: 500, unit: 'um' } as const;
  expect(reading(over)).toMatchObject({ state: 'over', thicknessUm: 500, typed: { text: 'over', unit: 'um' } });
  expect(shownText(over)).toBe('Over its range: at least 500 µm');
  expect(reading({ kind: 'none' })).toMatchObject({ state: 'none', thicknessUm: null, typed: { text: 'none' } });
  expect(shownUm({ kind: 'none' })).toBeNull();
});

it('marks what a stand-in shows as practice', () => {
  expect(reading({ kind: 'read', value: 120, unit: 'um', mode: 'F' }, true)).toMatchObject({
    origin: 'practice',
    note: PRACTICE_NOTE,
  });
});

it('takes no battery, name or error for a reading', () => {
  expect(isShown({ kind: 'battery', percent: 40 })).toBe(false);
  expect(isShown({ kind: 'error', why: 'cold' })).toBe(false);
  expect(isShown({ kind: 'hello', name: 'Survey gauge', ceilingUm: 500 })).toBe(false);
});
