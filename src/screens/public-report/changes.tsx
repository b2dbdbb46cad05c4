import { planOfCar } from '@/core/body/plan';
import { VIEWS } from '@/core/body/zone';
import type { BodyOf } from '@/core/kinds';
import type { RecordChange } from '@/core/records/record-change';
import type { ThicknessUnit } from '@/core/units/thickness';
import type { Snapshot } from '@/report/snapshot';
import { PlanDrawing } from '@/ui/body-plan/plan-drawing';
import { plural } from '@/words/plural';
import { recordChangeText } from '@/words/record';
import { term, VIEW_WORDS } from '@/words/terms';
import type { Wording } from '@/words/vocabulary';
import { zoneName } from '@/words/zones';

/** Lines of change shown before the rest is folded away. */
const CHANGES_SHOWN = 12;

/** What a revision changed, above the report: each record as it was and as it is. */
export function Changes({
  corrects,
  changes,
  car,
  base,
  wording,
  unit,
}: {
  corrects: NonNullable<Snapshot['corrects']>;
  changes: readonly RecordChange[];
  car: BodyOf<'car'> | null;
  base: string;
  wording: Wording;
  unit: ThicknessUnit;
}) {
  const lines = changes.map((c) => recordChangeText(c, wording, unit));
  const item = (text: string, i: number) => (
    <li key={i} className="first-letter:uppercase">
      {text}
    </li>
  );
  return (
    <section className="mx-auto grid max-w-4xl gap-2 px-4 pt-6" aria-label="What changed">
      <div className="sheet grid gap-2 p-4">
        <h2 className="text-xl font-bold">What changed since revision {corrects.revision}</h2>
        <p>
          <strong>Why:</strong> {corrects.reason}
        </p>
        {lines.length === 0 && <p className="text-sm">No entry differs.</p>}
        <ul className="grid list-disc gap-1 pl-5 text-sm">{lines.slice(0, CHANGES_SHOWN).map(item)}</ul>
        {lines.length > CHANGES_SHOWN && (
          <details className="text-sm">
            <summary className="min-h-9 content-center font-semibold">
              {plural(lines.length - CHANGES_SHOWN, 'more change')}
            </summary>
            <ul className="grid list-disc gap-1 pl-5">{lines.slice(CHANGES_SHOWN).map(item)}</ul>
          </details>
        )}
        <ChangedPlaces changes={changes} car={car} wording={wording} />
        <a className="text-sm underline" href={`${base}?revision=${corrects.revision}`}>
          Open revision {corrects.revision} as it was sealed
        </a>
      </div>
    </section>
  );
}

/** Zones that a change speaks of, before it and after it. */
const zonesOf = ({ before, after }: RecordChange): string[] =>
  [before, after].flatMap((body) => {
    const zone = (body as { zone?: unknown } | null)?.zone;
    return typeof zone === 'string' ? [zone] : [];
  });

/** The places that changed, on the plan. */
function ChangedPlaces({
  changes,
  car,
  wording,
}: {
  changes: readonly RecordChange[];
  car: BodyOf<'car'> | null;
  wording: Wording;
}) {
  const plan = planOfCar(car);
  const changed = new Set(changes.flatMap(zonesOf));
  if (!plan || changed.size === 0) return null;
  const looks = new Map([...changed].map((zone) => [zone, { fill: 'var(--tape)' }]));
  const views = VIEWS.filter((v) => [...changed].some((z) => plan.zones.get(z)?.view === v));
  return (
    <div className="grid gap-2 sm:grid-cols-2">
      {views.map((view) => (
        <figure key={view}>
          <PlanDrawing
            plan={plan}
            view={view}
            looks={looks}
            nameOf={(z) => zoneName(z, wording)}
            title={`What changed, ${term(VIEW_WORDS, view, wording.words)}`}
            className="max-h-56 w-full"
          />
          <figcaption className="text-sm text-soft">
            What changed, {term(VIEW_WORDS, view, wording.words)}: filled.
          </figcaption>
        </figure>
      ))}
    </div>
  );
}
