import { defineClause } from '../clause';
import { refused } from '../context';
import { UNDO } from '../phrases';

interface UndoItem {
  readonly kind: 'undo';
}

export const undo = defineClause<UndoItem>({
  words: [UNDO],
  read: ({ line }) => {
    if (!line.take(UNDO)) return null;
    return line.rest().length > 0
      ? refused({ kind: 'not-understood', words: line.words() })
      : { items: [{ kind: 'undo' }], problems: [] };
  },
  items: { undo: { chips: () => ['take the last entry back'] } },
});
