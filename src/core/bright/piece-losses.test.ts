import { planOf } from '../body/plan';
import { DEFAULT_PIECES } from '../catalogue/pieces';
import { DEFAULT_TABLES } from '../grade/all-tables';
import { gradeCar } from '../grade/grade';
import { judge, lossesOf } from '../judge/judge';
import type { AnyRecord } from '../kinds';
import { pieceSchema } from '../kinds/piece';
import { ledgerOf, oddPanes } from './ledger';
import { incompleteShare, pieceLosses } from './piece-losses';

const plan = planOf('saloon4')!;
const AT = '2027-02-10T09:00:00Z';
let serial = 0;
const record = (kind: string, body: object) =>
  ({ id: `01890000-0000-7000-8000-${String(++serial).padStart(12, '0')}`, kind, version: 1, body }) as AnyRecord;
const piece = (id: string, zone: string | null, more: object = {}) =>
  record('piece', pieceSchema.parse({ piece: id, zone, presence: 'fitted', at: AT, ...more }));
const lost = (zone: string, ...records: AnyRecord[]) =>
  lossesOf(judge({ plan, records, tables: DEFAULT_TABLES }))
    .filter((l) => l.zone === zone && l.finding === undefined)
    .map((l) => [l.aspect, l.share, l.sort ?? '']);
const ledger = (...records: AnyRecord[]) => ledgerOf(plan, records, { make: 'Quillon' }, DEFAULT_PIECES);

it('costs the place its share of what the piece lost, under the aspect of what it is made of', () => {
  // The windshield has one pane of glass: a milky one loses as the table says.
  expect(lost('glass.windshield', piece('pane', 'glass.windshield', { faults: ['delaminated'] }))).toEqual([
    ['glass', expect.closeTo(pieceLosses.defaults.faults.delaminated, 9), ''],
  ]);
  expect(lost('glass.windshield', piece('pane-seal', 'glass.windshield', { faults: ['hardened'] }))).toEqual([
    ['rubber', expect.closeTo(pieceLosses.defaults.faults.hardened, 9), ''],
  ]);
  // The front bumper bears over-riders too: each is half of it.
  expect(lost('bumper.front', piece('overriders', 'bumper.front', { presence: 'missing' }))).toEqual([
    ['brightwork', expect.closeTo(pieceLosses.defaults.missing / 2, 9), 'incomplete'],
  ]);
});

it('loses nothing by a piece that is fitted and sound, and leaves a place to the finding that speaks of it', () => {
  expect(lost('bumper.front', piece('bumper-front', 'bumper.front'))).toEqual([]);
  const finding = record('finding', {
    zone: 'bumper.front',
    flaw: 'bent',
    count: 1,
    sizeMm: null,
    share: null,
    where: '',
  });
  expect(lost('bumper.front', piece('bumper-front', 'bumper.front', { faults: ['dented'] }), finding)).toEqual([]);
});

it('weighs what is hard to find more, and knows nothing where nobody said anything', () => {
  const of = (...records: AnyRecord[]) => incompleteShare(ledger(...records), pieceLosses.defaults);
  expect(of()).toBeNull();
  const rest = [piece('jack', null), piece('keys', null), piece('spare-wheel', null)];
  const common = of(...rest, piece('lamp-bezel', 'lamp.left.head', { presence: 'missing' }))!;
  const scarce = of(...rest, piece('tail-bezel', 'lamp.left.tail', { presence: 'missing' }))!;
  expect(of(...rest, piece('books', null, { presence: 'along' }))).toBe(0);
  expect(common).toBeCloseTo(0.9 / 4, 9);
  expect(scarce).toBeCloseTo((0.9 * 3) / 6, 9);
});

it('costs an incomplete car more under the project lens than under the tourer’s', () => {
  const all = ledger().filter((l) => l.of.base === null || l.of.scarce);
  const car = record('car', {
    make: 'Quillon',
    model: 'Halyard',
    year: 1972,
    style: 'saloon4',
    baseMetal: 'steel',
    steering: 'left',
    leave: {},
  });
  const whole = (presence: string) => {
    const records = [car, ...all.map((l) => piece(l.piece, l.zone, { presence }))];
    const grade = gradeCar(judge({ plan, records, tables: DEFAULT_TABLES }), 2027, DEFAULT_TABLES);
    const axis = (lens: string) => grade.whole.find((w) => w.lens === lens)!.axes.authenticity;
    return { project: axis('project'), tourer: axis('tourer') };
  };
  const [full, bare] = [whole('fitted'), whole('missing')];
  expect(full.project - bare.project).toBeGreaterThan(1.3 * (full.tourer - bare.tourer));
  expect(full.tourer - bare.tourer).toBeGreaterThan(1);
});

describe('panes', () => {
  const pane = (zone: string, mark: string, etched = '') =>
    piece(zone === 'glass.rear' ? 'rear-pane' : 'pane', zone, { mark, etched });
  const four = ['glass.windshield', 'glass.left.front', 'glass.right.front', 'glass.left.rear'];
  it('that bear another mark than most are told, as a question', () => {
    const said = four.map((z, i) => pane(z, i === 0 ? 'Ostrel' : 'Veltglas'));
    expect(oddPanes(ledger(...said)).map((o) => [o.line.zone, o.says, o.most])).toEqual([
      ['glass.windshield', 'mark', 'Veltglas'],
    ]);
  });
  it('without the number that most bear are told too', () => {
    const said = four.map((z, i) => pane(z, '', i === 2 ? '' : '4418'));
    expect(oddPanes(ledger(...said)).map((o) => [o.line.zone, o.says])).toEqual([['glass.right.front', 'etched']]);
  });
  it('say nothing where fewer than three speak, or as many one way as the other', () => {
    expect(oddPanes(ledger(pane(four[0]!, 'Ostrel'), pane(four[1]!, 'Veltglas')))).toEqual([]);
    expect(oddPanes(ledger(...four.map((z, i) => pane(z, i % 2 ? 'Ostrel' : 'Veltglas'))))).toEqual([]);
  });
});
