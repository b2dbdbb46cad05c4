import load from 'highs';
import { type IntegerProgram, type ProgramLimits, solveProgram } from '@/core/program/integer-program';

/** The solver of integer programs, loaded once. */
export async function solver() {
  const highs = await load();
  return (program: IntegerProgram, limits?: ProgramLimits) => solveProgram(highs, program, limits);
}
