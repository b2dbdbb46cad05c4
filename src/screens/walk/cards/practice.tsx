import { Hand } from 'lucide-react';
import { useEffect, useState } from 'react';
import { z } from 'zod';
import { useWording } from '@/ui/preferences';
import { useCar, useJudged, useLot } from '@/ui/records/inspection';
import { functionName } from '@/words/functions';
import { zoneName } from '@/words/zones';
import type { CardProps, ZoneCardDefinition } from '../walking';

const placeSchema = z.object({
  picture: z.string(),
  felt: z.array(z.string()),
  functions: z.array(z.object({ id: z.string(), does: z.string() })),
});
type MetPlace = z.infer<typeof placeSchema>;

/** What the server lets meet of a place of a practice car. */
function useMetPlace(lotId: string, zone: string): MetPlace | string | null {
  const [met, setMet] = useState<MetPlace | string | null>(null);
  useEffect(() => {
    const gone = new AbortController();
    setMet(null);
    fetch(`/api/v1/lots/${lotId}/practice/place?zone=${encodeURIComponent(zone)}`, { signal: gone.signal })
      .then(async (r) => setMet(r.ok ? placeSchema.parse(await r.json()) : 'This practice car is closed.'))
      .catch(() => {
        if (!gone.signal.aborted) setMet('The server does not answer: a practice car is met only with a connection.');
      });
    return () => gone.abort();
  }, [lotId, zone]);
  return met;
}

/** A place of a practice car as one meets it: seen, felt, tried. What it is, one says oneself. */
function Met({ zone }: CardProps) {
  const { facts } = useLot();
  return facts.practice?.kind === 'car' && !facts.practice.closedAt ? (
    <MetHere key={zone.slug} lotId={facts.lot.id} slug={zone.slug} />
  ) : null;
}

function MetHere({ lotId, slug }: { lotId: string; slug: string }) {
  const met = useMetPlace(lotId, slug);
  const { car } = useCar();
  const wording = useWording(car?.steering);
  const lines = useJudged((j) => j.judgement?.functions.lines);
  const [tried, setTried] = useState<readonly string[]>([]);
  const name = zoneName(slug, wording);
  if (typeof met === 'string') return <p className="text-sm">{met}</p>;
  return (
    <section aria-label="What is here" className="grid gap-2">
      <div className="aspect-[3/2] overflow-hidden border border-line bg-wash">
        {met && (
          // biome-ignore lint/performance/noImgElement: drawn anew for each car, kept nowhere
          <img
            src={`data:image/svg+xml,${encodeURIComponent(met.picture)}`}
            alt={`${name} of the practice car, drawn`}
            width={960}
            height={640}
            className="h-full w-full"
          />
        )}
      </div>
      {met?.felt.map((says) => (
        <p key={says} className="flex items-start gap-2 text-sm">
          <Hand size={16} aria-hidden="true" className="mt-0.5 shrink-0" /> {says}
        </p>
      ))}
      {met?.functions.map((f) => {
        const line = lines?.find((l) => l.id === f.id);
        return tried.includes(f.id) ? (
          <p key={f.id} className="text-sm" role="status">
            <strong className="font-semibold first-letter:uppercase">{line ? functionName(line) : f.id}</strong>:{' '}
            {f.does}
          </p>
        ) : (
          <button
            key={f.id}
            type="button"
            className="btn btn-small justify-self-start"
            onClick={() => setTried([...tried, f.id])}
          >
            Try: {line ? functionName(line) : f.id}
          </button>
        );
      })}
    </section>
  );
}

export const practice: ZoneCardDefinition = { place: 1, applies: () => true, Card: Met };
