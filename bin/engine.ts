import { createServer } from 'node:net';
import { logLine } from '../src/core/running/log-protocol';
import { madeLog, SOUND_ENGINE } from '../src/instruments/running-engine';

/** `npm run engine`: a stand-in instrument at a made-up engine on loopback, a line a second (docs/formats/log.md). */
const server = createServer((socket) => {
  const points = madeLog(SOUND_ENGINE, 60, 1, 3);
  let at = 0;
  const every = setInterval(() => {
    const p = points[at++ % points.length]!;
    socket.write(
      `${logLine({ rpm: p.rpm ?? 0, oilKpa: p.oilKpa ?? 0, tempC: p.tempC ?? 0, volts: p.volts ?? 0 })}\r\n`,
    );
  }, 1000);
  const end = () => clearInterval(every);
  socket.on('error', end).on('close', end);
});
server.listen(Number(process.env.ENGINE_PORT ?? 4712), '127.0.0.1', () => {
  const address = server.address();
  console.log(
    `The stand-in engine speaks on 127.0.0.1:${typeof address === 'object' ? address?.port : ''}. Ctrl-C stops it.`,
  );
});
