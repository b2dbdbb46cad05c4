import { KINDS, kindOf, type RecordKind } from '@/core/kinds';

/** A text of something sent that nobody has checked yet; null where there is none. */
export const textOf = (value: unknown, key: string): string | null => {
  const v = typeof value === 'object' && value !== null ? (value as Record<string, unknown>)[key] : undefined;
  return typeof v === 'string' ? v : null;
};
const UUID = /^[0-9a-f]{8}-[0-9a-f]{4}-[1-8][0-9a-f]{3}-[89ab][0-9a-f]{3}-[0-9a-f]{12}$/i;
/** The ids that changes name under a key, each once, in lower case. */
export const uuids = (changes: readonly unknown[], key: string) => [
  ...new Set(
    changes
      .map((c) => textOf(c, key))
      .filter((v): v is string => v !== null && UUID.test(v))
      .map((v) => v.toLowerCase()),
  ),
];

/** Hash of the stored file that a body describes, for kinds that describe one. */
export function fileNamed(kind: string | null, body: unknown): string | null {
  if (kind === null || !Object.hasOwn(KINDS, kind) || typeof body !== 'object' || body === null) return null;
  const sha = kindOf(kind as RecordKind).file?.(body as never);
  return typeof sha === 'string' ? sha : null;
}
