import type { Snapshot } from '@/core/report/snapshot';
import { type ThicknessUnit, thicknessFigure, thicknessSign, thicknessText } from '@/core/units/thickness';
import { likelyText } from '@/words/report';
import type { Wording } from '@/words/vocabulary';
import { zoneName } from '@/words/zones';
import { rampColour } from '../body-plan/ramp';
import { EvidenceStamp } from '../parts/evidence-stamp';

/** Film thickness per panel with its doubt, judged under each school. */
export function PaintTable({ snapshot, wording, unit }: { snapshot: Snapshot; wording: Wording; unit: ThicknessUnit }) {
  const { paint } = snapshot.results;
  const profiles = snapshot.tables.profiles;
  const zones = paint.zones.filter((z) => z.n > 0);
  return (
    <section className="grid gap-2" aria-label="Paint thickness">
      <h2 className="flex items-center gap-3 text-xl font-bold">
        Paint thickness <EvidenceStamp evidence="measured" />
      </h2>
      {zones.length === 0 ? (
        <p>No panel was measured with a thickness gauge.</p>
      ) : (
        <>
          <p className="text-sm">
            The car’s own level is{' '}
            <span className="figure">
              {paint.baselineUm.value === null
                ? `above ${thicknessText(paint.baselineUm.low ?? 0, unit)}`
                : `${thicknessFigure(paint.baselineUm.low ?? 0, unit)} to ${thicknessText(paint.baselineUm.high ?? 0, unit)}`}
            </span>
            . Readings at the gauge’s ceiling count as “at least that much”, never as a figure.
          </p>
          {/* biome-ignore lint/a11y/noNoninteractiveTabindex: a region that scrolls is reached by keyboard */}
          <section className="overflow-x-auto" aria-label="Paint thickness by panel" tabIndex={0}>
            <table className="w-full min-w-120 text-sm">
              <thead className="text-left text-xs text-soft">
                <tr>
                  <th className="py-1 pr-2 font-semibold">Panel</th>
                  <th className="pr-2 text-right font-semibold">Median, {thicknessSign(unit)}</th>
                  <th className="pr-2 text-right font-semibold">8 in 10</th>
                  <th className="pr-2 text-right font-semibold">Readings</th>
                  {profiles.map((p) => (
                    <th key={p.id} className="pr-2 font-semibold">
                      {p.name} school
                    </th>
                  ))}
                </tr>
              </thead>
              <tbody>
                {zones.map((z) => (
                  <tr key={z.zone} className="border-t border-line">
                    <th scope="row" className="py-1.5 pr-2 text-left font-semibold">
                      <span
                        className="mr-2 inline-block size-3 border border-ink/50 align-middle"
                        style={{ background: rampColour(z.medianUm.value ?? z.medianUm.low ?? 0).fill }}
                      />
                      {zoneName(z.zone, wording)}
                    </th>
                    <td className="figure pr-2 text-right">
                      {z.medianUm.value === null
                        ? `≥ ${thicknessFigure(z.medianUm.low ?? 0, unit)}`
                        : thicknessFigure(z.medianUm.value, unit)}
                    </td>
                    <td className="figure pr-2 text-right text-xs">
                      {z.medianUm.value === null
                        ? 'not known'
                        : `${thicknessFigure(z.medianUm.low ?? 0, unit)}–${thicknessFigure(z.medianUm.high ?? 0, unit)}`}
                    </td>
                    <td className="figure pr-2 text-right text-xs">
                      {z.n}
                      {z.over > 0 && `, ${z.over} over`}
                      {!z.enough && ' (few)'}
                    </td>
                    {profiles.map((p) => (
                      <td key={p.id} className="pr-2">
                        {likelyText(z.state?.[p.id])}
                      </td>
                    ))}
                  </tr>
                ))}
              </tbody>
            </table>
          </section>
        </>
      )}
    </section>
  );
}
