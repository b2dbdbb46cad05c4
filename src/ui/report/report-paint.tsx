import { MARKS } from '@/core/catalogue/marks';
import type { AnyRecord } from '@/core/kinds';
import { recordsOf } from '@/core/records/reduce';
import { type ThicknessUnit, thicknessFigure, thicknessSign, thicknessText } from '@/core/units/thickness';
import type { Snapshot } from '@/report/snapshot';
import { colourText } from '@/words/colour';
import { markText } from '@/words/marks';
import { reasonText } from '@/words/paint';
import { likelyText } from '@/words/report';
import type { Wording } from '@/words/vocabulary';
import { WAVES_CAUTION, wavesText } from '@/words/waves';
import { zoneName } from '@/words/zones';
import { rampColour } from '../body-plan/ramp';
import { EvidenceStamp } from '../parts/evidence-stamp';

/** Chance of factory paint from which nothing more is said. */
const PLAINLY_FACTORY = 0.9;

/** Film thickness per panel with its doubt, judged under each school. */
export function PaintTable({
  snapshot,
  wording,
  unit,
  records,
}: {
  snapshot: Snapshot;
  wording: Wording;
  unit: ThicknessUnit;
  records: readonly AnyRecord[];
}) {
  const colours = recordsOf(records, 'colour');
  const waves = [...recordsOf(records, 'waves')].sort((a, b) => b.body.longMm.value - a.body.longMm.value);
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
          <Reasons snapshot={snapshot} wording={wording} unit={unit} />
        </>
      )}
      <MarkList records={records} wording={wording} />
      {waves.length > 0 && (
        <>
          <h3 className="font-bold">Waves by reflected stripes, the waviest panel first</h3>
          <ol className="grid gap-1 text-sm">
            {waves.map((w) => (
              <li key={w.id}>
                <strong>{zoneName(w.body.zone, wording)}</strong> {wavesText(w.body)}
              </li>
            ))}
          </ol>
          <p className="text-sm text-soft">{WAVES_CAUTION}</p>
        </>
      )}
      {colours.length > 0 && (
        <>
          <h3 className="font-bold">Colours compared on photographs</h3>
          <ul className="grid gap-1 text-sm">
            {colours.map((c) => (
              <li key={c.id}>
                <strong>{zoneName(c.body.zone, wording)}</strong> {colourText(c.body, wording)}
              </li>
            ))}
          </ul>
          <p className="text-sm text-soft">CIEDE2000 with a grey card in the picture. A camera is a screening tool.</p>
        </>
      )}
    </section>
  );
}

/** What was seen for and against the works' paint, panel by panel. */
function MarkList({ records, wording }: { records: readonly AnyRecord[]; wording: Wording }) {
  const marks = recordsOf(records, 'mark');
  if (marks.length === 0) return null;
  return (
    <>
      <h3 className="flex items-center gap-3 font-bold">
        Seen for and against factory paint <EvidenceStamp evidence="seen" />
      </h3>
      <ul className="grid gap-1 text-sm">
        {marks.map(({ id, body }) => (
          <li key={id}>
            <strong>{zoneName(body.zone, wording)}</strong> {MARKS[body.mark].speaks}:{' '}
            {markText(body.mark, wording.words)}
            {body.where && `, ${body.where}`}
          </li>
        ))}
      </ul>
    </>
  );
}

/** Why the panels that are not plainly factory paint are judged so. */
function Reasons({ snapshot, wording, unit }: { snapshot: Snapshot; wording: Wording; unit: ThicknessUnit }) {
  const school = snapshot.tables.profiles[0]?.id ?? '';
  const told = snapshot.results.paint.zones.filter(
    (z) => (z.reasons?.length ?? 0) > 0 && (z.state?.[school]?.factory ?? 1) < PLAINLY_FACTORY,
  );
  if (told.length === 0) return null;
  return (
    <details open>
      <summary className="min-h-9 content-center font-semibold">Why these panels are not called factory paint</summary>
      <dl className="grid gap-2 text-sm">
        {told.map((z) => (
          <div key={z.zone}>
            <dt className="font-semibold">{zoneName(z.zone, wording)}</dt>
            <dd>{z.reasons!.map((r) => reasonText(r, unit, wording.words)).join(' ')}</dd>
          </div>
        ))}
      </dl>
    </details>
  );
}
