import type { Plan } from '@/core/body/plan';
import type { AnyRecord } from '@/core/kinds';
import { recordsOf } from '@/core/records/reduce';
import type { Snapshot } from '@/report/snapshot';
import { correctionText, FIT_VERDICT_WORDS, hintText, seamName, shutText, stanceText } from '@/words/fit';
import type { Wording } from '@/words/vocabulary';
import { zoneName } from '@/words/zones';
import { PlanDrawing } from '../body-plan/plan-drawing';
import { SeamMarks } from '../body-plan/seam-marks';
import { EvidenceStamp } from '../parts/evidence-stamp';

/** How the panels meet: each measured seam, where doors hang, what shuts how. Nothing where nothing was measured. */
export function FitTable({
  plan,
  snapshot,
  records,
  wording,
}: {
  plan: Plan;
  snapshot: Snapshot;
  records: readonly AnyRecord[];
  wording: Wording;
}) {
  const { fit } = snapshot.results;
  const shuts = recordsOf(records, 'shut');
  const stance = recordsOf(records, 'stance').at(-1);
  if (!fit && shuts.length === 0 && !stance) return null;
  return (
    <section className="grid gap-2" aria-label="Panel fit">
      <h2 className="flex items-center gap-3 text-xl font-bold">
        Panel fit <EvidenceStamp evidence="measured" />
      </h2>
      {fit && (
        <>
          <p className="text-sm">
            Gaps are judged against the era of the car ({nominalsText(fit.seams)}) and against its own other side, not
            against a modern car.
          </p>
          <SeamPlan plan={plan} fit={fit} wording={wording} />
          {/* biome-ignore lint/a11y/noNoninteractiveTabindex: a region that scrolls is reached by keyboard */}
          <section className="overflow-x-auto" aria-label="Gaps by seam" tabIndex={0}>
            <table className="w-full min-w-120 text-sm">
              <thead className="text-left text-xs text-soft">
                <tr>
                  <th className="py-1 pr-2 font-semibold">Seam</th>
                  <th className="pr-2 text-right font-semibold">Mean, mm</th>
                  <th className="pr-2 text-right font-semibold">8 in 10</th>
                  <th className="pr-2 text-right font-semibold">Range</th>
                  <th className="pr-2 text-right font-semibold">In tolerance</th>
                  <th className="text-right font-semibold">Flush within</th>
                </tr>
              </thead>
              <tbody>
                {fit.seams.map((s) => (
                  <tr key={s.seam} className="border-t border-line">
                    <th scope="row" className="py-1.5 pr-2 text-left font-semibold">
                      {seamName(s.seam, wording)}
                    </th>
                    <td className="figure pr-2 text-right">{s.meanMm.value?.toFixed(1) ?? '–'}</td>
                    <td className="figure pr-2 text-right text-xs">
                      {s.meanMm.low === null ? '–' : `${s.meanMm.low.toFixed(1)}–${s.meanMm.high!.toFixed(1)}`}
                    </td>
                    <td className="figure pr-2 text-right">{s.rangeMm.toFixed(1)}</td>
                    <td className="figure pr-2 text-right">
                      {s.within === null ? '–' : `${Math.round(100 * s.within)} %`}
                    </td>
                    <td className="figure text-right">
                      {s.worstFlushMm === null ? '–' : `${Math.abs(s.worstFlushMm).toFixed(1)} mm`}
                    </td>
                  </tr>
                ))}
              </tbody>
            </table>
          </section>
          <ul className="grid gap-1 text-sm">
            {fit.panels.length > 0 && (
              <li>
                <EvidenceStamp evidence="inferred" />
              </li>
            )}
            {fit.panels.map((p) => (
              <li key={p.zone}>
                <strong>{zoneName(p.zone, wording)}</strong> {FIT_VERDICT_WORDS[p.verdict]}.{' '}
                {p.verdict === 'adjust' && correctionText(plan.zones.get(p.zone)?.hung, p.hinges, p.latch)}
              </li>
            ))}
          </ul>
          {fit.hints.length > 0 && (
            <p className="flex flex-wrap items-center gap-2 text-sm">
              <EvidenceStamp evidence="inferred" />
              {fit.hints.map((h) => hintText(h, wording)).join(' ')}
            </p>
          )}
        </>
      )}
      {shuts.map((s) => (
        <p key={s.id} className="text-sm">
          <strong>{zoneName(s.body.zone, wording)}</strong> {shutText(s.body)}.
        </p>
      ))}
      {stance && <p className="text-sm">Height of the wheel arches: {stanceText(stance.body)}.</p>}
    </section>
  );
}

/** The nominal gaps that the seams were judged by: "4.5 mm", "4.5 and 6 mm by seam". */
function nominalsText(seams: readonly { nominalMm: number }[]): string {
  const all = [...new Set(seams.map((s) => s.nominalMm))];
  return all.length === 1 ? `${all[0]} mm` : `${all.join(' and ')} mm by seam`;
}

/**
 * The seams on the plan as they were sealed: the mean gap of each, and a notch at every place that was measured. Reports
 * sealed before the places were kept have no such plan.
 */
function SeamPlan({
  plan,
  fit,
  wording,
}: {
  plan: Plan;
  fit: NonNullable<Snapshot['results']['fit']>;
  wording: Wording;
}) {
  const marked = fit.seams.flatMap(({ goodMm, flushGoodMm, stations, ...s }) =>
    goodMm === undefined || flushGoodMm === undefined || !stations
      ? []
      : [
          {
            ...s,
            goodMm,
            flushGoodMm,
            stations: stations.map((p) => ({ ...p, gap: p.gapMm === null ? null : { value: p.gapMm } })),
          },
        ],
  );
  if (marked.length === 0) return null;
  return (
    <figure className="sheet p-2">
      <PlanDrawing
        plan={plan}
        view="outside"
        looks={new Map()}
        nameOf={(z) => zoneName(z, wording)}
        title="Plan of the seams"
        className="w-full"
        sideWords={{ left: 'left', right: 'right' }}
        over={
          <SeamMarks plan={plan} fits={new Map(marked.map((s) => [s.seam, s]))} nameOf={(s) => seamName(s, wording)} />
        }
      />
      <figcaption className="px-2 pb-1 text-sm text-soft">
        Mean gap in mm. Notches are the places measured: pale near the nominal gap, dark at the tolerance and beyond.
        Dashed seams were not measured.
      </figcaption>
    </figure>
  );
}
