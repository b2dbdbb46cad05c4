import type { RecordKind } from '@/core/kinds';
import { car } from './car';
import { claim } from './claim';
import { colour } from './colour';
import { finding } from './finding';
import { gap } from './gap';
import type { KindWords } from './kind-words';
import { look } from './look';
import { mark } from './mark';
import { photo } from './photo';
import { reading } from './reading';
import { shut } from './shut';
import { stance } from './stance';
import { visit } from './visit';
import { waves } from './waves';

/** Every kind of record in words; the compiler says which one is missing. */
export const KIND_WORDS = {
  car,
  visit,
  look,
  reading,
  finding,
  photo,
  claim,
  colour,
  mark,
  waves,
  gap,
  shut,
  stance,
} as const satisfies { readonly [K in RecordKind]: KindWords<K> };

/** A kind's words as whoever tells records reads them, who asks none by name. */
export const wordsOf = (kind: RecordKind): KindWords<RecordKind> =>
  KIND_WORDS[kind] as unknown as KindWords<RecordKind>;
