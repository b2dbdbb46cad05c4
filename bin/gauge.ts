import { createServer } from 'node:net';
import { createInterface } from 'node:readline';
import { planOf } from '../src/core/body/plan';
import { answerTo } from '../src/instruments/gauge-session';
import { practiceCar } from '../src/instruments/practice-car';
import { StandInGauge } from '../src/instruments/thickness-gauge';

/** `npm run gauge [-- STYLE] `: the stand-in gauge on loopback, one line a question (docs/formats/gauge.md). */
const plan = planOf(process.argv[2] ?? 'fastback');
if (!plan) {
  console.error('Unknown body style.');
  process.exit(2);
}
const server = createServer((socket) => {
  const gauge = new StandInGauge(practiceCar(plan, 5));
  socket.on('error', () => {});
  createInterface(socket).on('line', (line) => socket.write(`${answerTo(line, gauge, plan)}\r\n`));
});
server.listen(Number(process.env.GAUGE_PORT ?? 4711), '127.0.0.1', () => {
  const address = server.address();
  console.log(
    `The stand-in gauge listens on 127.0.0.1:${typeof address === 'object' ? address?.port : ''}. Ctrl-C stops it.`,
  );
});
