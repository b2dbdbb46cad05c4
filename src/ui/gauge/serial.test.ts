import type { GaugeEvent } from '@/core/gauge/line-protocol';
import { readGauge, type SerialPort } from './serial';

/** A port as browsers have it: it opens once at a time and does not close while a reader holds it. */
function port() {
  let controller: ReadableStreamDefaultController<Uint8Array> | null = null;
  let readable: ReadableStream<Uint8Array> | null = null;
  const fake: SerialPort = {
    async open() {
      if (readable) throw new Error('already open');
      readable = new ReadableStream({
        start(c) {
          controller = c;
        },
      });
    },
    async close() {
      if (readable?.locked) throw new TypeError('the stream is locked');
      readable = null;
    },
    get readable() {
      return readable;
    },
  };
  return {
    fake,
    says: (text: string) => controller!.enqueue(new TextEncoder().encode(text)),
    pull: () => controller!.error(new Error('device lost')),
    isOpen: () => readable !== null,
  };
}
const settled = async () => {
  for (let i = 0; i < 20; i++) await Promise.resolve();
};

it('hands on what the gauge tells, in whole lines, and closes so that it can be opened again', async () => {
  const p = port();
  for (let round = 0; round < 3; round++) {
    const events: GaugeEvent[] = [];
    let ended = 0;
    const stop = await readGauge(
      p.fake,
      'um',
      (e) => events.push(e),
      () => ended++,
    );
    p.says('G ceiling=2000 Depot gauge\r\nR 13');
    await settled();
    p.says('1 um F\r\n');
    await settled();
    expect(events).toEqual([
      { kind: 'hello', ceilingUm: 2000, name: 'Depot gauge' },
      { kind: 'read', value: 131, unit: 'um', mode: 'F' },
    ]);
    expect(p.isOpen()).toBe(true);
    stop();
    await settled();
    expect([p.isOpen(), ended]).toEqual([false, 0]);
  }
});

it('tells when the gauge was pulled out', async () => {
  const p = port();
  let ended = 0;
  await readGauge(
    p.fake,
    'um',
    () => {},
    () => ended++,
  );
  p.pull();
  await settled();
  expect([p.isOpen(), ended]).toEqual([false, 1]);
});
