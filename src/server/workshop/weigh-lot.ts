import { type Weighed, type WorkAsked, weighWork } from '@/core/cost/reckon';

/** A lot's jobs, weighed for a choice among the lots of its sale: a judgement for each of them. */
export const weighLot = async (asked: Omit<WorkAsked, 'own'>): Promise<Weighed | null> => weighWork(asked);
