/** Median of numbers. */
export const median = (values: readonly number[]): number =>
  [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)] ?? Number.NaN;

/** Median times in ms of two works run by turns, so that a slow moment of the machine meets both. */
export async function byTurns(
  runs: number,
  first: () => Promise<unknown>,
  second: () => Promise<unknown>,
): Promise<readonly [number, number]> {
  const times: [number[], number[]] = [[], []];
  await first();
  await second();
  for (let i = 0; i < runs; i++)
    for (const [k, work] of [first, second].entries()) {
      const from = performance.now();
      await work();
      times[k]!.push(performance.now() - from);
    }
  return [median(times[0]), median(times[1])];
}

export function row(name: string, value: number, against: string, aim = ''): void {
  console.log(`${name.padEnd(52)} ${value.toFixed(3).padStart(9)}  × ${against}${aim ? ` (aim ${aim})` : ''}`);
}
