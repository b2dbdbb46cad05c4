import type { AlongThing } from '../src/core/catalogue/along';
import type { DemoVisit } from './visit';

/** What a demo car's papers, numbers and parts say. */
export interface DemoPapers {
  readonly numbers?: readonly (readonly [place: string, asRead: string, more?: object])[];
  readonly dates?: readonly (readonly [part: string, code: string])[];
  readonly papers?: readonly object[];
  /** Readings on service records: day and what was shown. */
  readonly services?: readonly (readonly [on: string, value: number])[];
  readonly unit?: 'km' | 'mi';
  readonly keepers?: readonly object[];
  readonly parts?: readonly (readonly [part: string | null, state: string, more?: object])[];
  readonly restored?: readonly object[];
  /** Marks looked for by hand, for and against claims. */
  readonly proofs?: readonly (readonly [mark: string, where?: string])[];
  /** What comes with it, or was looked for and is not there. */
  readonly along?: readonly (readonly [thing: AlongThing, there?: boolean, more?: object])[];
  readonly standoff?: object;
}

/** Enters them on the visit. */
export function enterPapers(v: DemoVisit, p: DemoPapers): void {
  for (const [place, asRead, more] of p.numbers ?? []) v.put('number', { place, asRead, ...more, at: v.at() });
  for (const [part, code] of p.dates ?? []) v.put('dated', { part, code, at: v.at() });
  for (const paper of p.papers ?? []) v.put('paper', { ...paper, at: v.at() });
  for (const [on, value] of p.services ?? [])
    v.put('paper', { sort: 'service', on, odometer: { value, unit: p.unit ?? 'km' }, at: v.at() });
  for (const keeper of p.keepers ?? []) v.put('keeper', { ...keeper, at: v.at() });
  for (const [part, state, more] of p.parts ?? []) v.put('part', { part, state, ...more, at: v.at() });
  for (const work of p.restored ?? []) v.put('restored', { ...work, at: v.at() });
  for (const [thing, there = true, more] of p.along ?? []) v.put('along', { thing, there, ...more, at: v.at() });
  if (p.standoff) v.put('standoff', { ...p.standoff, at: v.at() });
  for (const [mark, where] of p.proofs ?? []) v.put('proof', { mark, where: where ?? '', at: v.at() });
}
