import { useEffect, useState } from 'react';
import { z } from 'zod';
import { SCHOOLS } from '@/core/catalogue/schools';
import type { VisitTook } from '@/core/days/learnt';

const answerSchema = z.object({
  took: z.array(z.object({ school: z.enum(SCHOOLS), minutes: z.number().nonnegative() })),
});
const NONE: readonly VisitTook[] = [];

/** How long the house's visits took; none until the server tells, and none without it: times are the shipped ones then. */
export function useVisitTimes(): readonly VisitTook[] {
  const [took, setTook] = useState(NONE);
  useEffect(() => {
    const gone = new AbortController();
    fetch('/api/v1/visit-times', { signal: gone.signal })
      .then(async (r) => r.ok && setTook(answerSchema.parse(await r.json()).took))
      .catch(() => {});
    return () => gone.abort();
  }, []);
  return took;
}
