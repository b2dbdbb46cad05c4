/** @jest-environment jsdom */
import { act, render, screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import type { Sale } from '@/core/yard/sale-facts';
import { AddLot } from './add-lot';
import { AskYard } from './ask-yard';
import { ListLots } from './list-lots';
import { SaleForm } from './sale-form';
import { TEST_SALE } from './test-sale';
import { YardFilter } from './yard-filter';

const router = { push: jest.fn(), replace: jest.fn(), refresh: jest.fn() };
jest.mock('next/navigation', () => ({ useRouter: () => router }));

const asked: { path: string; method: string; body: unknown }[] = [];
/** A server that answers everything alike. */
const serverSays = (status: number, answer: object) => {
  global.fetch = jest.fn(async (path: string, init: RequestInit) => {
    asked.push({ path, method: init.method!, body: JSON.parse(String(init.body)) });
    return { ok: status < 400, status, json: async () => answer };
  }) as never;
};
const serverIsAway = () => {
  global.fetch = jest.fn(async () => Promise.reject(new TypeError('no network'))) as never;
};
beforeEach(() => {
  asked.length = 0;
  jest.clearAllMocks();
});
const closed = jest.fn();
const press = (name: string | RegExp) => userEvent.click(screen.getByRole('button', { name }));

describe('a lot by hand', () => {
  const open = () => render(<AddLot saleId="s1" highest={24} onOther={() => {}} onClose={closed} />);

  it('begins with the number after the highest, and goes to the intake of what was added', async () => {
    serverSays(200, { lotId: 'l25' });
    open();
    expect(screen.getByLabelText('Number')).toHaveProperty('value', '25');
    await userEvent.type(screen.getByLabelText('Name'), 'Ormelle Vireo sports, 1968');
    await press('Add lot');
    await waitFor(() => expect(router.push).toHaveBeenCalledWith('/lots/l25/intake'));
    expect(asked[0]).toEqual({
      path: '/api/v1/sales/s1/lots',
      method: 'POST',
      body: { number: 25, title: 'Ormelle Vireo sports, 1968', reportDueOn: null },
    });
  });

  it('asks for a name before it asks the server', async () => {
    serverSays(200, { lotId: 'l25' });
    open();
    await press('Add lot');
    expect((await screen.findByRole('alert')).textContent).toMatch(/needs a number from 1 and a name/);
    expect(asked).toEqual([]);
  });

  it('says what the server said, and that nothing was added where it says nothing', async () => {
    serverSays(409, { message: 'There is a lot 25 in this sale.' });
    open();
    await userEvent.type(screen.getByLabelText('Name'), 'Vireo');
    await press('Add lot');
    expect((await screen.findByRole('alert')).textContent).toBe('There is a lot 25 in this sale.');
    serverIsAway();
    await press('Add lot');
    await waitFor(() => expect(screen.getByRole('alert').textContent).toMatch(/does not answer. Nothing was added/));
    expect(router.push).not.toHaveBeenCalled();
  });
});

describe('a sale', () => {
  const sale = { ...TEST_SALE, timeZone: 'Europe/London', embargoUntil: '2027-06-01T08:00:00.000Z' };
  const { timeZone, currency, words, units } = sale;
  const open = (of: Sale | null) =>
    render(<SaleForm sale={of} beginning={{ timeZone, currency, words, units }} onClose={closed} />);

  it('sends what was changed and nothing else', async () => {
    serverSays(200, {});
    open(sale);
    // Eight in the morning, universal time, is nine in the summer of that zone.
    expect(screen.getByLabelText(/^Embargo until/)).toHaveProperty('value', '2027-06-01T09:00');
    await userEvent.clear(screen.getByLabelText('Place'));
    await userEvent.type(screen.getByLabelText('Place'), ' Dovecote Yard ');
    await press('Keep');
    await waitFor(() => expect(closed).toHaveBeenCalled());
    expect(asked).toEqual([{ path: '/api/v1/sales/s1', method: 'PATCH', body: { place: 'Dovecote Yard' } }]);
  });

  it('asks nothing where nothing was changed', async () => {
    serverSays(200, {});
    open(sale);
    await press('Keep');
    await waitFor(() => expect(closed).toHaveBeenCalled());
    expect(asked).toEqual([]);
  });

  it('does not open one that closes before it opens', async () => {
    serverSays(200, { id: 's2' });
    open(null);
    await userEvent.type(screen.getByLabelText('Name'), 'Spring Stock');
    await userEvent.type(screen.getByLabelText('Opens'), '2027-04-02');
    await userEvent.type(screen.getByLabelText(/^Closes/), '2027-04-01');
    await press('Open sale');
    expect((await screen.findByRole('alert')).textContent).toBe('The sale closes before it opens.');
    expect(asked).toEqual([]);
    await userEvent.clear(screen.getByLabelText(/^Closes/));
    await press('Open sale');
    await waitFor(() => expect(router.push).toHaveBeenCalledWith('/yard?sale=s2'));
    expect(asked[0]!.body).toMatchObject({ name: 'Spring Stock', opensOn: '2027-04-02', closesOn: null });
  });
});

describe('lots from a list', () => {
  const drop = async (answer: object) => {
    serverSays(200, answer);
    render(<ListLots saleId="s1" onClose={closed} />);
    const file = new File(['number,make\r\n7,Ormelle\r\n'], 'lots.csv', { type: 'text/csv' });
    file.text = async () => 'number,make\r\n7,Ormelle\r\n';
    await userEvent.upload(screen.getByLabelText('List of lots as CSV'), file);
    await screen.findByRole('list', { name: 'Line by line' });
  };
  const steps = [
    { line: 2, number: 7, does: 'adds', facts: { title: 'Ormelle Vireo' } },
    { line: 3, number: 8, does: 'nothing' },
  ];

  it('shows each line before anything is taken, then takes what was shown', async () => {
    await drop({ steps, bad: [], unread: ['colour'], digest: 'd1' });
    const lines = within(screen.getByRole('list', { name: 'Line by line' })).getAllByRole('listitem');
    expect(lines.map((l) => l.textContent)).toEqual(['line 2lot 7, new: Ormelle Vireo', 'line 3lot 8, as it is']);
    expect(screen.getByText(/left out: the columns colour/)).toBeTruthy();
    serverSays(200, { added: 1, changed: 0 });
    await press('Take 1 lot');
    await waitFor(() => expect(closed).toHaveBeenCalled());
    expect(asked.at(-1)!.body).toMatchObject({ take: 'd1' });
    expect(router.refresh).toHaveBeenCalled();
  });

  it('takes nothing of a list with a mistake, which stands first', async () => {
    await drop({ steps, bad: [{ line: 4, message: 'number: “x” is no number' }], unread: [], digest: 'd2' });
    const [first] = within(screen.getByRole('list', { name: 'Line by line' })).getAllByRole('listitem');
    expect(first!.textContent).toMatch(/^line 4/);
    expect(screen.getByRole('button', { name: 'Mend the file, then drop it again' })).toHaveProperty('disabled', true);
  });
});

describe('what the Yard is asked', () => {
  const counts = { late: 1, thin: 0, going: 3, 'not begun': 2, sealed: 4, withdrawn: 0 };
  const at = { sale: 's1', show: 'all', sort: 'number', search: '', after: 'x~4' } as const;
  const filter = (more: object = {}) => (
    <AskYard asked={{ ...at, ...more }}>
      <YardFilter counts={counts} total={10} />
    </AskYard>
  );
  const open = () => render(filter());

  it('begins on the first page of the answer, and keeps what was asked before it', async () => {
    const { rerender } = open();
    expect(screen.getByRole('option', { name: 'going (3)' })).toBeTruthy();
    await userEvent.selectOptions(screen.getByLabelText('Show'), 'late');
    expect(router.replace).toHaveBeenLastCalledWith('/yard?sale=s1&show=late', { scroll: false });
    rerender(filter({ show: 'late', after: null }));
    await userEvent.selectOptions(screen.getByLabelText('Order'), 'grade');
    expect(router.replace).toHaveBeenLastCalledWith('/yard?sale=s1&show=late&by=grade', { scroll: false });
  });

  it('asks for words once their writer pauses', async () => {
    jest.useFakeTimers();
    const user = userEvent.setup({ advanceTimers: jest.advanceTimersByTime });
    open();
    await user.type(screen.getByLabelText('Search lots'), 'dray');
    expect(router.replace).not.toHaveBeenCalled();
    act(() => void jest.advanceTimersByTime(1000));
    expect(router.replace.mock.calls.map(([address]) => address)).toEqual(['/yard?sale=s1&q=dray']);
    jest.useRealTimers();
  });
});
