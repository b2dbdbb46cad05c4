import type { Plan } from '@/core/body/plan';
import { PinHead } from '../glyphs';
import { EvidenceStamp } from '../parts/evidence-stamp';
import type { BlockOf } from './blocks';
import { ZoneMini } from './finding-block';
import { opensIn } from './picture-block';

/** What matters most, finding by finding: picture or place, what it is, why it matters, and the way to all of it. */
export function Matters({ block, plan, photos }: { block: BlockOf<'matters'>; plan: Plan; photos: string }) {
  return (
    <ol className="grid gap-3 sm:grid-cols-2">
      {block.items.map((m) => {
        const zone = m.zone ? plan.zones.get(m.zone) : undefined;
        return (
          <li key={m.number} className="sheet grid grid-cols-[112px_minmax(0,1fr)] gap-3 p-3">
            {m.picture ? (
              <a href={`${photos}/${m.picture.sha256}/2048`} {...opensIn(m.picture)}>
                {/* biome-ignore lint/performance/noImgElement: derivatives are made by our own store */}
                <img
                  src={`${photos}/${m.picture.sha256}/320`}
                  alt={m.picture.alt}
                  width={320}
                  height={240}
                  loading="lazy"
                  className="aspect-4/3 w-full rounded-cut border border-line object-cover"
                />
              </a>
            ) : (
              <span className="grid place-items-center">{zone && <ZoneMini zone={zone} place={null} />}</span>
            )}
            <div className="min-w-0">
              <p className="flex flex-wrap items-center gap-x-2">
                <PinHead family={m.family} severity={m.severity} size={18} />
                <strong className="leading-tight">{m.title}</strong>
                <EvidenceStamp evidence={m.evidence} />
              </p>
              <p className="text-sm">{m.text}</p>
              <a
                href={`#finding-${m.number}`}
                className="inline-grid min-h-11 content-center text-sm font-semibold underline"
              >
                Finding {m.number}, with all of it
              </a>
            </div>
          </li>
        );
      })}
    </ol>
  );
}
