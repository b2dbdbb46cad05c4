import { useEffect, useMemo, useState } from 'react';
import type { BodyOf, StoredRecord } from '@/core/kinds';
import { recordsOf } from '@/core/records/reduce';
import { StripView } from '@/ui/charts/strip-view';
import { useWording } from '@/ui/preferences';
import { useInspection } from '@/ui/records/inspection';
import { useWorkerAnswer } from '@/ui/use-worker-answer';
import { GAP_REFUSAL_WORDS, seamName } from '@/words/fit';
import type { GapAnswer } from '@/workers/gap.worker';
import { type GapQuestion, makeGapWorker, questionOf } from './gap-question';

/** The seams as their pictures show them, laid straight one under the other to one scale: this side and the other. */
export function KeptStrips({ gaps }: { gaps: readonly StoredRecord<'gap'>[] }) {
  const byPhoto = gaps.filter((g) => g.body.photo !== null);
  // One after the other: a picture unpacked is large, and a phone is small.
  const [read, setRead] = useState(0);
  if (byPhoto.length === 0) return null;
  const lengthMm = Math.max(...byPhoto.map(({ body: { stations: s } }) => s.at(-1)!.sMm - s[0]!.sMm + 5));
  return (
    <section className="grid gap-2" aria-label="Strips from the pictures">
      {byPhoto.map((g, i) => (
        <KeptStrip
          key={`${g.id} ${g.version}`}
          gap={g}
          lengthMm={lengthMm}
          mayRead={i <= read}
          onRead={() => setRead((n) => Math.max(n, i + 1))}
        />
      ))}
      <p className="text-xs text-soft">
        Laid straight and measured again from the kept pictures, to one scale, front or top at the left.
      </p>
    </section>
  );
}

function KeptStrip({
  gap,
  lengthMm,
  mayRead,
  onRead,
}: {
  gap: StoredRecord<'gap'>;
  lengthMm: number;
  mayRead: boolean;
  onRead: () => void;
}) {
  const { state, car } = useInspection();
  const wording = useWording(car?.steering);
  const photo = recordsOf(state.records, 'photo').find((p) => p.id === gap.body.photo?.id);
  // The same measure is asked once: what a picture says does not change with other records.
  // biome-ignore lint/correctness/useExhaustiveDependencies: the record's id and version stand for what it says
  const question = useMemo(() => questionOf(gap.body, photo), [gap.id, gap.version, photo?.body.sha256]);
  const [answer] = useWorkerAnswer<GapQuestion, GapAnswer>(makeGapWorker, mayRead ? question : null, true);
  const settled = answer !== null || question === null;
  // biome-ignore lint/correctness/useExhaustiveDependencies: told once, when the answer is there
  useEffect(() => {
    if (settled) onRead();
  }, [settled]);
  const name = seamName(gap.body.seam, wording);
  if (!question) return <p className="text-sm text-soft">{name}: its picture is no longer with the lot.</p>;
  if (!answer) return <p className="h-20 bg-wash p-2 text-sm text-soft">{name}: reading the picture …</p>;
  if (!answer.ok)
    return <p className="text-sm">{name}: the picture could not be read. Try again when you are connected.</p>;
  if (!answer.gap.ok) return <p className="text-sm">{`${name}: ${GAP_REFUSAL_WORDS[answer.gap.reason]}`}</p>;
  const { strip, stations } = answer.gap;
  const touched = gap.body.stations;
  return (
    <figure className="grid gap-1">
      <figcaption className="text-sm">
        {name}: <span className="figure">{meanOf(gap.body)?.toFixed(2) ?? '–'} mm</span> kept, measured again{' '}
        <span className="figure">{answer.gap.meanMm.value!.toFixed(2)} mm</span>
        {touched.some((s) => s.touched) && ' before the corrections made by hand'}
      </figcaption>
      <StripView
        strip={strip}
        stations={stations.map((s, i) => ({ ...s, touched: touched[i]?.touched ?? null }))}
        lengthMm={lengthMm}
        label={`${name}, laid straight`}
      />
    </figure>
  );
}

function meanOf({ stations }: BodyOf<'gap'>): number | null {
  const widths = stations.flatMap((s) => (s.gapMm !== null && s.touched !== 'dropped' ? [s.gapMm] : []));
  return widths.length === 0 ? null : widths.reduce((t, w) => t + w, 0) / widths.length;
}
