'use client';

import { useEffect, useRef } from 'react';

/** The film on the page: links to its seconds, wherever they stand, move it there instead of opening it alone. */
export function FilmPlayer({
  id,
  src,
  type,
  poster,
  captions,
  name,
}: {
  id: string;
  src: string;
  type: string;
  poster: string | null;
  captions: string;
  name: string;
}) {
  const video = useRef<HTMLVideoElement>(null);
  useEffect(() => {
    const onClick = (e: MouseEvent) => {
      const link = (e.target as Element | null)?.closest<HTMLAnchorElement>('a[data-film]');
      if (!link || link.dataset.film !== id || e.ctrlKey || e.metaKey || e.shiftKey || !video.current) return;
      e.preventDefault();
      video.current.currentTime = Number(link.dataset.fromS);
      video.current.scrollIntoView({ block: 'nearest' });
      void video.current.play().catch(() => {});
      video.current.focus({ preventScroll: true });
    };
    document.addEventListener('click', onClick);
    return () => document.removeEventListener('click', onClick);
  }, [id]);
  return (
    <video
      ref={video}
      controls
      playsInline
      preload="metadata"
      aria-label={name}
      {...(poster && { poster })}
      className="aspect-video max-h-[70dvh] w-full bg-ink object-contain"
    >
      <source src={src} type={type} />
      <track
        kind="captions"
        srcLang="en"
        label="What was said"
        src={`data:text/vtt,${encodeURIComponent(captions)}`}
        default
      />
    </video>
  );
}
