import { useMemo } from 'react';
import type { StoredRecord } from '@/core/kinds';
import { rightedOn } from '@/core/work/after';
import { useRecords } from './inspection';

/** The job that put each thing right, by the thing's key: a finding's id, or a name of work. */
export function useRighted(): ReadonlyMap<string, StoredRecord<'done'>> {
  const done = useRecords('done');
  return useMemo(() => rightedOn(done), [done]);
}
