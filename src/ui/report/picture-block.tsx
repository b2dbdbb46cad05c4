import type { PictureRow } from '@/report/block';
import type { ViewerData } from './picture-viewer';

/** Widths of the copies that are kept. */
const SIZES = [320, 960, 2048] as const;

/** What the viewer needs to open a picture in place. */
export const opensIn = (p: PictureRow): ViewerData => ({
  'data-picture': p.caption || p.alt,
  'data-width': p.size?.[0],
  'data-height': p.size?.[1],
});

/** A picture with what it shows. */
export function Picture({ picture: p, photos, className }: { picture: PictureRow; photos: string; className: string }) {
  return (
    <>
      <a href={`${photos}/${p.sha256}/2048`} {...opensIn(p)} className={`relative block ${className}`}>
        {/* biome-ignore lint/performance/noImgElement: derivatives are made by our own store */}
        <img
          src={`${photos}/${p.sha256}/320`}
          alt={p.alt}
          width={320}
          height={240}
          loading="lazy"
          className={`aspect-4/3 rounded-cut border border-line object-cover ${className}`}
        />
        {p.marks && (
          <svg
            viewBox={`0 0 ${p.marks.width} ${p.marks.height}`}
            preserveAspectRatio="xMidYMid slice"
            className="absolute inset-0 size-full"
            role="img"
            aria-label="What was counted, marked on the picture"
          >
            <path d={p.marks.path} fill="oklch(0.5 0.24 350)" opacity="0.75" />
          </svg>
        )}
      </a>
      <span className={`block text-sm text-soft ${className}`}>
        {p.lead && <strong>{p.lead}</strong>}
        {p.caption} {p.drawn && <span className="stamp">drawn</span>}
      </span>
    </>
  );
}

const STRIP_SIZES = '(min-width: 640px) 360px, 82vw';

/** The car in pictures, to be swiped or scrolled; the first is loaded at once, the others when they come near. */
export function PictureStrip({ pictures, photos }: { pictures: readonly PictureRow[]; photos: string }) {
  return (
    <ul className="-mx-4 flex snap-x snap-mandatory gap-3 overflow-x-auto px-4 pb-2" aria-label="The car in pictures">
      {pictures.map((p, i) => (
        <li key={p.sha256} className="w-[82%] shrink-0 snap-center sm:w-[360px]">
          <a href={`${photos}/${p.sha256}/2048`} {...opensIn(p)} className="block">
            {/* biome-ignore lint/performance/noImgElement: derivatives are made by our own store */}
            <img
              src={`${photos}/${p.sha256}/320`}
              srcSet={SIZES.map((px) => `${photos}/${p.sha256}/${px} ${px}w`).join(', ')}
              sizes={STRIP_SIZES}
              alt={p.alt}
              width={320}
              height={240}
              loading={i === 0 ? 'eager' : 'lazy'}
              fetchPriority={i === 0 ? 'high' : 'auto'}
              className="aspect-4/3 w-full rounded-cut border border-line object-cover"
            />
          </a>
          <p className="text-sm text-soft">
            {i + 1} of {pictures.length}
            {p.caption && `: ${p.caption}`} {p.drawn && <span className="stamp">drawn</span>}
          </p>
        </li>
      ))}
    </ul>
  );
}

export function PictureGrid({ pictures, photos }: { pictures: readonly PictureRow[]; photos: string }) {
  return (
    <ul className="grid grid-cols-2 gap-3 sm:grid-cols-3">
      {pictures.map((p) => (
        <li key={`${p.sha256}/${p.marks?.path.length ?? 0}`}>
          <Picture picture={p} photos={photos} className="w-full" />
        </li>
      ))}
    </ul>
  );
}
