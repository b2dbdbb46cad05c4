import type { BodyOf, RecordKind } from '@/core/kinds';
import type { ThicknessUnit } from '@/core/units/thickness';
import type { Wording } from '../vocabulary';

/** What a kind of record is called, and the sentence that says one, without its zone. */
export interface KindWords<K extends RecordKind> {
  readonly name: string;
  readonly says: (body: BodyOf<K>, wording: Wording) => string;
  /** The same in one unit, whichever it was typed in: for telling two versions apart. Where units matter. */
  readonly saysIn?: (body: BodyOf<K>, unit: ThicknessUnit, wording: Wording) => string;
}
