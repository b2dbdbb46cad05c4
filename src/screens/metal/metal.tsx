'use client';

import { useMemo } from 'react';
import type { JudgedMetal } from '@/core/metal/model';
import type { WeakPlace } from '@/core/metal/weak-places';
import { weakDots } from '@/ui/body-plan/weak-dots';
import { AspectChapter } from '@/ui/chapter/aspect-chapter';
import { ToWalk } from '@/ui/chapter/aspect-findings';
import { useWording } from '@/ui/preferences';
import { useCar, useJudged, useRecords } from '@/ui/records/inspection';
import { BUILD_WORDS, raisedText, readingText, reasonText, resultsText, SPOT_MEANS, TEST_WORDS } from '@/words/metal';
import { plural } from '@/words/plural';
import { rustText, SHARE_CAUTION } from '@/words/shares';
import { zoneName } from '@/words/zones';
import { Bays } from './bays';
import { HowLong } from './how-long';
import { METAL_ASPECTS } from './metal-aspects';

const LEGEND =
  'Lozenge: a weak spot; dashed while nobody was there, yellow where its water was found, filled where rust or water was found.';
/** How many of the next looks are listed. */
const NEXT_LISTED = 6;

/** Where it rusts: weak spots on the plan, what to look at next and why, what the tests say, how long it lasts. */
export function Metal() {
  const judged = useJudged((j) => j.judgement?.metal ?? null);
  const dots = useMemo(() => (judged ? weakDots(judged.places) : undefined), [judged]);
  return (
    <AspectChapter title="Metal" aspects={METAL_ASPECTS} {...(dots && { dots, legend: LEGEND })}>
      {judged && (
        <>
          <Alarm />
          <LookNext judged={judged} />
          {judged.spots.length > 0 && <Tests judged={judged} />}
          <Bays />
          <Rusted />
          <HowLong wasting={judged.wasting} />
        </>
      )}
    </AspectChapter>
  );
}

/** Lost structure, before anything else. */
function Alarm() {
  const { car } = useCar();
  const wording = useWording(car?.steering);
  const structural = useJudged((j) => j.judgement?.findings.structural ?? null);
  if (!structural || structural.length === 0) return null;
  const places = [...new Set(structural.map((f) => zoneName(f.body.zone, wording)))];
  return (
    <section role="alert" className="border-b-4 border-pin p-4" aria-label="Structural loss">
      <h2 className="text-lg font-bold">Structural loss: {places.join(', ')}</h2>
      <p className="text-sm">
        Not to be driven, not to be lifted by it. It caps the grade and stands on the report’s first page. Steering,
        spring, brake and belt mounts are for a qualified repairer.
      </p>
    </section>
  );
}

function LookNext({ judged }: { judged: JudgedMetal }) {
  const { places, next, build } = judged;
  const { car } = useCar();
  const wording = useWording(car?.steering);
  const seen = places.filter((p) => p.state !== 'unseen').length;
  return (
    <section className="grid gap-2 border-b border-line p-4" aria-label="Look next">
      <h2 className="text-lg font-bold">Look next</h2>
      <p className="text-sm text-soft first-letter:uppercase">
        {build ? `${BUILD_WORDS[build]}: ` : 'Construction not stated at intake: only what all steel cars have. '}
        {places.length === 0
          ? 'no weak spot is listed for it.'
          : `${seen} of ${plural(places.length, 'weak spot', 'weak spots')} looked at.`}
      </p>
      {next.length > 0 && (
        <ol className="grid gap-1.5">
          {next.slice(0, NEXT_LISTED).map((p) => (
            <li
              key={p.id}
              className={`border px-2 py-1.5 text-sm ${p.raisedBy.length > 0 ? 'border-ink/60 bg-tape/40' : 'border-dashed border-ink/50'}`}
            >
              <ToWalk zone={p.zone}>
                <strong>{zoneName(p.zone, wording)}</strong>
              </ToWalk>
              , {p.where} <Raised place={p} all={places} />
            </li>
          ))}
        </ol>
      )}
      {next.length > NEXT_LISTED && (
        <p className="text-sm text-soft">
          and {plural(next.length - NEXT_LISTED, 'more', 'more')}, dashed on the plan.
        </p>
      )}
    </section>
  );
}

function Raised({ place, all }: { place: WeakPlace; all: readonly WeakPlace[] }) {
  const { car } = useCar();
  const wording = useWording(car?.steering);
  const text = raisedText(place, all, wording);
  return text ? <span className="block">{text}</span> : null;
}

function Tests({ judged }: { judged: JudgedMetal }) {
  const { car } = useCar();
  const wording = useWording(car?.steering);
  return (
    <section className="grid gap-2 border-b border-line p-4" aria-label="Tests">
      <h2 className="text-lg font-bold">Tried at a spot</h2>
      <ul className="grid gap-2 text-sm">
        {judged.spots.map(({ id, zone, results, reading }) => (
          <li key={id} className="border-l-2 border-ink/50 pl-2">
            <ToWalk zone={zone}>
              <strong>{zoneName(zone, wording)}</strong>
            </ToWalk>
            : {readingText(reading)}. {reading.ok && SPOT_MEANS[reading.verdict]}
            <span className="block text-soft">{resultsText(results)}</span>
            {reading.ok &&
              reading.against.map(([a, b]) => (
                <span key={`${a.test}/${b.test}`} className="block border-l-4 border-pin pl-2">
                  {reasonText(a)}; but {reasonText(b).toLowerCase()}
                </span>
              ))}
            {reading.ok && reading.next && reading.verdict === 'undecided' && (
              <span className="block">Tells most next: {TEST_WORDS[reading.next].toLowerCase()}.</span>
            )}
          </li>
        ))}
      </ul>
    </section>
  );
}

/** Rusted shares read off pictures, the worst first. */
function Rusted() {
  const { car } = useCar();
  const wording = useWording(car?.steering);
  const rusts = useRecords('rust');
  if (rusts.length === 0) return null;
  return (
    <section className="grid gap-2 border-b border-line p-4" aria-label="Rusted area measured">
      <h2 className="text-lg font-bold">Measured on pictures</h2>
      <ul className="grid gap-1.5 text-sm">
        {[...rusts]
          .sort((a, b) => b.body.areaShare - a.body.areaShare)
          .map((r) => (
            <li key={r.id}>
              <ToWalk zone={r.body.zone}>
                <strong>{zoneName(r.body.zone, wording)}</strong>
              </ToWalk>
              : {rustText(r.body)}
            </li>
          ))}
      </ul>
      <p className="text-xs text-soft">{SHARE_CAUTION}</p>
    </section>
  );
}
