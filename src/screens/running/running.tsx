'use client';

import { useMemo } from 'react';
import { AspectChapter } from '@/ui/chapter/aspect-chapter';
import { useCar, useJudged } from '@/ui/records/inspection';
import { Fluids } from './fluids';
import { leakDots } from './leak-dots';
import { Leaks } from './leaks';
import { RunLog } from './log';
import { Mechanical } from './mechanical';
import { Road } from './road';
import { RUNNING_ASPECTS } from './running-aspects';
import { StartRun } from './start-run';

const ALSO = ['engine', 'underneath'] as const;
const LEGEND =
  'Lozenge: a place where fluid can come out; filled where it was wet, ticked where dry, yellow: look there next.';

/** From the cold start to the road test, in the order of a day. */
export function Running() {
  const { plan } = useCar();
  const leaks = useJudged((j) => j.judgement?.leaks ?? null);
  const dots = useMemo(
    () => (plan && leaks && leaks.wet.length > 0 ? leakDots(plan, leaks) : undefined),
    [plan, leaks],
  );
  return (
    <AspectChapter title="Running" aspects={RUNNING_ASPECTS} also={ALSO} {...(dots && { dots, legend: LEGEND })}>
      <Fluids />
      <StartRun />
      <RunLog />
      <Leaks />
      <Mechanical />
      <Road />
    </AspectChapter>
  );
}
