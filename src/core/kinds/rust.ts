import { z } from 'zod';
import { defineKind } from './kind';
import { measuredShare } from './measured-share';

/** The rusted share of a painted panel, off a picture. Ri and D610 follow from it. */
export const rustSchema = z.object(measuredShare);
export type RustBody = z.infer<typeof rustSchema>;

export const rust = defineKind({
  schema: rustSchema,
  on: ['zone'],
  pictures: (r) => [r.photo],
  sees: (r) => [[r.zone, 'corrosion']],
  known: 'measured',
  since: 3,
});
