import type { ReactNode } from 'react';
import type { FilmMoment } from '@/report/block';
import { linkAt } from '@/report/film-moments';

/**
 * A link to a second of a film. Without script the browser opens the film there (W3C Media Fragments); with it the film on
 * the page moves to it.
 */
export function MomentLink({
  moment: { film, sha256, link, fromS },
  films,
  className,
  children,
}: {
  moment: FilmMoment;
  films: string;
  className?: string;
  children: ReactNode;
}) {
  return (
    <a
      href={sha256 ? `${films}/${sha256}#t=${fromS.toFixed(1)}` : linkAt(link!, fromS)}
      {...(sha256 ? { 'data-film': film, 'data-from-s': fromS } : { rel: 'noreferrer' })}
      className={className}
    >
      {children}
    </a>
  );
}
