/** @jest-environment jsdom */
import { render, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { PLAIN_WORDING } from '@/words/vocabulary';
import type { FoundJob } from './job-fields';
import { JobSheet } from './job-sheet';

const put = jest.fn((_: readonly { kind: string; body: object }[]) => ({ ok: true as const, ids: ['r1'] }));
const remove = jest.fn();
jest.mock('@/ui/records/inspection', () => ({
  useLot: () => ({ store: { put, remove }, facts: { sale: { timeZone: 'UTC' } } }),
}));

const job = {
  key: 'refinish@hood',
  work: 'refinish',
  zone: 'hood',
  rights: ['f1'],
  serves: ['f1'],
  cost: { low: 330, likely: 474, high: 660 },
} as unknown as FoundJob;
const closed = jest.fn();
const open = (offer: object | null = null) =>
  render(<JobSheet job={job} offer={offer as never} currency="VK" wording={PLAIN_WORDING} onClose={closed} />);
beforeEach(() => jest.clearAllMocks());
const press = (name: string | RegExp) => userEvent.click(screen.getByRole('button', { name }));
const kept = () => put.mock.calls.map(([changes]) => changes[0]!);

it('offers the likely cost in whole tens, of what the job puts right', async () => {
  open();
  expect(screen.getByRole('dialog', { name: 'Refinish the panel, bonnet' })).toBeTruthy();
  expect(screen.getByLabelText('Off the price, VK')).toHaveProperty('value', '470');
  await press('Keep allowance');
  await waitFor(() => expect(closed).toHaveBeenCalled());
  expect(kept()[0]).toMatchObject({
    kind: 'offer',
    body: { work: 'refinish', zone: 'hood', serves: ['f1'], sort: 'allowance', amount: 470, currency: 'VK', by: null },
  });
});

it('keeps no money that is none, and says what was typed', async () => {
  open();
  await userEvent.clear(screen.getByLabelText('Off the price, VK'));
  await userEvent.type(screen.getByLabelText('Off the price, VK'), 'some');
  await press('Keep allowance');
  expect((await screen.findByRole('alert')).textContent).toBe('“some” is no amount of money.');
  expect(put).not.toHaveBeenCalled();
  expect(closed).not.toHaveBeenCalled();
});

it('keeps no promise without its day', async () => {
  open();
  await userEvent.click(screen.getByText('Promise it'));
  expect(screen.getByText(/by which day the house has it done/)).toBeTruthy();
  await press('Keep promise');
  expect((await screen.findByRole('alert')).textContent).toBe('Say by which day it is done.');
  await userEvent.type(screen.getByLabelText('Done by'), '2027-03-01');
  await press('Keep promise');
  await waitFor(() => expect(kept()[0]!.body).toMatchObject({ sort: 'promise', by: '2027-03-01', amount: null }));
});

it('does not call done what is to be done', async () => {
  open();
  await userEvent.click(screen.getByText('It is done'));
  await userEvent.clear(screen.getByLabelText('Done on'));
  await userEvent.type(screen.getByLabelText('Done on'), '2999-01-01');
  await press('Keep it as done');
  expect(screen.getByLabelText<HTMLInputElement>('Done on').validity.rangeOverflow).toBe(true);
  expect(closed).not.toHaveBeenCalled();
  expect(put).not.toHaveBeenCalled();
});

it('takes an offer back', async () => {
  open({ id: 'o1', version: 1, body: { sort: 'promise', amount: null, by: '2027-03-01', note: 'by Dovecote Dents' } });
  expect(screen.getByLabelText('Done by')).toHaveProperty('value', '2027-03-01');
  await press('Take the promise back');
  expect(remove).toHaveBeenCalledWith('o1');
  expect(closed).toHaveBeenCalled();
});
