/** What an instrument at the engine tells at one moment; what it does not measure is absent. */
export interface LogReading {
  readonly rpm?: number;
  readonly oilKpa?: number;
  readonly tempC?: number;
  readonly volts?: number;
  readonly amps?: number;
  readonly fuel?: number;
}

/** Names of the protocol, with the least and the most that can be. */
const FIELDS: Readonly<Record<string, readonly [keyof LogReading, low: number, high: number]>> = {
  rpm: ['rpm', 0, 12_000],
  oil: ['oilKpa', 0, 1500],
  temp: ['tempC', -40, 160],
  volt: ['volts', 0, 40],
  amp: ['amps', -100, 100],
  fuel: ['fuel', 0, 1],
};

/**
 * One line of the protocol (docs/formats/log.md), `L rpm=850 oil=310 temp=84 volt=14.1`, or null when it is none. Values that
 * cannot be are left out, unknown names passed over; a line of which nothing is left is none. Never throws.
 */
export function parseLogLine(line: string): LogReading | null {
  const [word, ...rest] = line.trim().split(/\s+/);
  if (word !== 'L') return null;
  const out: Partial<Record<keyof LogReading, number>> = {};
  for (const part of rest) {
    const [name = '', text = ''] = part.split('=');
    const field = FIELDS[name.toLowerCase()];
    const value = Number(text.replace(',', '.'));
    if (!field || text === '' || !Number.isFinite(value) || value < field[1] || value > field[2]) continue;
    out[field[0]] = value;
  }
  return Object.keys(out).length > 0 ? out : null;
}

/** The line that says a reading. */
export function logLine(r: LogReading): string {
  const said = Object.entries(FIELDS).flatMap(([name, [key]]) => (r[key] === undefined ? [] : [`${name}=${r[key]}`]));
  return ['L', ...said].join(' ');
}
