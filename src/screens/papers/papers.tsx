'use client';

import { useMemo } from 'react';
import { AspectChapter } from '@/ui/chapter/aspect-chapter';
import { useCar, useJudged } from '@/ui/records/inspection';
import { Claims } from './claims';
import { ComesWith } from './comes-with';
import { Dates } from './dates';
import { numberDots } from './number-dots';
import { Numbers } from './numbers';
import { Parts } from './parts';
import { Past } from './past';

const ASPECTS = ['identity'] as const;
const ALSO = ['underneath'] as const;
const LEGEND =
  'Lozenge: a place where a number lives; ticked where it was read, yellow: look again, filled: it differs, open: not read.';

/** Who the car is: what is claimed of it and how far that is borne out, its numbers, dates, past and parts. */
export function Papers() {
  const { plan } = useCar();
  const identity = useJudged((j) => j.judgement?.identity ?? null);
  const dots = useMemo(() => (plan && identity ? numberDots(plan, identity) : undefined), [plan, identity]);
  return (
    <AspectChapter title="Papers" aspects={ASPECTS} also={ALSO} {...(dots && { dots, legend: LEGEND })}>
      <Claims />
      <Numbers />
      <Dates />
      <Past />
      <ComesWith />
      <Parts />
    </AspectChapter>
  );
}
