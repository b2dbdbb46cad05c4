import { type PresentLot, planList, readLotList } from './lot-list';

const STYLES: Readonly<Record<string, string>> = { fastback: 'fastback', 'two doors': 'sedan', roadster: 'roadster' };
const read = (csv: string) => readLotList(csv, (text) => STYLES[text.toLowerCase()] ?? null);
const facts = (title: string, more: object = {}) => ({
  title,
  reportDueOn: null,
  reserveDays: null,
  consignor: '',
  keysWith: '',
  stands: '',
  comesWith: '',
  ...more,
});
const lot = (
  number: number,
  title: string,
  more: Partial<Omit<PresentLot, 'facts'>> & { facts?: object } = {},
): PresentLot => ({
  id: `lot-${number}`,
  number,
  begun: false,
  ...more,
  facts: facts(title, more.facts),
});

describe('a list of lots', () => {
  it('says what each line names, and nothing that it leaves empty', () => {
    const { lots, bad, unread } = read(
      'Number,Make,Model,Year,Style,Consignor,reserve_days,keys,stands\n7,Quillon,Harrow,1967,Fastback,Ottoline Crane,3,office,Shed 2\n8,Sarvane,Corso,,,,,,\n',
    );
    expect([bad, unread]).toEqual([[], []]);
    expect(lots).toEqual([
      {
        line: 2,
        number: 7,
        says: {
          title: 'Quillon Harrow fastback, 1967',
          reserveDays: 3,
          consignor: 'Ottoline Crane',
          keysWith: 'office',
          stands: 'Shed 2',
        },
      },
      { line: 3, number: 8, says: { title: 'Sarvane Corso' } },
    ]);
  });

  it.each([
    [',Quillon,Harrow', 'has no number'],
    ['0,Quillon,Harrow', '“0” is no lot number'],
    ['7a,Quillon,Harrow', '“7a” is no lot number'],
    ['7,Quillon,', 'a car has a make and a model, or neither is said'],
    ['7,Quillon,Harrow,67', '“67” is no year'],
    ['7,Quillon,Harrow,1967,hovercraft', '“hovercraft” is no body style that is known here'],
    ['7,Quillon,Harrow,1967,fastback,soon', '“soon” is no number of days'],
    ['7,Quillon,Harrow,1967,fastback,3,20.2.2027', '“20.2.2027” is no day such as 2027-02-20'],
    ['7,Quillon,Harrow,1967,fastback,3,2027-02-20,more', 'has 8 fields, the header 7'],
  ])('names what is wrong with %s by its line', (row, message) => {
    const { lots, bad } = read(`number,make,model,year,style,reserve_days,report_due\n1,Sarvane,Corso\n${row}\n`);
    expect([lots.map((l) => l.number), bad]).toEqual([[1], [{ line: 3, message }]]);
  });

  it('refuses a number that stands twice, and a file without numbers', () => {
    expect(read('number,make,model\n3,A,B\n3,C,D\n').bad).toEqual([{ line: 3, message: 'lot 3 stands on line 2 too' }]);
    expect(read('lot,make\n3,A\n').bad[0]).toMatchObject({ line: 1 });
  });

  it('says which columns it does not understand, and reads semicolons', () => {
    const { lots, unread } = read('number;make;model;estimate\n3;Sarvane;Corso;4000\n');
    expect([lots[0]!.says, unread]).toEqual([{ title: 'Sarvane Corso' }, ['estimate']]);
  });

  it('counts lines of the file, not rows', () => {
    const { lots } = read('number,make,model,comes_with\n1,A,B,"hood frame\nand a jack"\n\n2,C,D,\n');
    expect(lots.map((l) => [l.number, l.line])).toEqual([
      [1, 2],
      [2, 5],
    ]);
  });
});

describe('what taking a list would do', () => {
  const list = read('number,make,model,keys\n1,Sarvane,Corso,office\n2,Quillon,Harrow,\n3,,,gate\n').lots;

  it('adds what is new, changes what differs, refuses a lot without a car', () => {
    const steps = planList(list, [lot(1, 'Sarvane Corso')]);
    expect(steps).toEqual([
      {
        does: 'changes',
        line: 2,
        number: 1,
        id: 'lot-1',
        changes: [{ fact: 'keysWith', before: '', after: 'office' }],
      },
      { does: 'adds', line: 3, number: 2, facts: { title: 'Quillon Harrow' } },
      { does: 'refused', line: 4, number: 3, why: 'no-car' },
    ]);
  });

  it('does nothing the second time', () => {
    const after = [
      lot(1, 'Sarvane Corso', { facts: { keysWith: 'office' } }),
      lot(2, 'Quillon Harrow'),
      lot(3, 'Odd', { facts: { keysWith: 'gate' } }),
    ];
    expect(planList(list, after).map((s) => s.does)).toEqual(['nothing', 'nothing', 'nothing']);
  });

  it('never gives what was seen of one car to another', () => {
    const steps = planList(list, [
      lot(1, 'Corvane Sarso', { begun: true }),
      lot(2, 'Odd'),
      lot(3, 'Odd', { begun: true }),
    ]);
    expect(steps.map((s) => [s.number, s.does])).toEqual([
      [1, 'refused'],
      [2, 'changes'],
      [3, 'changes'],
    ]);
  });
});
