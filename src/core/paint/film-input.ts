import { type CorrectionResult, correctedUm, correctionOf } from '../gauge/correction';
import type { AnyRecord } from '../kinds';
import { recordsOf } from '../records/reduce';
import type { FilmReading } from './film-reading';
import { FLAWS_AGAINST, type SeenMark } from './marks';

/** The correction of each visit's gauge by the visit's id; visits without a gauge have none. */
export function correctionsOf(
  records: readonly AnyRecord[] | ReadonlyMap<string, AnyRecord>,
): Map<string, CorrectionResult> {
  return new Map(
    recordsOf(records, 'visit').flatMap(({ id, body }) =>
      body.gauge ? [[id, correctionOf(body.gauge.checks)] as const] : [],
    ),
  );
}

/** The readings as the paint is judged by them: corrected by the check of the gauge they were taken with. */
export function filmReadings(records: readonly AnyRecord[] | ReadonlyMap<string, AnyRecord>): FilmReading[] {
  const corrections = correctionsOf(records);
  const visits = new Map(recordsOf(records, 'visit').map((v) => [v.id, v.body]));
  return recordsOf(records, 'reading').map(({ body: r }) => {
    const correction = r.visit ? corrections.get(r.visit) : undefined;
    const { zone, state, place } = r;
    const visit = r.visit ? visits.get(r.visit) : undefined;
    const thicknessUm = r.thicknessUm === null || !correction ? r.thicknessUm : correctedUm(r.thicknessUm, correction);
    return {
      zone,
      state,
      thicknessUm,
      place,
      ...(visit && { under: { temperatureC: visit.temperatureC, gauge: visit.gauge?.kind ?? null } }),
    };
  });
}

/** What was seen for or against the works' paint: marks, and findings of flaws that speak against it. */
export function seenMarks(records: readonly AnyRecord[] | ReadonlyMap<string, AnyRecord>): SeenMark[] {
  return [
    ...recordsOf(records, 'mark').map(({ body }) => ({ zone: body.zone, id: body.mark, withheld: false })),
    ...recordsOf(records, 'finding').flatMap(({ body }) =>
      body.flaw in FLAWS_AGAINST ? [{ zone: body.zone, id: body.flaw, withheld: body.withheld !== null }] : [],
    ),
  ];
}

/**
 * What the paint analysis is told of an inspection: corrected readings with the conditions of their visits, and marks. A
 * reading of no stated visit is under unknown conditions, unless there was only one visit.
 */
export function filmInput(records: readonly AnyRecord[] | ReadonlyMap<string, AnyRecord>): {
  readings: FilmReading[];
  marks: SeenMark[];
  temperatureC: number | null;
  gauge: 'magnetic' | 'eddy' | 'combined' | null;
} {
  const visits = recordsOf(records, 'visit');
  const last = visits.length === 1 ? visits[0]!.body : undefined;
  return {
    readings: filmReadings(records),
    marks: seenMarks(records),
    temperatureC: last?.temperatureC ?? null,
    gauge: last?.gauge?.kind ?? null,
  };
}
