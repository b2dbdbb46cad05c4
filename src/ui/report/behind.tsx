import type { ReactNode } from 'react';
import { type Rests, restsQuery } from '@/report/rests';

/** The address of what a statement rests on. */
export const hrefBehind = (onRecord: string, rests: Rests) =>
  `${onRecord}${onRecord.includes('?') ? '&' : '?'}${restsQuery(rests)}`;

/** A statement as the way to the records that it rests on; the plain words where the page has none to lead to. */
export function Behind({
  rests,
  onRecord,
  says,
  children,
}: {
  rests: Rests | undefined;
  /** Where the records stand: an address without a query, or with the start of one. */
  onRecord: string | undefined;
  /** What the link is called where its words alone would not tell. */
  says?: string;
  children: ReactNode;
}) {
  if (!rests || onRecord === undefined) return children;
  return (
    <a href={hrefBehind(onRecord, rests)} className="behind" {...(says && { 'aria-label': says })}>
      {children}
    </a>
  );
}
