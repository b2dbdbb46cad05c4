import { Usage } from './refusals';

/** A length in mm that an option states; undefined where it does not. */
export function millimetres(text: string | undefined, name: string): number | undefined {
  if (text === undefined) return undefined;
  const mm = Number(text);
  if (!(mm > 0)) throw new Usage(`--${name} is a number of mm above 0`);
  return mm;
}
