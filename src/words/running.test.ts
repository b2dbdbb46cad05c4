import { roadGate } from '@/core/running/gate';
import { gateText } from './running';

const road = (gate: object) => ({ gate, driven: false, items: {}, felt: [], note: '' }) as never;

it('tells once why a car is not driven, be it on record or answered', () => {
  expect(gateText(roadGate(road({ leave: 'no', steering: 'no' }), ['leave']))).toBe(
    'Not to be driven: the owner does not let it be driven; no to “steering without play”.',
  );
  expect(gateText(roadGate(road({ leave: 'no' }), []))).toBe('Not to be driven: no to “the owner lets it be driven”.');
});

it('says how many questions are open, and when none is', () => {
  const asks = roadGate(null, []).open;
  expect(gateText(roadGate(null, []))).toBe(`${asks.length} questions of the gate open: not to be driven before.`);
  expect(gateText(roadGate(road(Object.fromEntries(asks.map((a) => [a, 'yes']))), []))).toMatch(/^Every question/);
});
