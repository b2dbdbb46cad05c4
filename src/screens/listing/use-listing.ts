import { useCallback, useEffect, useState } from 'react';
import { EMPTY_DOC, type ListingDoc } from '@/core/listing/doc';
import { askServer } from '@/ui/ask-server';

export interface KeptListing {
  readonly standing: 'loading' | 'away' | 'here';
  /** Changes with every listing that was loaded. */
  readonly at: string;
  readonly short: string;
  readonly long: ListingDoc;
  readonly contradicted: number;
  /** What came after it was kept: a report sealed anew, or records; null: nothing. */
  readonly since: 'report' | 'records' | null;
  readonly allowedWhy: string;
  readonly allowedBy: string;
  readonly editedBy: string;
  readonly editedAt: string | null;
}
export type ListingKeeper = KeptListing & {
  readonly keep: (short: string, long: ListingDoc) => Promise<string>;
  readonly allow: (why: string) => Promise<string>;
};

const NONE: KeptListing = {
  standing: 'loading',
  at: '',
  short: '',
  long: EMPTY_DOC,
  contradicted: 0,
  since: null,
  allowedWhy: '',
  allowedBy: '',
  editedBy: '',
  editedAt: null,
};

/** A lot's listing as the server holds it, and how it is kept; each answers with what went wrong, or nothing. */
export function useListing(lotId: string): ListingKeeper {
  const [held, setHeld] = useState<KeptListing>(NONE);
  const address = `/api/v1/lots/${lotId}/listing`;
  const load = useCallback(async () => {
    const answer = await fetch(address)
      .then((r) => (r.ok ? r.json() : null))
      .catch(() => null);
    if (!answer) setHeld((h) => (h.standing === 'here' ? h : { ...h, standing: 'away' }));
    else setHeld({ ...NONE, ...answer.listing, standing: 'here', at: answer.listing?.editedAt ?? 'none' });
  }, [address]);
  useEffect(() => void load(), [load]);
  const send = async (method: 'PUT' | 'POST', body: object) => {
    const answer = await askServer(address, method, body);
    if (!answer.ok) return answer.message;
    await load();
    return '';
  };
  return { ...held, keep: (short, long) => send('PUT', { short, long }), allow: (why) => send('POST', { why }) };
}
