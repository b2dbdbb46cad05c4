/** @jest-environment jsdom */
import { render, screen, waitFor } from '@testing-library/react';
import { toast } from 'sonner';
import { LateSheet } from './late-sheet';

jest.mock('sonner', () => ({ toast: { error: jest.fn() } }));

function Sheet({ name, onClose }: { name: string; onClose: () => void }) {
  return (
    <button type="button" onClick={onClose}>
      {name}
    </button>
  );
}
const closed = jest.fn();
beforeEach(() => jest.clearAllMocks());

it('shows the sheet with what it was given, once it is there', async () => {
  let come: (of: typeof Sheet) => void = () => {};
  const load = () => new Promise<typeof Sheet>((done) => (come = done));
  const { container } = render(<LateSheet load={load} name="Open a sale" onClose={closed} />);
  expect(container.textContent).toBe('');
  come(Sheet);
  (await screen.findByRole('button', { name: 'Open a sale' })).click();
  expect(closed).toHaveBeenCalledTimes(1);
});

it('says that the network is gone, and closes', async () => {
  render(<LateSheet load={() => Promise.reject(new TypeError('no network'))} name="x" onClose={closed} />);
  await waitFor(() => expect(closed).toHaveBeenCalled());
  expect(jest.mocked(toast.error).mock.calls[0]![0]).toMatch(/does not answer. Nothing was changed/);
});
