import { useState } from 'react';
import { toast } from 'sonner';
import { docHtml, docText, escapeHtml, type ListingDoc } from '@/core/listing/doc';
import { saveFile } from '@/ui/save-file';
import type { ListingKeeper } from './use-listing';

/** The ways out, shut while the kept text says what was found otherwise. */
export function ListingOut({
  clear,
  same,
  contradicted,
  kept,
  mayAllow,
  lot,
  short,
  doc,
}: {
  clear: boolean;
  same: boolean;
  contradicted: number;
  kept: ListingKeeper;
  mayAllow: boolean;
  lot: { readonly id: string; readonly number: number; readonly title: string };
  short: string;
  doc: ListingDoc;
}) {
  const [why, setWhy] = useState('');
  const file = (type: string, ending: string, text: string) =>
    saveFile(`lot-${lot.number}.${ending}`, new Blob([text], { type }));
  return (
    <section className="sheet grid gap-3 p-4" aria-label="Take it out">
      <h2 className="text-lg font-bold">Take it out</h2>
      {(!same || kept.since) && (
        <p className="text-sm text-soft">
          {same ? 'Read it again and keep it first' : 'Keep the listing first'}: what is kept goes out.
        </p>
      )}
      {same && contradicted > 0 && (
        <p className="border-l-4 border-pin pl-2 text-sm">
          {kept.allowedWhy
            ? `It goes out all the same, by ${kept.allowedBy}: ${kept.allowedWhy}`
            : 'It says what was found otherwise: it does not go out so.'}
        </p>
      )}
      <div className="flex flex-wrap gap-2">
        <button
          type="button"
          className="btn"
          disabled={!clear}
          onClick={() => file('text/plain;charset=utf-8', 'txt', `${lot.title}\n\n${short}\n\n${docText(doc)}\n`)}
        >
          Text
        </button>
        <button
          type="button"
          className="btn"
          disabled={!clear}
          onClick={() =>
            file(
              'text/html;charset=utf-8',
              'html',
              `<h2>${escapeHtml(lot.title)}</h2>\n<p>${escapeHtml(short)}</p>\n${docHtml(doc)}\n`,
            )
          }
        >
          HTML
        </button>
        <a className="btn" href={`/api/v1/lots/${lot.id}/listing/pictures.zip`} download>
          Pictures, numbered
        </a>
      </div>
      {same && contradicted > 0 && !kept.allowedWhy && mayAllow && (
        <form
          className="grid gap-2"
          onSubmit={(e) => {
            e.preventDefault();
            void kept.allow(why).then((wrong) => wrong && toast(wrong));
          }}
        >
          <label className="grid gap-1 text-sm font-semibold">
            Why it goes out all the same
            <input className="field font-normal" value={why} minLength={3} onChange={(e) => setWhy(e.target.value)} />
          </label>
          <button type="submit" className="btn justify-self-start" disabled={why.trim().length < 3}>
            Let it out, on record
          </button>
        </form>
      )}
    </section>
  );
}
