import { DEFAULT_TABLES } from '@/core/grade/all-tables';
import { tableAsked } from './table-asked';

const own = DEFAULT_TABLES;

it('takes a table that no made car follows from, and keeps none that is as shipped', () => {
  const value = { ...own.fitLosses, most: 0.8 };
  expect(tableAsked('fitLosses', { value }, own)).toMatchObject({ ok: true, changed: { fitLosses: value } });
  expect(tableAsked('fitLosses', { value: own.fitLosses }, { ...own, fitLosses: value })).toMatchObject({
    ok: true,
    changed: { fitLosses: null },
  });
});

it('refuses what is no table, with its place', () => {
  const wrong = tableAsked('fitLosses', { value: { ...own.fitLosses, most: 'all' } }, own);
  expect(wrong).toMatchObject({ ok: false, reason: 'malformed' });
  expect(!wrong.ok && wrong.message).toMatch(/^most: /);
  expect(tableAsked('fitLosses', { valeu: 1 }, own)).toMatchObject({ ok: false, reason: 'malformed' });
  expect(tableAsked('yardstick', { value: own.yardstick }, own)).toMatchObject({ ok: false, reason: 'measured' });
});

it('wants made cars measured anew where they follow from the table, and no others', () => {
  const value = { ...own.findingCaps, structuralLoss: 35 };
  expect(tableAsked('findingCaps', { value }, own)).toMatchObject({ ok: false, reason: 'other-yardstick' });
  expect(tableAsked('findingCaps', { value, yardstick: own.yardstick }, own)).toMatchObject({ ok: false });
  // Back at the shipped numbers, their own yardstick is at hand.
  const moved = { ...own, findingCaps: value, yardstick: { ...own.yardstick, madeFrom: 'ffffffffffffffff' } };
  expect(tableAsked('findingCaps', { value: own.findingCaps }, moved)).toMatchObject({
    ok: true,
    changed: { findingCaps: null, yardstick: null },
  });
});
