import { type Plan, planOfCar } from '@/core/body/plan';
import { VIEWS, type View } from '@/core/body/zone';
import { flawById } from '@/core/catalogue/flaws/by-id';
import { severity } from '@/core/findings/loss';
import type { StoredRecord } from '@/core/kinds';
import { recordsOf } from '@/core/records/reduce';
import type { ThicknessUnit } from '@/core/units/thickness';
import { type NumberedFinding, numberedFindings } from '@/report/numbered';
import { sealedRecords } from '@/report/read-snapshot';
import type { Snapshot } from '@/report/snapshot';
import { CAUTION_WORDS } from '@/words/cautions';
import { dayText } from '@/words/dates';
import { GATE_WORDS } from '@/words/grade';
import { STRUCTURAL_LOSS_TEXT } from '@/words/report';
import { term, VIEW_WORDS } from '@/words/terms';
import type { Wording } from '@/words/vocabulary';
import { zoneName } from '@/words/zones';
import { PlanDrawing, type PlanPin } from '../body-plan/plan-drawing';
import { Claims, Conditions, NotSeen } from './report-circumstances';
import { FindingsList } from './report-findings';
import { FitTable } from './report-fit';
import { GradeSummary } from './report-grade';
import { PaintTable } from './report-paint';

export interface ReportViewProps {
  readonly snapshot: Snapshot;
  /** Parts of it that this program cannot read. */
  readonly unreadable?: readonly string[];
  readonly wording: Wording;
  readonly unit: ThicknessUnit;
  /** Address of a picture, without the size: the size and nothing else is added. */
  readonly photos: string;
  readonly state: 'draft' | 'sealed';
}

/** What a bidder reads: summary first, then every finding with its place and pictures, then what was not seen. */
export function ReportView(props: ReportViewProps) {
  const { snapshot, state } = props;
  const wording: Wording = { ...props.wording, steering: carOf(snapshot)?.steering ?? props.wording.steering };
  const { records, unreadable } = sealedRecords(snapshot.bundle);
  const lost = [...(props.unreadable ?? []), ...unreadable];
  const zone = snapshot.sale.timeZone;
  const car = recordsOf(records, 'car')[0]?.body;
  const plan = planOfCar(car);
  if (!car || !plan) return <p className="p-6">This report names no car that this program can draw.</p>;
  const findings = numberedFindings(records, plan);
  const photos = recordsOf(records, 'photo');
  const withheld = snapshot.results.withheld.reduce((s, w) => s + w.count, 0);
  return (
    <article className="mx-auto grid max-w-4xl gap-8 px-4 py-6">
      <header className="grid gap-4">
        <div className="flex items-start gap-4">
          <span className="grid h-14 min-w-14 shrink-0 place-items-center rounded-cut border-2 border-ink px-2 font-head text-2xl font-bold">
            {snapshot.bundle.lot.number}
          </span>
          <div className="min-w-0">
            <h1 className="text-2xl font-bold sm:text-3xl">
              {car.make} {car.model}
              {car.year ? `, ${car.year}` : ''}
            </h1>
            <p className="text-soft">
              {snapshot.sale.name}
              {snapshot.sale.closesOn && `, closes ${dayText(snapshot.sale.closesOn)}`}
            </p>
            <p className="mt-1">
              <span className="stamp">
                {state === 'sealed' ? `sealed ${dayText(snapshot.sealedAt, zone)}` : 'draft, not sealed'}
              </span>{' '}
              <span className="stamp">revision {snapshot.revision}</span>
            </p>
          </div>
        </div>
        <Unreadable parts={lost} />
        {snapshot.results.gates.length > 0 && (
          <ul className="grid gap-2">
            {snapshot.results.gates.map((g) => (
              <li key={g} className="border-l-4 border-pin bg-card px-4 py-3 font-semibold">
                {g === 'structural-loss' ? STRUCTURAL_LOSS_TEXT : GATE_WORDS[g as keyof typeof GATE_WORDS]}
              </li>
            ))}
          </ul>
        )}
        {!lost.includes('whole') && !lost.includes('coverage') && (
          <GradeSummary snapshot={snapshot} findings={findings.length} photos={photos.length} />
        )}
      </header>
      <Plans plan={plan} views={VIEWS} findings={findings} wording={wording} results={snapshot.results} />
      <FindingsList findings={findings} photos={photos} plan={plan} wording={wording} photoBase={props.photos} />
      {withheld > 0 && (
        <p className="border-l-4 border-ink bg-card px-4 py-3">
          {withheld} {withheld === 1 ? 'finding is' : 'findings are'} left out:{' '}
          {snapshot.results.withheld.map((w) => `${w.count}, ${w.reason}`).join('; ')}. The grade counts{' '}
          {withheld === 1 ? 'it' : 'them'}.
        </p>
      )}
      {!lost.includes('paint') && (
        <PaintTable snapshot={snapshot} wording={wording} unit={props.unit} records={records} />
      )}
      <FitTable plan={plan} snapshot={snapshot} records={records} wording={wording} />
      <Claims records={records} wording={wording} />
      {!lost.includes('notSeen') && <NotSeen snapshot={snapshot} wording={wording} />}
      <Conditions records={records} wording={wording} timeZone={zone} />
      <OtherPhotos
        photos={photos.filter((p) => !findings.some((f) => f.record.id === p.body.finding))}
        base={props.photos}
        wording={wording}
      />
      <section className="grid gap-2" aria-label="Cautions">
        <h2 className="text-xl font-bold">Cautions</h2>
        <ul className="grid list-disc gap-1.5 pl-5">
          {snapshot.results.cautions.map((c) => (
            <li key={c}>{CAUTION_WORDS[c]}</li>
          ))}
        </ul>
      </section>
    </article>
  );
}

/** What this program cannot read of a report that another version of it sealed; never passed over in silence. */
function Unreadable({ parts }: { parts: readonly string[] }) {
  if (parts.length === 0) return null;
  return (
    <p className="border-l-4 border-ink bg-card px-4 py-3">
      This page cannot show all that was sealed: {[...new Set(parts)].join(', ')}. The sealed file holds it whole; a
      newer version of the program shows it.
    </p>
  );
}

function carOf(snapshot: Snapshot): { steering?: 'left' | 'right' } | undefined {
  return snapshot.bundle.records.car?.[0]?.body as { steering?: 'left' | 'right' } | undefined;
}

function Plans({
  plan,
  views,
  findings,
  wording,
  results,
}: {
  plan: Plan;
  views: readonly View[];
  findings: readonly NumberedFinding[];
  wording: Wording;
  results: Snapshot['results'];
}) {
  const { notSeen } = results;
  const unseen = new Map(
    [...plan.zones.values()].map((z) => [
      z.slug,
      z.aspects.every((a) => notSeen.some((n) => n.zone === z.slug && n.aspects.includes(a))),
    ]),
  );
  const looks = new Map(
    [...unseen].map(([slug, bare]) => [
      slug,
      { unseen: bare, blocked: bare && notSeen.some((n) => n.zone === slug && n.why !== null) },
    ]),
  );
  const pinned = views.filter((v) => plan.lap[v].length > 0 && (v === 'outside' || findings.some((f) => f.view === v)));
  return (
    <section className="grid gap-4" aria-label="Plans">
      <h2 className="text-xl font-bold">Where it is</h2>
      {pinned.map((view) => {
        const pins: PlanPin[] = findings
          .filter((f) => f.view === view)
          .map((f) => ({
            id: f.record.id,
            zone: f.record.body.zone,
            place: f.record.body.place,
            family: flawById(f.record.body.flaw).family,
            severity: results.severity?.[f.record.id] ?? severity(f.record.body),
            number: f.number,
          }));
        return (
          <figure key={view} className="sheet p-2">
            <PlanDrawing
              plan={plan}
              view={view}
              looks={looks}
              pins={pins}
              named={view !== 'outside'}
              nameOf={(z) => zoneName(z, wording)}
              title={`Plan, ${term(VIEW_WORDS, view, wording.words)}`}
              className={view === 'outside' ? 'w-full' : 'mx-auto max-h-72 w-full'}
              sideWords={{ left: 'left', right: 'right' }}
            />
            <figcaption className="px-2 pb-1 text-sm text-soft first-letter:uppercase">
              {term(VIEW_WORDS, view, wording.words)}: numbers are the findings below; dashed pieces were not seen.
            </figcaption>
          </figure>
        );
      })}
    </section>
  );
}

function OtherPhotos({
  photos,
  base,
  wording,
}: {
  photos: readonly StoredRecord<'photo'>[];
  base: string;
  wording: Wording;
}) {
  if (photos.length === 0) return null;
  return (
    <section className="grid gap-3" aria-label="More pictures">
      <h2 className="text-xl font-bold">More pictures</h2>
      <ul className="grid grid-cols-2 gap-3 sm:grid-cols-3">
        {photos.map((p) => (
          <li key={p.id}>
            <a href={`${base}/${p.body.sha256}/2048`}>
              {/* biome-ignore lint/performance/noImgElement: derivatives are made by our own store */}
              <img
                src={`${base}/${p.body.sha256}/320`}
                alt={p.body.caption || p.body.name}
                width={320}
                height={240}
                loading="lazy"
                className="aspect-4/3 w-full rounded-cut border border-line object-cover"
              />
            </a>
            <p className="text-sm">
              {p.body.zone && `${zoneName(p.body.zone, wording)}: `}
              {p.body.caption || p.body.name} {p.body.drawn && <span className="stamp">drawn</span>}
            </p>
          </li>
        ))}
      </ul>
    </section>
  );
}
