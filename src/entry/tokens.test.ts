import { tokens } from './tokens';

const short = (text: string) =>
  tokens(text).map((t) => (t.kind === 'number' ? `${t.atLeast ? '≥' : ''}${t.value}${t.unit ?? ''}` : t.text));

it.each<[string, string[]]>([
  ['13.5 12', ['13.5', '12']],
  ['13,5', ['13.5']],
  ['120, 118, 125', ['120', '118', '125']],
  ['2mm', ['2mm']],
  ['30 mm', ['30mm']],
  ['3 cm', ['3cm']],
  ['1.5 inches', ['1.5in']],
  ['5%', ['5%']],
  ['40 percent', ['40%']],
  ['131um', ['131um']],
  ['131 µm', ['131um']],
  ['5.2 mils', ['5.2mil']],
  ['5.2 5.0 mil', ['5.2', '5', 'mil']],
  ['x3', ['3']],
  ['3x 2mm', ['3', '2mm']],
  ['≥500', ['≥500']],
  ['> 500', ['≥500']],
  ['two cracks', ['2', 'cracks']],
  ['Hood, left.', ['hood', 'left']],
  ['-40', ['-40']],
  ['(chip)', ['chip']],
  ["driver's", ["driver's"]],
  ['', []],
  ['   ', []],
  ['12345678', ['12345678']],
])('splits %s', (text, expected) => {
  expect(short(text)).toEqual(expected);
});

it('keeps what was typed beside what it means', () => {
  expect(tokens('13,5 mil')[0]).toMatchObject({ raw: '13,5 mil', value: 13.5, unit: 'mil' });
  expect(tokens('Bonnet')[0]).toEqual({ kind: 'word', text: 'bonnet', raw: 'Bonnet' });
});
