import { type GaugeEvent, parseGaugeLine } from '@/core/gauge/line-protocol';

/** The little of Web Serial (WICG) that a gauge needs; not every browser has it. */
export interface SerialPort {
  open(options: { baudRate: number }): Promise<void>;
  close(): Promise<void>;
  readonly readable: ReadableStream<Uint8Array> | null;
}
interface Serial {
  requestPort(): Promise<SerialPort>;
}

const BAUD = 9600;

const serial = (): Serial | null => (navigator as unknown as { serial?: Serial }).serial ?? null;
export const serialIsThere = (): boolean => typeof navigator !== 'undefined' && serial() !== null;

/** Opens a gauge on a serial port that the person picks and hands on what it tells, until the returned function is called. */
export async function openSerialGauge(
  unit: 'um' | 'mil',
  onEvent: (event: GaugeEvent) => void,
  onEnd: () => void,
): Promise<() => void> {
  return readGauge(await serial()!.requestPort(), unit, onEvent, onEnd);
}

/** Opens an instrument that tells lines of text on a serial port that the person picks; as {@link openSerialGauge}. */
export async function openSerialLines(onLine: (line: string) => void, onEnd: () => void): Promise<() => void> {
  return readLines(await serial()!.requestPort(), onLine, onEnd);
}

/** Opens a port and reads a gauge's lines from it; `onEnd` when the gauge goes by itself. The port can be opened again. */
export async function readGauge(
  port: SerialPort,
  unit: 'um' | 'mil',
  onEvent: (event: GaugeEvent) => void,
  onEnd: () => void,
): Promise<() => void> {
  const onLine = (line: string) => {
    const event = parseGaugeLine(line, unit);
    if (event) onEvent(event);
  };
  return readLines(port, onLine, onEnd);
}

async function readLines(port: SerialPort, onLine: (line: string) => void, onEnd: () => void): Promise<() => void> {
  await port.open({ baudRate: BAUD });
  const reader = port.readable!.getReader();
  let stopped = false;
  void (async () => {
    const decoder = new TextDecoder();
    let rest = '';
    try {
      for (let next = await reader.read(); !next.done; next = await reader.read()) {
        const lines = (rest + decoder.decode(next.value, { stream: true })).split(/\r\n|\n|\r/);
        rest = lines.pop() ?? '';
        for (const line of lines) if (!stopped) onLine(line);
      }
    } catch {
      // Pulled out: the end is told below.
    }
    // A port closes only once nobody holds its reader.
    reader.releaseLock();
    await port.close().catch(() => {});
    if (!stopped) onEnd();
  })();
  return () => {
    stopped = true;
    void reader.cancel().catch(() => {});
  };
}
