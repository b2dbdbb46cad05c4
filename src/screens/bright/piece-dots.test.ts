import { planOf } from '@/core/body/plan';
import { ledgerOf } from '@/core/bright/ledger';
import { DEFAULT_PIECES } from '@/core/catalogue/pieces';
import { DEFAULT_TABLES } from '@/core/grade/all-tables';
import { judge } from '@/core/judge/judge';
import type { AnyRecord } from '@/core/kinds';
import { pieceSchema } from '@/core/kinds/piece';
import { tireSchema } from '@/core/kinds/tire';
import { pieceDots } from './piece-dots';

const plan = planOf('saloon4')!;
const AT = '2027-02-10T09:00:00Z';
let serial = 0;
const record = (kind: string, body: object) => ({ id: `r${++serial}`, kind, version: 1, body }) as AnyRecord;
const piece = (id: string, zone: string, more: object) =>
  record('piece', pieceSchema.parse({ piece: id, zone, presence: 'fitted', at: AT, ...more }));
const dots = (...records: AnyRecord[]) => {
  const { wheels } = judge({ plan, records, tables: DEFAULT_TABLES });
  return pieceDots(plan, ledgerOf(plan, records, { make: 'Quillon' }, DEFAULT_PIECES), wheels, '2027-03-04');
};

it('marks what wants something at its place, two of a place beside each other, and nothing that is sound', () => {
  expect(dots(piece('bumper-front', 'bumper.front', {}))).toEqual([]);
  const two = dots(
    piece('bumper-front', 'bumper.front', { faults: ['pitted'] }),
    piece('overriders', 'bumper.front', { presence: 'missing' }),
  );
  expect(two.map((d) => d.zone)).toEqual(['bumper.front', 'bumper.front']);
  expect(two[1]!.uMm).toBeGreaterThan(two[0]!.uMm);
});

it('marks a tire by its age on the sale day', () => {
  const tire = (code: string) => record('tire', tireSchema.parse({ zone: 'wheel.left.rear', code, at: AT }));
  expect(dots(tire('3112')).map((d) => d.zone)).toEqual(['wheel.left.rear']);
  expect(dots(tire('0125'))).toEqual([]);
});
