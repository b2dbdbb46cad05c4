import { v7 as uuidv7 } from 'uuid';
import { z } from 'zod';
import type { SpokenLine } from '@/entry/talk/listen';
import type { Decisions } from '@/entry/talk/sorting';

/** What was said at a car and what was decided of it, kept on this device until it is put away. */
export interface HeldTalk {
  readonly name: string;
  /** The record that its film has, or will have. */
  readonly film: string;
  readonly lines: readonly SpokenLine[];
  readonly decisions: Decisions;
}

const heldSchema = z.object({
  name: z.string().max(300),
  film: z.uuid().default(() => uuidv7()),
  lines: z.array(
    z.object({
      line: z.number().int().positive(),
      text: z.string().max(4000),
      fromS: z.number().nonnegative().optional(),
      toS: z.number().nonnegative().optional(),
    }),
  ),
  decisions: z.record(z.string(), z.enum(['taken', 'noted', 'dropped'])),
});

const keyOf = (lot: string) => `farvin-talk-${lot}`;

/** Reads what is held for a lot; null where nothing is, or what is cannot be read. */
export function heldTalk(lot: string, from: Pick<Storage, 'getItem'>): HeldTalk | null {
  try {
    const parsed = heldSchema.safeParse(JSON.parse(from.getItem(keyOf(lot)) ?? 'null'));
    return parsed.success ? (parsed.data as HeldTalk) : null;
  } catch {
    return null;
  }
}

/** Holds it; false where the device has no room, so that the page can say so. */
export function holdTalk(lot: string, talk: HeldTalk | null, at: Pick<Storage, 'setItem' | 'removeItem'>): boolean {
  try {
    if (talk) at.setItem(keyOf(lot), JSON.stringify(talk));
    else at.removeItem(keyOf(lot));
    return true;
  } catch {
    return false;
  }
}
