/** Speed letters from slow to fast (ISO 4000-1); H stands between U and V. */
const SPEEDS = 'ABCDEFGJKLMNPQRSTUHVWY';

/** What a tire may carry, by its index, and how fast, by its letter; null: not said. */
export interface Service {
  readonly load: number | null;
  readonly speed: string | null;
}

/** A service description as it stands on the wall: 86S, 82 S, 88; null where it is none. */
export function readService(text: string): Service | null {
  const match = /^\s*(?<load>\d{2,3})?\s*(?:\/\s*\d{2,3})?\s*(?<speed>[A-HJ-NP-Y])?\s*$/i.exec(text);
  const { load, speed } = match?.groups ?? {};
  if (!load && !speed) return null;
  return { load: load ? Number(load) : null, speed: speed ? speed.toUpperCase() : null };
}

/** In what a tire falls short of what the placard asks; null: of nothing, or one of both is not said. */
export function fallsShort(own: string, asked: string): { readonly load: boolean; readonly speed: boolean } | null {
  const [a, b] = [readService(own), readService(asked)];
  if (!a || !b) return null;
  const load = a.load !== null && b.load !== null && a.load < b.load;
  const speed = a.speed !== null && b.speed !== null && SPEEDS.indexOf(a.speed) < SPEEDS.indexOf(b.speed);
  return load || speed ? { load, speed } : null;
}
