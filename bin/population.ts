import { writeFileSync } from 'node:fs';
import path from 'node:path';
import { fileURLToPath } from 'node:url';
import { DEFAULT_TABLES } from '../src/core/grade/all-tables';
import { digestOf } from '../src/core/population/digest';
import { measureCars } from '../src/core/population/measure';

/** Measures made cars and writes the yardstick by which grades are compared: `npm run population [CARS]`, 20,000 if not said. */
const CARS = Number(process.argv[2] ?? 20_000);
const TARGET = path.join(path.dirname(fileURLToPath(import.meta.url)), '../src/core/grade/yardstick.json');

const from = performance.now();
const yardstick = measureCars(CARS, DEFAULT_TABLES, digestOf(DEFAULT_TABLES), (done, of) => {
  if (done % 2000 === 0) process.stderr.write(`\r${done} of ${of} cars`);
});
writeFileSync(TARGET, `${JSON.stringify(yardstick)}\n`);
process.stderr.write(`\r${yardstick.cars} cars in ${((performance.now() - from) / 1000).toFixed(1)} s\n`);
