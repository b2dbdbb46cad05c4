import type { PictureRow } from '@/report/block';

/** A picture with what it shows. */
export function Picture({ picture: p, photos, className }: { picture: PictureRow; photos: string; className: string }) {
  return (
    <>
      <a href={`${photos}/${p.sha256}/2048`} className={`relative block ${className}`}>
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
