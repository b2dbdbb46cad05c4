/** @jest-environment jsdom */
import { render, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { PreferencesProvider } from '../preferences';
import { DEFAULT_PREFERENCES } from '../preferences-cookie';
import { TireSheet } from './tire-sheet';

const put = jest.fn((_: readonly { kind: string; body: object }[]) => ({ ok: true as const, ids: ['t1'] }));
jest.mock('../records/inspection', () => ({
  useLot: () => ({ store: { put }, facts: { sale: { closesOn: '2026-12-22', timeZone: 'UTC' } } }),
}));

const closed = jest.fn();
const open = (words: 'en-GB' | 'en-US' = 'en-GB') =>
  render(
    <PreferencesProvider initial={{ ...DEFAULT_PREFERENCES, words }}>
      <TireSheet zone="wheel.left.front" name="front wheel, left" tire={null} like={null} onClose={closed} />
    </PreferencesProvider>,
  );
beforeEach(() => jest.clearAllMocks());
const code = () => screen.getByLabelText(/^Date code/);
const keep = () => userEvent.click(screen.getByRole('button', { name: /^Keep|^Add/ }));

it('tells the age on the sale day while the code is typed, and why it is none', async () => {
  open();
  await userEvent.type(code(), '1811');
  expect(screen.getByRole('status').textContent).toBe('made in the week of 2 May 2011: 15.6 years on the sale day');
  await userEvent.clear(code());
  await userEvent.type(code(), '6011');
  expect(screen.getByRole('status').textContent).toMatch(/^Not read as a date code: /);
});

it('keeps what was typed as it was typed', async () => {
  open();
  await userEvent.type(code(), '1811');
  await userEvent.type(screen.getByLabelText('Tread, mm'), '4,5');
  await keep();
  await waitFor(() => expect(closed).toHaveBeenCalled());
  expect(put.mock.calls[0]![0][0]).toMatchObject({
    kind: 'tire',
    body: { zone: 'wheel.left.front', code: '1811', treadMm: 4.5, faults: [] },
  });
});

it('keeps no tread that is no figure', async () => {
  open();
  await userEvent.type(screen.getByLabelText('Tread, mm'), 'bald');
  await keep();
  expect((await screen.findByRole('alert')).textContent).not.toBe('');
  expect(put).not.toHaveBeenCalled();
});

it('is spelt as its reader spells it', () => {
  open('en-US');
  expect(screen.getByRole('dialog', { name: 'Tire: front wheel, left' })).toBeTruthy();
  expect(document.body.textContent).not.toMatch(/tyre/i);
});
