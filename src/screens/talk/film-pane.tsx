import { type RefObject, useState } from 'react';
import type { FilmBeside } from '@/ui/film/use-film';
import { filmTime } from '@/words/film-time';

const MB = 1_000_000;

/** The film beside what was said: played here, kept with the lot or linked, and what can be taken out of it. */
export function FilmPane({
  film,
  video,
  fromS,
  mayEdit,
  onStill,
}: {
  film: FilmBeside;
  video: RefObject<HTMLVideoElement | null>;
  fromS: number | undefined;
  mayEdit: boolean;
  onStill: () => void;
}) {
  const { atHand, kept, busy, wantStills } = film;
  return (
    <>
      {atHand ? (
        <>
          {/* biome-ignore lint/a11y/useMediaCaption: its captions stand beside it, statement by statement */}
          <video
            ref={video}
            src={atHand.url}
            controls
            playsInline
            className="max-h-[30dvh] w-full bg-ink lg:max-h-[50dvh]"
          />
          {mayEdit && (
            <div className="flex flex-wrap gap-1.5">
              <button
                type="button"
                className="btn btn-small"
                disabled={fromS === undefined || !!busy}
                onClick={onStill}
              >
                Still at {fromS === undefined ? 'this moment' : filmTime(fromS)}
              </button>
              <button
                type="button"
                className="btn btn-small"
                disabled={wantStills === 0 || !!busy}
                onClick={() => film.stills(video.current)}
              >
                {`Stills of all${wantStills === 0 ? '' : ` ${wantStills}`}`}
              </button>
            </div>
          )}
        </>
      ) : (
        <FilmMissing onFilm={film.take} />
      )}
      {busy && (
        <div className="grid gap-1" aria-live="polite">
          <p className="flex items-center justify-between gap-2 text-sm">
            <span>
              {busy.what}: {Math.round(100 * busy.share)} of 100
            </span>
            <button type="button" className="btn btn-small" onClick={busy.stop}>
              Stop
            </button>
          </p>
          <progress className="h-2 w-full accent-thread" max={1} value={busy.share} aria-label={busy.what} />
        </div>
      )}
      {kept?.sha256 ? (
        <p className="text-sm">
          <strong>Kept with the lot</strong>, {(kept.bytes! / MB).toFixed(1)} MB
          {kept.lengthS ? `, ${filmTime(kept.lengthS)}` : ''}. The report opens it at each finding’s second.
        </p>
      ) : (
        mayEdit && !busy && <KeepOrLink film={film} />
      )}
    </>
  );
}

function KeepOrLink({ film }: { film: FilmBeside }) {
  const { atHand, kept } = film;
  const [link, setLink] = useState(kept?.link ?? '');
  const [wrong, setWrong] = useState('');
  const enter = () => {
    const fits = /^https?:\/\/\S+\.\S+$/.test(link.trim()) && URL.canParse(link.trim());
    setWrong(fits ? '' : 'A link begins with https:// and names a site.');
    if (fits) film.link(link.trim());
  };
  return (
    <details className="text-sm" open={atHand !== null || kept !== null}>
      <summary className="min-h-11 content-center font-semibold">For the report</summary>
      <p className="text-soft">
        Whoever opens the report then hears all that is said in the film, names and what is withheld too, and sees who
        is in it.
      </p>
      {atHand && (
        <button type="button" className="btn btn-small btn-main mt-2" onClick={film.keep}>
          Keep the film with the lot
        </button>
      )}
      <label className="mt-2 grid gap-1">
        <span>Or a link to where the house keeps it</span>
        <input
          className="field"
          type="url"
          value={link}
          maxLength={1000}
          placeholder="https://films.tramshed.example/lot-3"
          aria-invalid={wrong !== ''}
          onChange={(e) => setLink(e.target.value)}
        />
      </label>
      {wrong && <p role="alert">{wrong}</p>}
      <button type="button" className="btn btn-small mt-1" disabled={link.trim() === ''} onClick={enter}>
        {kept?.link ? 'Change the link' : 'Link to it'}
      </button>
      {kept?.link && <p className="mt-1 break-all">Linked: {kept.link}</p>}
    </details>
  );
}

function FilmMissing({ onFilm }: { onFilm: (file: File) => void }) {
  return (
    <label className="grid gap-1 text-sm">
      <span className="font-semibold">The film, if you have it here</span>
      <span className="text-soft">
        It stays on this device until you keep it; each statement then shows its moment.
      </span>
      <input
        type="file"
        accept="video/mp4,video/webm,video/quicktime"
        className="min-h-11 w-full text-sm"
        onChange={(e) => {
          const [file] = e.target.files ?? [];
          if (file) onFilm(file);
        }}
      />
    </label>
  );
}
