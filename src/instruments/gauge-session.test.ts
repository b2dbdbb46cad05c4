import { planOf } from '@/core/body/plan';
import { parseGaugeLine } from '@/core/gauge/line-protocol';
import { answerTo } from './gauge-session';
import { practiceCar } from './practice-car';
import { StandInGauge } from './thickness-gauge';

const plan = planOf('fastback')!;
const session = () => {
  const gauge = new StandInGauge(practiceCar(plan, 3));
  return (line: string) => answerTo(line, gauge, plan);
};

it('answers what it is, measures where it is told, repeats, and knows its foils', () => {
  const say = session();
  expect(say('?')).toBe('G ceiling=500 Stand-in gauge');
  expect(say('REPEAT')).toBe('N');
  const first = say('AT hood 400 600');
  expect(parseGaugeLine(first)).toMatchObject({ kind: 'read', mode: 'F' });
  expect(say('REPEAT')).toBe(first);
  expect(parseGaugeLine(say('FOIL 125'))).toMatchObject({ kind: 'read' });
  expect(say('BATTERY')).toBe('B 100');
  expect(say('AT glass.windshield 100 100')).toBe('N');
});

it('answers nonsense by the probe, never by silence', () => {
  const say = session();
  for (const odd of ['', 'AT', 'AT wing 1 1', 'AT hood x y', 'FOIL -1', 'DROP TABLE'])
    expect([odd, say(odd)]).toEqual([odd, 'E probe']);
});
