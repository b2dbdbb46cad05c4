import { Schema } from '@tiptap/pm/model';
import { claimPlaces } from './claim-marks';

const schema = new Schema({
  nodes: { doc: { content: 'block+' }, paragraph: { content: 'text*', group: 'block' }, text: {} },
  marks: { bold: {} },
});
const paragraph = (...texts: (string | [string])[]) =>
  schema.node(
    'paragraph',
    null,
    texts.map((t) => (typeof t === 'string' ? schema.text(t) : schema.text(t[0], [schema.mark('bold')]))),
  );
const doc = schema.node('doc', null, [
  paragraph('A fine car.'),
  paragraph('It was never ', ['wel'], 'ded. Never welded, it is said: never welded.'),
]);
const read = (words: Parameters<typeof claimPlaces>[1]) =>
  claimPlaces(doc, words).map(({ from, to, verdict }) => [doc.textBetween(from, to), verdict]);

it('finds a claim wherever its words stand, over a change of type too, and in no other case of letters', () => {
  expect(read([{ text: 'never welded', verdict: 'contradicted' }])).toEqual([
    ['never welded', 'contradicted'],
    ['never welded', 'contradicted'],
  ]);
});

it('marks nothing where nothing is claimed, and not across paragraphs', () => {
  expect(read([])).toEqual([]);
  expect(read([{ text: '', verdict: 'wider' }])).toEqual([]);
  expect(read([{ text: 'car.It', verdict: 'wider' }])).toEqual([]);
});
