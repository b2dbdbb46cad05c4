/** @jest-environment jsdom */
import { render, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { PreferencesProvider } from '@/ui/preferences';
import { DEFAULT_PREFERENCES } from '@/ui/preferences-cookie';
import { ClaimsForm } from './claims-form';

const put = jest.fn((_: readonly { kind: string; body: object }[]) => ({ ok: true as const, ids: ['c1'] }));
const remove = jest.fn();
const lot = { store: { put, remove }, state: { records: [] as object[] }, mayClaim: true };
jest.mock('@/ui/records/inspection', () => ({ useInspection: () => lot, useLot: () => lot }));

const open = () =>
  render(
    <PreferencesProvider initial={DEFAULT_PREFERENCES}>
      <ClaimsForm />
    </PreferencesProvider>,
  );
beforeEach(() => {
  jest.clearAllMocks();
  Object.assign(lot, { state: { records: [] }, mayClaim: true });
});
const add = () => userEvent.click(screen.getByRole('button', { name: 'Add claim' }));

it('keeps what the seller says in his words, with who says it, and is ready for his next words', async () => {
  open();
  await userEvent.type(screen.getByLabelText('Says'), 'Never seen rain.');
  await userEvent.type(screen.getByLabelText('Who'), 'Corwin Ashdale');
  await add();
  await waitFor(() => expect(put).toHaveBeenCalledTimes(1));
  expect(put.mock.calls[0]![0][0]).toMatchObject({
    kind: 'claim',
    body: { kind: 'original-paint', text: 'Never seen rain.', source: 'Corwin Ashdale' },
  });
  await waitFor(() => expect(screen.getByLabelText('Says')).toHaveProperty('value', ''));
  expect(screen.getByLabelText('Who')).toHaveProperty('value', 'Corwin Ashdale');
});

it('keeps no claim of nobody', async () => {
  open();
  await userEvent.type(screen.getByLabelText('Says'), 'Never seen rain.');
  await add();
  expect((await screen.findByRole('alert')).textContent).toBe('A claim has its words and who says so.');
  expect(put).not.toHaveBeenCalled();
});

it('shows claims as told, to be taken out by who may, and asks nobody else for one', async () => {
  const body = { kind: 'no-rust', text: 'No rust.', source: 'Corwin Ashdale', saidAt: '2027-02-10T09:00:00Z' };
  lot.state.records = [{ kind: 'claim', id: 'c7', version: 1, body }];
  const { rerender } = open();
  expect(screen.getByRole('listitem').textContent).toMatch(/“No rust.”.*Corwin Ashdale.*told/);
  await userEvent.click(screen.getByRole('button', { name: 'Take claim out' }));
  expect(remove).toHaveBeenCalledWith('c7');
  lot.mayClaim = false;
  rerender(
    <PreferencesProvider initial={DEFAULT_PREFERENCES}>
      <ClaimsForm />
    </PreferencesProvider>,
  );
  expect(screen.queryByRole('button')).toBeNull();
});
