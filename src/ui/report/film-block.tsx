import { filmTime } from '@/words/film-time';
import type { BlockOf } from './blocks';
import { captionsText } from './film-captions';
import { FilmPlayer } from './film-player';
import { MomentLink } from './moment-link';

const MB = 1_000_000;
/** QuickTime files of telephones hold what MP4 holds: browsers play them under its name. */
const playedAs = (type: string) => (type === 'video/quicktime' ? 'video/mp4' : type);

/** A film with its chapters: what was said at each place, with its second. Readable and openable without script. */
export function FilmBlock({ block: b, photos, films }: { block: BlockOf<'film'>; photos: string; films: string }) {
  const size = [b.lengthS ? filmTime(b.lengthS) : '', b.bytes ? `${(b.bytes / MB).toFixed(1)} MB` : '']
    .filter(Boolean)
    .join(', ');
  return (
    <div className="grid gap-3 md:grid-cols-[minmax(0,3fr)_minmax(0,2fr)]">
      <div className="grid content-start gap-1 md:sticky md:top-2 md:self-start">
        {b.sha256 && b.type ? (
          <FilmPlayer
            id={b.id}
            src={`${films}/${b.sha256}`}
            type={playedAs(b.type)}
            poster={b.poster && `${photos}/${b.poster}/2048`}
            captions={captionsText(b.chapters)}
            name={b.name}
          />
        ) : (
          <p className="border border-line bg-card p-3">
            The house keeps this film elsewhere:{' '}
            <a href={b.link!} rel="noreferrer" className="font-semibold break-all underline">
              {b.link}
            </a>
            . Nothing is loaded from there before you open it; what is shown there is not sealed with this report.
          </p>
        )}
        <p className="text-sm text-soft">
          {b.name}
          {size && `, ${size}`} {b.drawn && <span className="stamp">drawn</span>}
        </p>
        {b.sha256 && <p className="figure text-xs break-all text-soft">SHA-256 {b.sha256}</p>}
      </div>
      {b.chapters.length === 0 ? (
        <p className="text-sm text-soft">Nothing that was said in it has been taken into the report.</p>
      ) : (
        <ol className="grid content-start gap-2 md:max-h-[70dvh] md:overflow-y-auto" aria-label="Chapters of the film">
          {b.chapters.map((c, n) => (
            <li key={n}>
              <h3 className="border-b border-line font-bold">{c.title}</h3>
              <ul>
                {c.moments.map((m) => (
                  <li key={m.id} className="flex items-baseline gap-2">
                    <MomentLink
                      moment={{ film: b.id, sha256: b.sha256, link: b.link, fromS: m.fromS }}
                      films={films}
                      className="figure inline-grid min-h-11 min-w-14 content-center font-semibold underline"
                    >
                      {filmTime(m.fromS)}
                    </MomentLink>
                    <span className="min-w-0 flex-1 py-1">
                      “{m.words}”
                      {m.finding !== null && (
                        <>
                          {' '}
                          <a href={`#finding-${m.finding}`} className="font-semibold whitespace-nowrap underline">
                            finding {m.finding}
                          </a>
                        </>
                      )}
                    </span>
                  </li>
                ))}
              </ul>
            </li>
          ))}
        </ol>
      )}
    </div>
  );
}
