import { filmTime } from './film-time';
import type { Wording } from './vocabulary';
import { zoneName } from './zones';

interface About {
  readonly finding: string | null;
  readonly zone: string | null;
  readonly photo: string | null;
  readonly filmS: number | null;
}

/** What a question is about, in words: "finding 3", "Bonnet", "a picture", "the film at 0:42", "the car". */
export function aboutText(
  { finding, zone, photo, filmS }: About,
  numberOf: (finding: string) => number | null,
  wording: Wording,
): string {
  if (finding) {
    const n = numberOf(finding);
    return n === null ? 'a finding of before' : `finding ${n}`;
  }
  if (photo) return 'a picture';
  if (filmS !== null) return `the film at ${filmTime(filmS)}`;
  return zone ? zoneName(zone, wording) : 'the car';
}
