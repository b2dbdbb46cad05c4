import type { ClauseDefinition, ItemDefinition } from '../clause';
import type { ItemBase } from '../context';
import { absence } from './absence';
import { along } from './along';
import { blocked } from './blocked';
import { clean } from './clean';
import { finding } from './finding';
import { fluid } from './fluid';
import { gap } from './gap';
import { gauge } from './gauge';
import { mark } from './mark';
import { papers } from './papers';
import { renewed } from './renewed';
import { road } from './road';
import { spotTest } from './spot-test';
import { stands } from './stands';
import { start } from './start';
import { thickness } from './thickness';
import { tire } from './tire';
import { told } from './told';
import { tried } from './tried';
import { undo } from './undo';
import { wet } from './wet';

/** Every kind of sentence, in the order in which they are tried; the last takes what is left. */
export const CLAUSES = {
  gap,
  undo,
  told,
  stands,
  along,
  mark,
  papers,
  renewed,
  gauge,
  wet,
  fluid,
  start,
  road,
  tried,
  blocked,
  tire,
  spotTest,
  absence,
  clean,
  finding,
  thickness,
} as const;

/** Anything that a line can be understood to say. */
export type EntryItem = (typeof CLAUSES)[keyof typeof CLAUSES] extends infer C
  ? C extends ClauseDefinition<infer I>
    ? I
    : never
  : never;

const ITEMS: ReadonlyMap<string, ItemDefinition<ItemBase>> = new Map(
  Object.values(CLAUSES).flatMap(
    ({ items }) => Object.entries(items) as unknown as [string, ItemDefinition<ItemBase>][],
  ),
);

/** What becomes of an item, by its clause. */
export const itemDefinition = (item: EntryItem): ItemDefinition<EntryItem> =>
  ITEMS.get(item.kind) as unknown as ItemDefinition<EntryItem>;
