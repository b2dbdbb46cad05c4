import fc from 'fast-check';
import { logLine, parseLogLine } from './log-protocol';

it.each([
  ['L rpm=850 oil=310 temp=84 volt=14.1', { rpm: 850, oilKpa: 310, tempC: 84, volts: 14.1 }],
  ['L temp=-4,5', { tempC: -4.5 }],
  ['L fuel=0.5 boost=3', { fuel: 0.5 }],
  ['L rpm=99999 volt=12', { volts: 12 }],
  ['L rpm=', null],
  ['L', null],
  ['R 131 um', null],
  ['', null],
])('%j', (line, reading) => expect(parseLogLine(line)).toEqual(reading));

it('reads what it writes, and never throws', () => {
  const some = fc.record(
    {
      rpm: fc.integer({ min: 0, max: 8000 }),
      tempC: fc.integer({ min: -20, max: 130 }),
      volts: fc.integer({ min: 0, max: 16 }),
    },
    { requiredKeys: ['rpm'] },
  );
  fc.assert(
    fc.property(some, (r) => expect(parseLogLine(logLine(r))).toEqual({ ...r })),
    { seed: 6 },
  );
  fc.assert(
    fc.property(fc.string(), (s) => {
      parseLogLine(`L ${s}`);
      return true;
    }),
    { seed: 6 },
  );
});
