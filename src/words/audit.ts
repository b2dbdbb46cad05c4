import type { Audited } from '@/core/records/audited';

/** What was done, as the end of a sentence that begins with a name. */
export const AUDIT_SAYS: Readonly<Record<Audited, string>> = {
  reviewed: 'marked the lot as reviewed',
  drafted: 'took the lot back to draft',
  sealed: 'sealed the report',
  'revision-begun': 'began a revision',
  'revision-given-up': 'gave up a revision',
  'link-made': 'made a link',
  'link-opened': 'opened a link',
  'link-withdrawn': 'withdrew a link',
  'numbers-changed': 'changed the house’s numbers',
  'numbers-reset': 'went back to the shipped numbers',
  'lot-added': 'added a lot',
  imported: 'imported a bundle',
  'picture-added': 'added a picture',
  'export-begun': 'began an export',
  'export-removed': 'removed an export',
  lent: 'lent a lot',
  'lending-ended': 'ended the lending of a lot',
  'name-changed': 'changed a name',
  'session-ended': 'ended a session',
  'key-made': 'made a new signing key',
  'key-revoked': 'revoked a signing key',
  'places-published': 'let reports name places',
  'places-hidden': 'keeps places out of reports',
  'term-changed': 'changed how long addresses are kept',
  erased: 'erased data',
};

/** The particulars of an audit line, in the order in which they were noted. */
export function auditDetail(detail: Readonly<Record<string, unknown>>): string {
  const told = [
    'label',
    'title',
    'reason',
    'why',
    'to',
    'of',
    'before',
    'after',
    'table',
    'what',
    'address',
    'taken',
    'days',
  ];
  return told
    .flatMap((k) => (detail[k] === undefined || detail[k] === '' ? [] : [`${k} ${String(detail[k])}`]))
    .join(', ');
}
