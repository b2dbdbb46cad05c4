import type { Plan } from '@/core/body/plan';
import { VIEWS } from '@/core/body/zone';
import type { EntryOnRecord, GroupOnRecord } from '@/report/on-record';
import { PlanDrawing } from '@/ui/body-plan/plan-drawing';
import { EvidenceStamp } from '@/ui/parts/evidence-stamp';
import { FarvinMark } from '@/ui/parts/farvin-mark';
import { ReaderMenu } from '@/ui/parts/reader-menu';
import { MomentLink } from '@/ui/report/moment-link';
import { Picture } from '@/ui/report/picture-block';
import { PictureViewer } from '@/ui/report/picture-viewer';
import { momentText } from '@/words/dates';
import { filmTime } from '@/words/film-time';
import { plural } from '@/words/plural';
import { term, VIEW_WORDS } from '@/words/terms';
import type { Wording } from '@/words/vocabulary';
import { zoneName } from '@/words/zones';

/** Entries of one page; a table of more is read in the file. */
const MOST = 300;

/** What stands behind a statement of a report: the sealed records themselves, each with its pictures and moments. */
export function OnRecord({
  title,
  back,
  base,
  groups,
  plan,
  wording,
  timeZone,
  revision,
}: {
  title: string;
  back: string;
  base: string;
  groups: readonly GroupOnRecord[];
  plan: Plan;
  wording: Wording;
  timeZone: string | undefined;
  revision: number;
}) {
  const all = groups.reduce((n, g) => n + g.entries.length, 0);
  let left = MOST;
  const shown = groups.flatMap((g) => {
    const entries = g.entries.slice(0, Math.max(0, left));
    left -= entries.length;
    return entries.length > 0 ? [{ ...g, entries }] : [];
  });
  return (
    <>
      <header className="border-b border-line bg-card">
        <div className="mx-auto flex max-w-4xl items-center gap-3 px-4 py-2">
          <FarvinMark size={24} />
          <a href={back} className="min-h-11 flex-1 content-center text-sm underline underline-offset-4">
            Back to the report
          </a>
          <ReaderMenu compact signOut={false} />
        </div>
      </header>
      <main className="mx-auto grid max-w-4xl grid-cols-[minmax(0,1fr)] gap-5 px-4 py-6">
        <div>
          <h1 className="text-2xl font-bold">On record</h1>
          <p className="text-soft">
            {title}, revision {revision}
          </p>
        </div>
        {all === 0 ? (
          <p>
            Nothing is on record here: nobody looked, or what was found is held back. Nothing unseen counts as good.
          </p>
        ) : (
          <p>
            {plural(all, 'entry', 'entries')} as sealed{groups.length > 1 && `, at ${plural(groups.length, 'place')}`}.
            {all > MOST && ` The first ${MOST} stand here; the file holds all.`}
          </p>
        )}
        <Where zones={[...new Set(groups.flatMap((g) => g.zones))]} plan={plan} wording={wording} />
        <PictureViewer />
        {shown.map((g) => (
          <section key={g.place} aria-label={g.place} className="grid gap-1">
            <h2 className="border-b-2 border-ink pb-1 text-lg font-bold">{g.place}</h2>
            <ul className="divide-y divide-line">
              {g.entries.map((e) => (
                <Entry key={e.id} entry={e} base={base} timeZone={timeZone} />
              ))}
            </ul>
            <details className="text-sm">
              <summary className="min-h-9 w-fit content-center text-soft">As sealed, letter by letter</summary>
              {/* biome-ignore lint/a11y/noNoninteractiveTabindex: a region that scrolls is reached by keyboard */}
              <pre className="max-h-96 overflow-auto border border-line bg-card p-2 text-xs" tabIndex={0}>
                <code className="figure">{g.entries.map((e) => e.sealed).join('\n')}</code>
              </pre>
            </details>
          </section>
        ))}
        {all > 0 && (
          <p className="text-sm text-soft">
            Each stands in{' '}
            <a className="underline" href={`${base}/report.json`}>
              the sealed file
            </a>{' '}
            under its id; how to check that file is told at the end of the report.
          </p>
        )}
      </main>
    </>
  );
}

function Entry({ entry: e, base, timeZone }: { entry: EntryOnRecord; base: string; timeZone: string | undefined }) {
  return (
    <li id={e.id} className="grid gap-1 py-1.5">
      <p className="flex flex-wrap items-baseline gap-x-2 gap-y-0">
        <span className="text-sm text-soft">{e.name}</span>
        <strong className="min-w-0 break-words">{e.says}</strong>
        <EvidenceStamp evidence={e.evidence} />
        {e.at && <span className="ml-auto text-xs text-soft">{momentText(e.at, timeZone)}</span>}
      </p>
      {e.moments.map((m) => (
        <p key={`${m.film} ${m.fromS}`} className="flex flex-wrap items-center gap-2 text-sm">
          <MomentLink moment={m} films={`${base}/films`} className="btn btn-small">
            In the film at {filmTime(m.fromS)}
          </MomentLink>
          {m.words && <q>{m.words}</q>}
        </p>
      ))}
      {e.pictures.length > 0 && (
        <ul className="flex flex-wrap gap-2">
          {e.pictures.map((p) => (
            <li key={p.sha256} className="relative">
              <Picture picture={p} photos={`${base}/photos`} className="w-60 max-w-full" />
            </li>
          ))}
        </ul>
      )}
    </li>
  );
}

/** The places spoken of, filled on the plan. */
function Where({ zones, plan, wording }: { zones: readonly string[]; plan: Plan; wording: Wording }) {
  const looks = new Map(zones.map((zone) => [zone, { fill: 'var(--tape)' }]));
  const views = VIEWS.filter((v) => zones.some((z) => plan.zones.get(z)?.view === v));
  if (views.length === 0) return null;
  return (
    <div className="grid gap-2 sm:grid-cols-2">
      {views.map((view) => (
        <PlanDrawing
          key={view}
          plan={plan}
          view={view}
          looks={looks}
          nameOf={(z) => zoneName(z, wording)}
          title={`Where it is on record, ${term(VIEW_WORDS, view, wording.words)}`}
          className="max-h-52 w-full"
        />
      ))}
    </div>
  );
}
