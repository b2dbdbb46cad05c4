import { Usage } from './refusals';

/** A whole number as given behind a flag, or what stands for it where none is; anything else is wrong usage. */
export function wholeFlag(
  given: string | undefined,
  name: string,
  { otherwise, low, high }: { otherwise?: number; low: number; high: number },
): number {
  const value = given === undefined ? otherwise : Number(given);
  if (value === undefined || !Number.isInteger(value) || value < low || value > high)
    throw new Usage(`--${name} is a whole number from ${low} to ${high}`);
  return value;
}
