'use client';

import { ChevronRight } from 'lucide-react';
import { memo, useEffect, useRef, useState } from 'react';
import { VIEWS, type View } from '@/core/body/zone';
import { usePhotoQueue } from '@/ui/device/use-photo-queue';
import { Link } from '@/ui/parts/link';
import { usePreferences } from '@/ui/preferences';
import { useCar, useJudged, useLot, useRecords, useStored } from '@/ui/records/inspection';
import { waitingText } from '@/ui/shell/waiting';
import { useLasting } from '@/ui/use-lasting';
import { term, VIEW_WORDS } from '@/words/terms';

/** What waits longer than this is a station of the visit. */
const WAITS_AFTER_MS = 3000;
const ORDER: readonly View[] = ['outside', 'cabin', 'engine', 'trunk', 'underneath'];

/** The stations of the visit in the order they are walked: how much is seen, what is blocked. */
export const Tape = memo(function Tape({ view, onView }: { view: View; onView: (view: View) => void }) {
  const { facts } = useLot();
  const { plan, car } = useCar();
  const visits = useRecords('visit').length;
  const waiting = useStored((s) => s.waiting);
  const coverage = useJudged((j) => j.judgement?.coverage);
  const { words } = usePreferences().preferences;
  const arrived = car !== null && visits > 0;
  const photos = usePhotoQueue().photos.length;
  // What is sent at once does not come and go on the tape; the head of the lot tells it meanwhile.
  const waits = useLasting(waitingText(waiting, photos), WAITS_AFTER_MS);
  const lot = `/lots/${facts.lot.id}`;
  const strip = useRef<HTMLDivElement>(null);
  const [more, setMore] = useState(false);
  const note = () => {
    const s = strip.current;
    if (s) setMore(s.scrollLeft + s.clientWidth < s.scrollWidth - 4);
  };
  const stations = ORDER.filter((v) => VIEWS.includes(v) && (plan?.lap[v].length ?? 0) > 0);
  const shown = [...stations, waits !== '' && 'waits'].join();
  // Told by the browser once it has laid the page out; asking for widths after each entry would lay it out twice.
  // biome-ignore lint/correctness/useExhaustiveDependencies: when there are other stations
  useEffect(() => {
    const s = strip.current;
    if (!s) return;
    const watch = new ResizeObserver(note);
    for (const part of [s, ...s.children]) watch.observe(part);
    return () => watch.disconnect();
  }, [shown]);
  // The station in hand is in sight.
  // biome-ignore lint/correctness/useExhaustiveDependencies: when the view changes
  useEffect(() => {
    const here = strip.current?.querySelector('[aria-pressed="true"]');
    here?.scrollIntoView({ inline: 'center', block: 'nearest' });
  }, [view]);
  return (
    <nav aria-label="Stations" className="tape relative flex shrink-0 bg-tape text-tape-ink">
      <div ref={strip} onScroll={note} className="flex min-w-0 flex-1 overflow-x-auto [scrollbar-width:none]">
        <Station name="Arrive" href={`${lot}/intake`} share={arrived ? 1 : 0} note={arrived ? 'stated' : 'open'} />
        {stations.map((v) => {
          const share = coverage?.byView[v];
          return (
            <Station
              key={v}
              name={v === 'outside' ? 'Lap' : term(VIEW_WORDS, v, words)}
              share={share?.seen ?? 0}
              here={v === view}
              onPress={() => onView(v)}
              note={share?.blocked ? `${share.blocked} blocked` : ''}
            />
          );
        })}
        <Station
          name="Road"
          href={`${lot}/intake`}
          share={0}
          struck={car?.leave.drive !== 'yes'}
          note={car?.leave.drive === 'yes' ? 'gate first' : car?.leave.drive === 'no' ? 'not driven' : 'ask leave'}
        />
        {waits !== '' && <Station name="Waits" href="/device" share={0} note={waits} />}
        <Station name="Seal" href={`${lot}/report`} share={facts.state === 'sealed' ? 1 : 0} note={facts.state} />
      </div>
      {more && (
        <button
          type="button"
          className="grid w-11 shrink-0 place-items-center border-l-2 border-tape-ink bg-tape hover:bg-[oklch(0.92_0.11_95)]"
          aria-label="More stations"
          onClick={() => strip.current?.scrollBy({ left: strip.current.clientWidth * 0.8 })}
        >
          <ChevronRight size={20} aria-hidden="true" />
        </button>
      )}
    </nav>
  );
});

interface StationProps {
  readonly name: string;
  readonly share: number;
  readonly note?: string;
  readonly here?: boolean;
  readonly struck?: boolean;
  readonly href?: string;
  readonly onPress?: () => void;
}

function Station({ name, share, note = '', here = false, struck = false, href, onPress }: StationProps) {
  const inner = (
    <>
      <span
        aria-hidden="true"
        className="absolute inset-x-0 top-0 h-1.5 bg-[repeating-linear-gradient(90deg,oklch(0.27_0.035_255/0.75)_0_1px,transparent_1px_9px)]"
      />
      <span
        className={`block text-sm whitespace-nowrap first-letter:uppercase ${here ? 'font-bold' : 'font-medium'} ${struck ? 'line-through' : ''}`}
      >
        {name}
      </span>
      <span className="block text-[11px] leading-3.5 whitespace-nowrap">
        {note || (share > 0 ? `${Math.round(share * 100)} % seen` : 'not seen')}
      </span>
      <span
        aria-hidden="true"
        className="absolute bottom-0 left-0 h-1.5 bg-tape-ink"
        style={{ width: `${share * 100}%` }}
      />
    </>
  );
  const style = `relative min-h-12 min-w-21 flex-1 lg:min-w-24 border-r-2 border-tape-ink px-3 pt-2 pb-1.5 text-left hover:bg-[oklch(0.92_0.11_95)] ${here ? 'bg-[oklch(0.93_0.1_95)]' : ''}`;
  if (href) {
    return (
      <Link href={href} className={style}>
        {inner}
      </Link>
    );
  }
  return (
    <button type="button" className={style} aria-pressed={here} onClick={onPress}>
      {inner}
    </button>
  );
}
