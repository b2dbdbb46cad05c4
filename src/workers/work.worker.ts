import load from 'highs';
import { reckonWork, type WorkAsked, type WorkFound } from '@/core/cost/reckon';
import { solveProgram } from '@/core/program/integer-program';

export type WorkQuestion = WorkAsked & { readonly id: number };
export interface WorkAnswer {
  readonly id: number;
  readonly found: WorkFound | null;
}

const solver = load();

/** Reckons the work on a car off the page's thread. */
self.onmessage = async ({ data: { id, ...asked } }: MessageEvent<WorkQuestion>) => {
  const highs = await solver;
  const found = reckonWork(asked, (program, limits) => solveProgram(highs, program, limits));
  self.postMessage({ id, found } satisfies WorkAnswer);
};
