'use client';

import type { Aspect } from '@/core/body/zone';
import { flawById } from '@/core/catalogue/flaws/by-id';
import { summaryOfAspects } from '@/core/findings/by-aspect';
import { severity } from '@/core/findings/loss';
import { Link } from '@/ui/parts/link';
import { recordSays } from '@/words/record';
import { ASPECT_WORDS, lookText, term } from '@/words/terms';
import { zoneName } from '@/words/zones';
import { PinHead } from '../glyphs';
import { EvidenceStamp } from '../parts/evidence-stamp';
import { useWording } from '../preferences';
import { useCar, useJudged, useLot } from '../records/inspection';
import { keepInMind, WALK_ZONE } from '../walk-memory';

/** Where a place's looks and findings are entered: the walk, at that panel. */
export function ToWalk({ zone, children }: { zone: string; children: React.ReactNode }) {
  const { facts } = useLot();
  return (
    <Link
      href={`/lots/${facts.lot.id}/walk`}
      className="underline decoration-line underline-offset-4 hover:decoration-ink"
      onClick={() => keepInMind(WALK_ZONE(facts.id), zone)}
    >
      {children}
    </Link>
  );
}

/** What was found under some aspects, worst first, and what nobody looked at. */
export function AspectFindings({ title, aspects }: { title: string; aspects: readonly Aspect[] }) {
  const coverage = useJudged((j) => j.judgement?.coverage ?? null);
  const { car } = useCar();
  const wording = useWording(car?.steering);
  if (!coverage) return null;
  const { findings, cells } = summaryOfAspects(coverage, aspects);
  const open = cells.filter((c) => c.status === 'unseen' || c.status === 'blocked');
  return (
    <>
      <section className="grid gap-2 border-b border-line p-4" aria-label={`${title}: findings`}>
        <h2 className="text-lg font-bold">Found</h2>
        {findings.length === 0 ? (
          <p className="text-sm text-soft">No finding stands in this chapter.</p>
        ) : (
          <ul className="grid gap-1.5">
            {findings.map((f) => (
              <li key={f.id} className="flex items-start gap-2 text-sm">
                <PinHead family={flawById(f.body.flaw).family} severity={severity(f.body)} size={18} />
                <span className="min-w-0 flex-1">
                  <ToWalk zone={f.body.zone}>
                    <strong>{zoneName(f.body.zone, wording)}</strong>
                  </ToWalk>{' '}
                  {recordSays(f, wording)}
                </span>
                <EvidenceStamp evidence={f.body.evidence} />
              </li>
            ))}
          </ul>
        )}
      </section>
      {open.length > 0 && (
        <section className="grid gap-2 p-4" aria-label={`${title}: not seen`}>
          <h2 className="text-lg font-bold">Not seen</h2>
          <ul className="flex flex-wrap gap-1.5 text-sm">
            {open.map((c) => (
              <li key={`${c.zone.slug}/${c.aspect}`} className="border border-dashed border-ink/50 px-2 py-1">
                <ToWalk zone={c.zone.slug}>{zoneName(c.zone.slug, wording)}</ToWalk>
                <span className="text-soft">
                  {' '}
                  {aspects.length > 1 && term(ASPECT_WORDS, c.aspect, wording.words)}
                  {c.status === 'blocked' && ` ${lookText(c)}`}
                </span>
              </li>
            ))}
          </ul>
        </section>
      )}
    </>
  );
}
