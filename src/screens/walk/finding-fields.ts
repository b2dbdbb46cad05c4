import type { BodyOf } from '@/core/kinds';
import type { Evidence } from '@/core/kinds/common';
import { figureOf } from '@/core/units/figure';
import { NotYet } from '@/ui/records/use-record-form';

/** A finding as the sheet's fields hold it. */
export interface FindingFields {
  flaw: string | null;
  iso4628: BodyOf<'finding'>['iso4628'];
  count: number;
  sizeMm: string;
  share: string;
  where: string;
  visibleFromM: string;
  evidence: Evidence;
  touchedIn: boolean;
  magnet: '' | NonNullable<BodyOf<'finding'>['magnet']>;
  active: BodyOf<'finding'>['active'];
  treated: BodyOf<'finding'>['treated'];
  joined: '' | NonNullable<BodyOf<'finding'>['joined']>;
  outline: BodyOf<'finding'>['outline'];
  note: string;
  withheld: string;
}

export const findingFields = (b: BodyOf<'finding'> | null): FindingFields => ({
  flaw: b?.flaw ?? null,
  iso4628: b?.iso4628 ?? null,
  count: b?.count ?? 1,
  sizeMm: b?.sizeMm?.toString() ?? '',
  share: b?.share ? String(b.share * 100) : '',
  where: b?.where ?? '',
  visibleFromM: b?.visibleFromM?.toString() ?? '',
  evidence: b?.evidence ?? 'seen',
  touchedIn: b?.touchedIn ?? false,
  magnet: b?.magnet ?? '',
  active: b?.active ?? 'unknown',
  treated: b?.treated ?? 'unknown',
  joined: b?.joined ?? '',
  outline: b?.outline ?? null,
  note: b?.note ?? '',
  withheld: b?.withheld ?? '',
});

function figure(text: string): number | null {
  const value = figureOf(text);
  if (value === 'bad') throw new NotYet(`“${text}” is no number.`);
  return value;
}

/** The finding that the fields say, at a place of a zone, on top of what was there. */
export function findingBody(
  given: FindingFields,
  before: BodyOf<'finding'> | null,
  at: {
    readonly zone: string;
    readonly place: BodyOf<'finding'>['place'];
    readonly now: string;
    readonly scaled: boolean;
  },
): object {
  if (!given.flaw) throw new NotYet('Choose what it is first.');
  const share = figure(given.share);
  return {
    ...before,
    zone: at.zone,
    flaw: given.flaw,
    count: given.count,
    sizeMm: figure(given.sizeMm),
    share: share === null ? null : share / 100,
    iso4628: at.scaled ? given.iso4628 : null,
    where: given.where,
    visibleFromM: figure(given.visibleFromM),
    evidence: given.evidence,
    touchedIn: given.touchedIn,
    magnet: given.magnet || null,
    active: given.active,
    treated: given.treated,
    joined: given.joined || null,
    outline: given.outline,
    note: given.note,
    withheld: given.withheld.trim() || null,
    place: before?.place ?? at.place,
    at: before?.at ?? at.now,
  };
}
