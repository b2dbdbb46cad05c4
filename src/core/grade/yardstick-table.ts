import type { z } from 'zod';
import { defineTable } from '../model/table';
import { type Yardstick, yardstickSchema } from './yardstick';
import measured from './yardstick.json';

/** The yardstick of the shipped numbers, measured by `npm run population`. */
export const SHIPPED_YARDSTICK = measured as unknown as Yardstick;

export const yardstickTable = defineTable<Yardstick>({
  stored: 'yardstick',
  schema: yardstickSchema as z.ZodType<Yardstick>,
  defaults: SHIPPED_YARDSTICK,
});
