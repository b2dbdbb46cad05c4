/** @jest-environment jsdom */
import { render, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { planOf } from '@/core/body/plan';
import { PreferencesProvider } from '@/ui/preferences';
import { DEFAULT_PREFERENCES } from '@/ui/preferences-cookie';
import { FindingSheet } from './finding-sheet';

const put = jest.fn((_: readonly { kind: string; body: object }[]) => ({ ok: true as const, ids: ['f1'] }));
const found: object[] = [];
jest.mock('@/ui/records/inspection', () => ({
  useLot: () => ({ store: { put }, facts: { id: 'i1' } }),
  useCar: () => ({ car: { steering: 'right' } }),
  useRecords: () => found,
}));
jest.mock('@/ui/device/photo-drop', () => ({ PhotoDrop: () => null }));
jest.mock('@/ui/device/photo-queue', () => ({ photoQueue: () => ({ add: jest.fn() }) }));
jest.mock('./outline-field', () => ({ OutlineField: () => null }));
jest.mock('./finding-pictures', () => ({ FindingPictures: () => null }));

const plan = planOf('fastback')!;
const closed = jest.fn();
const open = (slug: string) =>
  render(
    <PreferencesProvider initial={DEFAULT_PREFERENCES}>
      <FindingSheet zone={plan.zones.get(slug)!} finding={null} place={null} onClose={closed} />
    </PreferencesProvider>,
  );
beforeEach(() => jest.clearAllMocks());
const press = (name: string | RegExp) => userEvent.click(screen.getByRole('button', { name }));
const add = () => press('Add finding');

it('asks of a clock that is dead which thing it is, and for no size', async () => {
  open('dash');
  await userEvent.type(screen.getByLabelText('Search flaws'), 'does not work');
  await press('does not work');
  expect(screen.queryByLabelText('Size, mm')).toBeNull();
  expect(screen.queryByText('Magnet')).toBeNull();
  await userEvent.type(screen.getByLabelText('Which thing'), 'clock');
  await add();
  await waitFor(() => expect(closed).toHaveBeenCalled());
  expect(put.mock.calls[0]![0][0]).toMatchObject({
    kind: 'finding',
    body: { zone: 'dash', flaw: 'inoperative', where: 'clock', count: 1 },
  });
});

it('asks of rust what a magnet says and whether it goes on', async () => {
  open('rocker.left');
  await userEvent.type(screen.getByLabelText('Search flaws'), 'rust blister');
  await press('rust blister');
  expect(screen.getByText('Magnet')).toBeTruthy();
  expect(screen.getByText('Does it go on?')).toBeTruthy();
  await userEvent.clear(screen.getByLabelText('Size, mm'));
  await userEvent.type(screen.getByLabelText('Size, mm'), 'hand-sized');
  await add();
  expect((await screen.findByRole('alert')).textContent).not.toBe('');
  expect(put).not.toHaveBeenCalled();
});

it('keeps what no list says in own words', async () => {
  open('hood');
  await userEvent.type(screen.getByLabelText('Search flaws'), 'signed by the works band');
  expect(screen.getByText('Nothing in the list says “signed by the works band”.')).toBeTruthy();
  await press(/^Keep “signed by the works band”/);
  expect(screen.getByLabelText('What is it?')).toHaveProperty('value', 'signed by the works band');
  await add();
  await waitFor(() => expect(put).toHaveBeenCalled());
  expect(put.mock.calls[0]![0][0]).toMatchObject({ body: { flaw: 'own-words', note: 'signed by the works band' } });
});
