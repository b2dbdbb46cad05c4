import type { StoredRecord } from '../kinds';
import { recordOf } from '../kinds/test-records';
import { runAt } from './run-at';

const start = (turnedAt: string | null) => recordOf('start', { turnedAt }) as StoredRecord<'start'>;
const log = (startedAt: string, more: object = {}) =>
  recordOf('log', { startedAt, points: [{ s: 0, rpm: 800 }], ...more }) as StoredRecord<'log'>;
const AT = '2027-02-10T09:30:00Z';

it.each<[string, Parameters<typeof runAt>[0], Parameters<typeof runAt>[1], string | null]>([
  ['no run', [], [], null],
  ['a start before', [start('2027-02-10T09:20:00Z')], [], '2027-02-10T09:20:00Z'],
  ['the later of two', [start('2027-02-10T08:50:00Z'), start('2027-02-10T09:20:00Z')], [], '2027-02-10T09:20:00Z'],
  ['a log without a start', [], [log('2027-02-10T09:10:00Z')], '2027-02-10T09:10:00Z'],
  ['none that begins later', [start('2027-02-10T09:40:00Z')], [], null],
  ['none of two hours before', [start('2027-02-10T07:30:00Z')], [], null],
  ['none of which the turn was not noted', [start(null)], [], null],
  ['none of a made-up engine', [], [log('2027-02-10T09:10:00Z', { practice: true })], null],
])('finds %s', (_name, starts, logs, run) => expect(runAt(starts, logs, AT)).toBe(run));
