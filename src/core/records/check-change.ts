import { type Plan, planOf } from '../body/plan';
import { ALL_ZONES, nearestZone } from '../body/slugs';
import { EVERYTHING_FITTED } from '../body/styles/options';
import { type BodyOf, KINDS, kindOf, type RecordKind, schemaNumber } from '../kinds';
import type { Anchor } from '../kinds/kind';
import { bodyWithDefaults, keptBeyond } from '../kinds/with-defaults';
import { type Change, type ChangeResult, changeSchema } from './change';
import { clip } from './clip';

export type CheckedChange =
  | Extract<Change, { op: 'remove' }>
  | (Extract<Change, { op: 'put' }> & { body: BodyOf<RecordKind> });

type Rejection = Extract<ChangeResult, { status: 'rejected' }>;

/** What the check needs to know of the inspection the change is meant for. */
export interface ChangeContext {
  /** The record as it stands, for what a program of an earlier schema does not know of it. */
  readonly present?: Readonly<Record<string, unknown>> | null;
  /** Body style of the car, or null when it is not yet stated: then any known zone will do. */
  readonly style: string | null;
}

/**
 * Checks one change by its schema, its kind's schema and the car's plan. Returns the change with defaults filled in,
 * or the rejection that tells what is wrong and, for a zone, which known one is nearest. Used by the gateway, the
 * command line and the screens alike; never throws.
 */
export function checkChange(
  input: unknown,
  context: ChangeContext,
): { ok: true; change: CheckedChange } | { ok: false; rejection: Rejection } {
  const outer = changeSchema.safeParse(input);
  if (!outer.success) {
    const id =
      typeof input === 'object' && input !== null && 'id' in input && typeof input.id === 'string'
        ? clip(input.id, 64)
        : '';
    const issue = outer.error.issues[0]!;
    if (isNewerKind(input)) return { ok: false, rejection: { id, ...updateFirst('record') } };
    return {
      ok: false,
      rejection: { id, status: 'rejected', reason: 'malformed', message: issue.message, path: issue.path.join('.') },
    };
  }
  const change = outer.data;
  if (change.op === 'remove') return { ok: true, change };
  const { kind, schema } = change;
  if (schema > schemaNumber(kind)) return { ok: false, rejection: { id: change.id, ...updateFirst(kind) } };
  const body = keptBeyond(kind, change.body, schema, context.present ?? null);
  const checked = checkBody(kind, body, context);
  if (!checked.ok) return { ok: false, rejection: { id: change.id, status: 'rejected', ...checked.problem } };
  return { ok: true, change: { ...change, body: checked.body } };
}

/** The answer to what a newer program entered. */
export function updateFirst(kind: string): Omit<Rejection, 'id'> {
  return {
    status: 'rejected',
    reason: 'update-first',
    message: `A newer program entered this ${kind}. It waits until this one is updated; nothing is lost.`,
  };
}

/** Whether a change says its schema number and is of a kind that this program does not know. */
function isNewerKind(input: unknown): boolean {
  if (typeof input !== 'object' || input === null || !('schema' in input) || !('kind' in input)) return false;
  const { kind, schema } = input;
  return Number.isInteger(schema) && typeof kind === 'string' && /^[a-z][a-z-]{1,30}$/.test(kind) && !(kind in KINDS);
}

/** Checks a body that was written by a schema number of its kind, 1 where none is said; a newer one is not read. */
export function checkWritten(
  kind: RecordKind,
  { schema = 1, body }: { readonly schema?: number | undefined; readonly body: unknown },
  context: ChangeContext,
): ReturnType<typeof checkBody> | { ok: false; problem: Omit<Rejection, 'id'> } {
  return schema > schemaNumber(kind) ? { ok: false, problem: updateFirst(kind) } : checkBody(kind, body, context);
}

/** The first field that a body holds and its kind does not know, as a path; null when there is none. */
function unknownField(given: unknown, taken: unknown): string | null {
  if (typeof given !== 'object' || given === null || typeof taken !== 'object' || taken === null) return null;
  for (const [key, value] of Object.entries(given)) {
    if (value === undefined) continue;
    if (!(key in taken)) return key;
    const inner = unknownField(value, (taken as Record<string, unknown>)[key]);
    if (inner !== null) return `${key}.${inner}`;
  }
  return null;
}

type BodyProblem = Omit<Rejection, 'id' | 'status'>;

/**
 * Checks a record's body by its kind's schema and the car's plan. A body of an earlier schema is read in the words of
 * this one; a field that the kind does not know is refused, so that nothing entered is dropped unseen.
 */
export function checkBody<K extends RecordKind>(
  kind: K,
  body: unknown,
  context: ChangeContext,
): { ok: true; body: BodyOf<K> } | { ok: false; problem: BodyProblem } {
  const filled =
    typeof body === 'object' && body !== null ? bodyWithDefaults(kind, body as Record<string, unknown>) : body;
  const parsed = KINDS[kind].schema.safeParse(filled);
  if (!parsed.success) {
    const issue = parsed.error.issues[0]!;
    const ask = issue.code === 'custom' && issue.params?.reason === 'ask-unit';
    return {
      ok: false,
      problem: { reason: ask ? 'ask-unit' : 'invalid', message: issue.message, path: issue.path.join('.') },
    };
  }
  const value = parsed.data as BodyOf<K>;
  const strange = unknownField(body, value);
  if (strange !== null) {
    return {
      ok: false,
      problem: { reason: 'invalid', path: strange, message: `A ${kind} has no field “${strange}”. Nothing was kept.` },
    };
  }
  const { on, problem: ownProblem } = kindOf(kind);
  const problem =
    on.map((anchor) => anchorProblem(anchor, value, context)).find((p) => p !== null) ??
    ownProblem?.(value as never) ??
    null;
  return problem ? { ok: false, problem } : { ok: true, body: value };
}

/** What a record lies on, as the car's plan knows it; before the style is stated any known zone will do. */
const ANCHORS: Readonly<
  Record<
    Anchor,
    {
      readonly reason: 'unknown-zone' | 'unknown-seam';
      readonly knows: (slug: string, plan: Plan | null) => boolean;
      readonly all: (plan: Plan | null) => Iterable<string>;
    }
  >
> = {
  zone: {
    reason: 'unknown-zone',
    knows: (slug, plan) => (plan ? plan.zones.has(slug) : ALL_ZONES.includes(slug)),
    all: (plan) => plan?.zones.keys() ?? ALL_ZONES,
  },
  seam: {
    reason: 'unknown-seam',
    knows: (slug, plan) => plan?.seams.has(slug) ?? true,
    all: (plan) => plan?.seams.keys() ?? [],
  },
};

function anchorProblem(anchor: Anchor, body: BodyOf<RecordKind>, { style }: ChangeContext): BodyProblem | null {
  const slug = (body as Partial<Record<Anchor, string | null>>)[anchor];
  if (slug === undefined || slug === null) return null;
  // An entry at a place that was fitted once stays good when the car's record says otherwise later.
  const plan = style === null ? null : planOf(style, { fitted: EVERYTHING_FITTED });
  const { reason, knows, all } = ANCHORS[anchor];
  if (knows(slug, plan)) return null;
  const nearest = nearestZone(slug, all(plan));
  return { reason, path: anchor, nearest, message: `This car has no ${anchor} “${slug}”. Nearest: ${nearest}.` };
}
