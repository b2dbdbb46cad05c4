import type { StoredRecord } from '@/core/kinds';
import { useWording } from '@/ui/preferences';
import { useInspection } from '@/ui/records/inspection';
import { SEAM_REFUSED_WORDS, seamName } from '@/words/fit';

const SHOWN = 12;

/** Seam pictures that wait to be measured, and those refused with the reason; one touch opens the desk at a picture. */
export function SeamQueue({
  waiting,
  refused,
  onOpen,
}: {
  waiting: readonly StoredRecord<'photo'>[];
  refused: readonly StoredRecord<'photo'>[];
  onOpen: (id: string) => void;
}) {
  const { car } = useInspection();
  const wording = useWording(car?.steering);
  return (
    <>
      {waiting.length > 0 && (
        <section className="grid gap-2 bg-tape/40 p-3" aria-label="Seam pictures to measure">
          <p className="flex flex-wrap items-center gap-3">
            <strong className="flex-1">
              {waiting.length} seam {waiting.length === 1 ? 'picture waits' : 'pictures wait'} to be measured
            </strong>
            <button type="button" className="btn btn-main" onClick={() => onOpen(waiting[0]!.id)}>
              Measure the next
            </button>
          </p>
          <ul className="flex gap-2 overflow-x-auto">
            {waiting.slice(0, SHOWN).map((p) => (
              <li key={p.id} className="w-28 shrink-0">
                <button type="button" className="block w-full text-left" onClick={() => onOpen(p.id)}>
                  <Print photo={p} />
                  <span className="block text-xs leading-tight">{seamName(p.body.seam!, wording)}</span>
                </button>
              </li>
            ))}
            {waiting.length > SHOWN && <li className="self-center text-sm">and {waiting.length - SHOWN} more</li>}
          </ul>
        </section>
      )}
      {refused.length > 0 && (
        <details className="border-b border-line px-4 py-2 text-sm">
          <summary className="min-h-9 cursor-pointer content-center">
            {refused.length} {refused.length === 1 ? 'picture' : 'pictures'} refused: not to be measured from
          </summary>
          <ul className="grid gap-2 py-2">
            {refused.map((p) => (
              <li key={p.id} className="flex items-center gap-3">
                <span className="w-20 shrink-0">
                  <Print photo={p} />
                </span>
                <span className="min-w-0 flex-1">
                  <strong>{seamName(p.body.seam!, wording)}.</strong> {SEAM_REFUSED_WORDS[p.body.seamRefused!]}
                </span>
                <button type="button" className="btn btn-small" onClick={() => onOpen(p.id)}>
                  Try again
                </button>
              </li>
            ))}
          </ul>
        </details>
      )}
    </>
  );
}

function Print({ photo }: { photo: StoredRecord<'photo'> }) {
  return (
    // biome-ignore lint/performance/noImgElement: derivatives are made by our own store
    <img
      src={`/api/v1/photos/${photo.body.sha256}/320`}
      alt={photo.body.caption || photo.body.name}
      loading="lazy"
      className="aspect-[4/3] w-full rounded-cut border border-line object-cover"
    />
  );
}
