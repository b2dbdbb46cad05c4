import { defineSection } from '../section';
import { functionBlocks, functionsSchema, sealFunctions } from './function-blocks';
import { runBlocks, runSchema, sealRun } from './run-blocks';

/** How it starts, runs, leaks and drives; what works, what does not, what was not tried and why. */
export const running = defineSection({
  title: 'Running and what works',
  sealed: { functions: functionsSchema.optional(), run: runSchema.optional() },
  blank: { functions: undefined, run: undefined },
  seal: ({ judgement }) => ({
    run: sealRun(judgement),
    functions: sealFunctions(judgement),
  }),
  blocks: (view) => {
    const { functions, run } = view.sealed;
    return [
      ...(run ? runBlocks(run, view.records, view.wording) : []),
      ...(functions ? functionBlocks(functions, view) : []),
    ];
  },
});
