import { z } from 'zod';
import { REMEDY_IDS, SHARED_IDS } from '../catalogue/remedies';
import { text, zoneSchema } from './common';

/** A job on a car as records name it: the work, its place, and what it puts right. */
export const jobSchema = z.object({
  work: z.enum([...REMEDY_IDS, ...SHARED_IDS]),
  /** Null: the whole outside. */
  zone: zoneSchema.nullable().default(null),
  /** What it puts right: ids of findings, and names of other things as decisions on work have them. */
  serves: z.array(text(120).min(1)).max(200).default([]),
});
export type JobNamed = z.infer<typeof jobSchema>;

/** The name of a job: its work and its place. */
export const jobKey = ({ work, zone }: Pick<JobNamed, 'work' | 'zone'>): string => `${work}@${zone ?? 'outside'}`;
