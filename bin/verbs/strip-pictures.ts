import { stripStored } from '@/server/strip-stored';
import { withOwner } from '../on-database';
import { defineVerb } from '../verb';

export const verb = defineVerb({
  usage: '',
  does: 'Goes once over pictures that an earlier program kept and takes notes and positions out of them.',
  gives: 'takes notes out of pictures kept by earlier programs',
  takes: null,
  database: true,
  options: {},
  run: () => withOwner(async (db) => ({ ok: true, ...(await stripStored(db)) })),
});
