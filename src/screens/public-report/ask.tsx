import type { EntryOnRecord } from '@/report/on-record';
import { hrefBehind } from '@/ui/report/behind';
import { Picture } from '@/ui/report/picture-block';
import { dayText } from '@/words/dates';
import { plural } from '@/words/plural';
import { aboutText } from '@/words/questions';
import type { Wording } from '@/words/vocabulary';

export interface ToldQuestion {
  readonly id: string;
  readonly askedAt: string;
  readonly answeredAt: string;
  readonly asker: string;
  readonly finding: string | null;
  readonly zone: string | null;
  readonly filmS: number | null;
  readonly photo: string | null;
  readonly text: string;
  readonly answer: string | null;
  readonly shows: readonly string[];
  readonly revision: number;
}
/** Something that can be asked about, by the value that the form sends. */
export interface AskAbout {
  readonly group: 'Findings' | 'Pictures' | 'Places' | 'Moments of the film';
  readonly value: string;
  readonly says: string;
}

const OUTCOME: Readonly<Record<string, string>> = {
  yes: 'Your question is with the house. Its answer stands here if it is for all; with your mail it is sent to you where the house sends mail.',
  unclear: 'Nothing was sent: a question has 3 to 1,000 letters, and mail is an address or nothing.',
  often: 'Nothing was sent: from your network several questions came within the hour. Try again later.',
  many: 'Nothing was sent: very many questions of this car wait for their answers. Try again when some are answered.',
};

/** Questions that were answered for all, and the form for one's own: it works without script and needs no account. */
export function Ask({
  base,
  told,
  open,
  abouts,
  about,
  outcome,
  numberOf,
  entriesOf,
  onRecord,
  wording,
  timeZone,
}: {
  base: string;
  told: readonly ToldQuestion[];
  open: number;
  abouts: readonly AskAbout[];
  /** What is asked about, as the address says it. */
  about: string;
  outcome: string | null;
  numberOf: (finding: string) => number | null;
  /** The sealed entries of these ids, and where entries stand. */
  entriesOf: (ids: readonly string[]) => readonly EntryOnRecord[];
  onRecord: string;
  wording: Wording;
  timeZone: string | undefined;
}) {
  const groups = [...new Set(abouts.map((a) => a.group))];
  return (
    <section id="ask" className="mx-auto grid max-w-4xl gap-3 px-4 pb-8" aria-label="Questions">
      <h2 className="text-xl font-bold">Questions</h2>
      {outcome && OUTCOME[outcome] && (
        <p role="status" className="border-l-4 border-thread bg-card px-4 py-3">
          {OUTCOME[outcome]}
        </p>
      )}
      {told.length > 0 && (
        <ol className="divide-y divide-line border-y border-line">
          {told.map((q) => (
            <li key={q.id} className="grid gap-1 py-3">
              <p>
                <strong>{q.asker || 'A bidder'}</strong>, about {aboutText(q, numberOf, wording)}: “{q.text}”
              </p>
              <p className="border-l-4 border-ink/40 pl-3">{q.answer}</p>
              <Shown ids={shownOf(q)} entries={entriesOf(shownOf(q))} base={base} onRecord={onRecord} />
              <p className="text-sm text-soft">
                Answered {dayText(q.answeredAt, timeZone)}, to revision {q.revision}. An answer is the house’s word;
                what changes facts comes with a new revision.
              </p>
            </li>
          ))}
        </ol>
      )}
      {open > 0 && (
        <p className="text-sm text-soft">{plural(open, 'question waits', 'questions wait')} for an answer.</p>
      )}
      <form method="post" action={`${base}/questions`} className="sheet grid gap-3 p-4">
        <h3 className="font-bold">Ask about this car</h3>
        <label className="grid gap-1 text-sm font-semibold">
          About
          <select
            name="about"
            className="field font-normal"
            defaultValue={abouts.some((a) => a.value === about) ? about : 'car'}
          >
            <option value="car">the car as a whole</option>
            {groups.map((g) => (
              <optgroup key={g} label={g}>
                {abouts
                  .filter((a) => a.group === g)
                  .map((a) => (
                    <option key={a.value} value={a.value}>
                      {a.says}
                    </option>
                  ))}
              </optgroup>
            ))}
          </select>
        </label>
        <label className="grid gap-1 text-sm font-semibold">
          What would you like to know?
          <textarea
            name="text"
            required
            minLength={3}
            maxLength={1000}
            rows={3}
            className="field min-h-24 py-2 font-normal"
          />
        </label>
        <div className="grid gap-3 sm:grid-cols-2">
          <label className="grid gap-1 text-sm font-semibold">
            Your name or alias, if you like
            <input name="name" maxLength={60} autoComplete="nickname" className="field font-normal" />
          </label>
          <label className="grid gap-1 text-sm font-semibold">
            Mail for the answer, if you like
            <input name="mail" type="email" maxLength={200} autoComplete="email" className="field font-normal" />
          </label>
        </div>
        <label className="hidden" aria-hidden="true">
          Leave this empty
          <input name="website" tabIndex={-1} autoComplete="off" />
        </label>
        <button type="submit" className="btn btn-main justify-self-start">
          Ask the house
        </button>
        <p className="text-sm text-soft">
          Your mail is seen by the house alone and is erased with the lot. Your name or alias stands with your question
          if the house answers it to all.
        </p>
      </form>
    </section>
  );
}

/** The picture that was asked about, then what the house shows with its answer. */
const shownOf = ({ photo, shows }: Pick<ToldQuestion, 'photo' | 'shows'>): readonly string[] =>
  photo && !shows.includes(photo) ? [photo, ...shows] : shows;

/** What the house shows with an answer: its pictures, and the way to the readings as sealed. */
function Shown({
  ids,
  entries,
  base,
  onRecord,
}: {
  ids: readonly string[];
  entries: readonly EntryOnRecord[];
  base: string;
  onRecord: string;
}) {
  if (ids.length === 0) return null;
  const told = entries.filter((e) => e.kind !== 'photo');
  const later = ids.length - entries.length;
  const pictures = [...new Map(entries.flatMap((e) => e.pictures).map((p) => [p.sha256, p])).values()];
  return (
    <div className="grid gap-1 pl-4">
      {pictures.length > 0 && (
        <ul className="flex flex-wrap gap-2">
          {pictures.map((p) => (
            <li key={p.sha256}>
              <Picture picture={p} photos={`${base}/photos`} className="w-40 max-w-full" />
            </li>
          ))}
        </ul>
      )}
      {told.length > 0 && (
        <p className="text-sm">
          <a className="behind" href={hrefBehind(onRecord, { ids: told.map((e) => e.id) })}>
            On record
          </a>
          : {told.map((e) => `${e.place}: ${e.says}`).join('; ')}.
        </p>
      )}
      {later > 0 && (
        <p className="text-sm text-soft">
          {plural(later, 'entry comes', 'entries come')} with the next revision of this report.
        </p>
      )}
    </div>
  );
}
