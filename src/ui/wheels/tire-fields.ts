import type { BodyOf } from '@/core/kinds';
import { figureOf } from '@/core/units/figure';
import { NotYet } from '../records/use-record-form';

type Body = BodyOf<'tire'>;

/** A tire as the sheet's fields hold it. */
export interface TireFields {
  maker: string;
  line: string;
  size: string;
  code: string;
  service: string;
  ply: Body['ply'];
  whiteWall: boolean;
  tread: string;
  faults: Body['faults'];
  wheel: Body['wheel'];
  note: string;
}

/** What the sheet begins with: the record, or what the other wheels say of maker, line and size. */
export const tireFields = (b: Body | null, like: Body | null): TireFields => ({
  maker: b?.maker ?? like?.maker ?? '',
  line: b?.line ?? like?.line ?? '',
  size: b?.size ?? like?.size ?? '',
  code: b?.code ?? '',
  service: b?.service ?? like?.service ?? '',
  ply: b?.ply ?? like?.ply ?? 'unknown',
  whiteWall: b?.whiteWall ?? like?.whiteWall ?? false,
  tread: b?.treadMm?.toString() ?? '',
  faults: b?.faults ?? [],
  wheel: b?.wheel ?? [],
  note: b?.note ?? '',
});

/** The tire that the fields say, on a wheel or, for null, the spare. */
export function tireBody(given: TireFields, before: Body | null, zone: string | null, now: string): object {
  const tread = figureOf(given.tread);
  if (tread === 'bad') throw new NotYet(`“${given.tread}” is no depth in mm.`);
  const { tread: _, ...rest } = given;
  return { ...before, ...rest, zone, treadMm: tread, at: before?.at ?? now };
}
