import type { RecordKind } from '@/core/kinds';
import { KIND_WORDS as ALL } from './all';
import type { KindWords } from './kind-words';

/** Every kind of record in words; the compiler says which one is missing. */
export const KIND_WORDS = ALL satisfies { readonly [K in RecordKind]: KindWords<K> };

/** A kind's words as whoever tells records reads them, who asks none by name. */
export const wordsOf = (kind: RecordKind): KindWords<RecordKind> =>
  KIND_WORDS[kind] as unknown as KindWords<RecordKind>;
