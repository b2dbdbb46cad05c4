import { editDistance } from '../body/slugs';
import { FLUIDS, type Fluid, LEAK_AMOUNTS, LEAK_WHENS } from '../catalogue/leak-places';
import type { LeakLayout } from '../leaks/reach';
import type { LeakSeen } from '../leaks/sources';
import { type BadRow, csvRows } from './rows';

const COLUMNS = ['place', 'fluid', 'amount', 'when'] as const;
/** What people write for a fluid. */
const ALSO: Readonly<Record<string, Fluid>> = {
  oil: 'engine-oil',
  'brake-fluid': 'brake',
  'clutch-fluid': 'clutch',
  atf: 'transmission',
  'gear-oil': 'differential',
  axle: 'differential',
  antifreeze: 'coolant',
  petrol: 'fuel',
  gasoline: 'fuel',
  diesel: 'fuel',
  exhaust: 'gas',
  vacuum: 'air',
};
const UNTOLD = new Set(['', 'unknown', '?', '-']);

/** The place of the layout that is spelled most like a given one. */
function nearest(place: string, layout: LeakLayout): string {
  return [...layout.keys()].reduce((a, b) => (editDistance(place, b) < editDistance(place, a) ? b : a));
}

/** Reads what was seen of leaks (docs/formats/command-line.md), and every bad row by line number. */
export function readLeaksCsv(text: string, layout: LeakLayout): { seen: LeakSeen[]; bad: BadRow[] } {
  const { taken, bad } = csvRows(text, COLUMNS, ['place', 'amount'], (row): LeakSeen | string => {
    const place = (row.place ?? '').toLowerCase();
    if (!layout.has(place))
      return `“${row.place}” is no place of this layout; the nearest is ${nearest(place, layout)}`;
    const said = (row.fluid ?? '').toLowerCase().replaceAll(' ', '-');
    const fluid = UNTOLD.has(said) ? null : (FLUIDS.find((f) => f === said) ?? ALSO[said]);
    if (fluid === undefined) return `“${row.fluid}” is no fluid; known are ${FLUIDS.join(', ')}`;
    const amount = LEAK_AMOUNTS.find((a) => a === (row.amount ?? '').toLowerCase());
    if (!amount) return `amount must be ${LEAK_AMOUNTS.join(', ')}, not “${row.amount ?? ''}”`;
    const when = LEAK_WHENS.find((w) => w === (row.when || 'after').toLowerCase());
    if (!when) return `when must be ${LEAK_WHENS.join(', ')}, not “${row.when}”`;
    return { place, fluid, amount, when };
  });
  return { seen: taken, bad };
}
