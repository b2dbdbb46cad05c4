import { eraseDue } from '@/server/erase-due';
import { withOwner } from '../on-database';
import { defineVerb } from '../verb';

export const verb = defineVerb({
  usage: '',
  does: 'Erases for good what managers asked for and whose days of grace are over, in every house on this server.',
  gives: 'what is due is erased; how much was, and what failed',
  takes: null,
  database: true,
  options: {},
  run: () => withOwner(async (db) => ({ ok: true, ...(await eraseDue(db, new Date())) })),
});
