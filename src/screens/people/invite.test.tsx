/** @jest-environment jsdom */
import { render, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { Invite } from './invite';

const asked: unknown[] = [];
const serverSays = (ok: boolean, answer: object) => {
  global.fetch = jest.fn(async (_: string, init: RequestInit) => {
    asked.push(JSON.parse(String(init.body)));
    return { ok, json: async () => answer };
  }) as never;
};
const made = jest.fn();
beforeEach(() => {
  asked.length = 0;
  made.mockClear();
});
const make = () => userEvent.click(screen.getByRole('button', { name: 'Make the link' }));

it('makes a link for a role, told for whom it is, and is empty for the next', async () => {
  serverSays(true, { link: 'https://example/join/x' });
  render(<Invite mails={false} onMade={made} />);
  await userEvent.click(screen.getByRole('radio', { name: /^editor/ }));
  await userEvent.type(screen.getByLabelText('Name, if you like'), 'Wenna Ashdale');
  await make();
  await waitFor(() => expect(made).toHaveBeenCalledWith({ link: 'https://example/join/x', forWhom: 'Wenna Ashdale' }));
  expect(asked).toEqual([{ role: 'editor', name: 'Wenna Ashdale', email: '', mail: false }]);
  await waitFor(() => expect(screen.getByLabelText('Name, if you like')).toHaveProperty('value', ''));
  expect(screen.getByRole('radio', { name: /^editor/ })).toHaveProperty('checked', true);
});

it('sends mail only where the house sends mail and there is an address', async () => {
  serverSays(true, {});
  render(<Invite mails={true} onMade={made} />);
  expect(screen.queryByLabelText('Send it there by mail')).toBeNull();
  await make();
  await userEvent.type(screen.getByLabelText('Email, if you like'), 'wenna@tramshed.example');
  expect(screen.getByLabelText('Send it there by mail')).toHaveProperty('checked', true);
  await make();
  await waitFor(() => expect(asked).toHaveLength(2));
  expect(asked.map((a) => (a as { mail: boolean }).mail)).toEqual([false, true]);
});

it('says why there is no link, and keeps what was typed', async () => {
  serverSays(false, { message: 'A manager alone invites.' });
  render(<Invite mails={false} onMade={made} />);
  await userEvent.type(screen.getByLabelText('Name, if you like'), 'Wenna');
  await make();
  expect((await screen.findByRole('alert')).textContent).toBe('A manager alone invites.');
  expect(screen.getByLabelText('Name, if you like')).toHaveProperty('value', 'Wenna');
  expect(made).not.toHaveBeenCalled();
});
