'use client';

import { EditorContent, useEditor } from '@tiptap/react';
import StarterKit from '@tiptap/starter-kit';
import { useEffect, useMemo, useState } from 'react';
import { toast } from 'sonner';
import type { Judgement } from '@/core/judge/judge';
import { checkText } from '@/core/listing/check-text';
import { docHtml, docOf, docText, escapeHtml, type ListingDoc, listingDocSchema } from '@/core/listing/doc';
import { textOf, type WrittenListing } from '@/report/listing';
import { saveFile } from '@/ui/save-file';
import { momentText } from '@/words/dates';
import { ClaimMarks, markClaims } from './claim-marks';
import type { ListingKeeper } from './use-listing';
import { ListingWordsFound } from './words-found';
import { WrittenFrom } from './written-from';

/** Limited marks: what every catalogue's form takes. */
const KIT = StarterKit.configure({
  heading: false,
  blockquote: false,
  code: false,
  codeBlock: false,
  horizontalRule: false,
  orderedList: false,
  strike: false,
  underline: false,
  link: false,
  hardBreak: false,
});
const SHORT_LETTERS = 600;

/** The editor beside what the words are worth. */
export function ListingDesk({
  judgement,
  written,
  kept,
  mayEdit,
  mayAllow,
  lot,
}: {
  judgement: Judgement;
  written: WrittenListing;
  kept: ListingKeeper;
  mayEdit: boolean;
  mayAllow: boolean;
  lot: { readonly id: string; readonly number: number; readonly title: string };
}) {
  const begun = kept.editedAt !== null;
  const [short, setShort] = useState(begun ? kept.short : textOf(written.short));
  const [doc, setDoc] = useState<ListingDoc>(begun ? kept.long : docOf(written.long.map(textOf)));
  // Whether a hand was at the words. Until then, and where none are kept, they are those of the records as they come in.
  const [edited, setEdited] = useState(begun);
  const [busy, setBusy] = useState(false);
  const editor = useEditor({
    extensions: [KIT, ClaimMarks],
    content: doc,
    editable: mayEdit,
    immediatelyRender: false,
    editorProps: {
      attributes: { class: 'listing-text', 'aria-label': 'Long text', role: 'textbox', 'aria-multiline': 'true' },
    },
    onUpdate: ({ editor: e }) => {
      setEdited(true);
      const read = listingDocSchema.safeParse(e.getJSON());
      if (read.success) setDoc(read.data);
    },
  });
  useEffect(() => {
    if (edited) return;
    const long = docOf(written.long.map(textOf));
    setShort(textOf(written.short));
    setDoc(long);
    editor?.commands.setContent(long, { emitUpdate: false });
  }, [edited, written, editor]);
  const whole = `${short}\n${docText(doc)}`;
  const words = useMemo(() => checkText(whole, judgement), [whole, judgement]);
  useEffect(() => {
    if (editor) markClaims(editor, words);
  }, [editor, words]);
  const against = words.filter((w) => w.verdict === 'contradicted').length;
  const same = begun && short === kept.short && JSON.stringify(doc) === JSON.stringify(kept.long);
  const clear = same && (kept.contradicted === 0 || kept.allowedWhy !== '');
  const put = (text: string, instead: string) => {
    setEdited(true);
    if (short.includes(text)) setShort(short.replace(text, instead));
    if (!editor) return;
    const changed = JSON.parse(JSON.stringify(doc), (k, v) =>
      k === 'text' && typeof v === 'string' ? v.replace(text, instead) : v,
    ) as ListingDoc;
    editor.commands.setContent(changed);
    setDoc(changed);
  };
  const keep = async () => {
    setBusy(true);
    const wrong = await kept.keep(short, doc);
    setBusy(false);
    toast(wrong || 'Kept.');
  };
  const anew = () => {
    const long = docOf(written.long.map(textOf));
    setShort(textOf(written.short));
    setDoc(long);
    editor?.commands.setContent(long);
  };
  return (
    <main className="min-h-0 flex-1 overflow-y-auto">
      <div className="mx-auto grid max-w-6xl items-start gap-5 p-4 lg:grid-cols-[1.25fr_1fr]">
        <section className="sheet grid gap-4 p-4" aria-label="Listing">
          <label className="grid gap-1 text-sm font-semibold">
            Short text
            <textarea
              rows={3}
              className="field py-2 font-normal"
              maxLength={SHORT_LETTERS}
              disabled={!mayEdit}
              value={short}
              onChange={(e) => {
                setEdited(true);
                setShort(e.target.value);
              }}
            />
          </label>
          <div className="grid gap-1">
            <span className="text-sm font-semibold">Long text</span>
            {mayEdit && (
              <div className="flex gap-1.5" role="toolbar" aria-label="Marks">
                <MarkKey
                  on={editor?.isActive('bold') ?? false}
                  says="Bold"
                  onPress={() => editor?.chain().focus().toggleBold().run()}
                />
                <MarkKey
                  on={editor?.isActive('italic') ?? false}
                  says="Italic"
                  onPress={() => editor?.chain().focus().toggleItalic().run()}
                />
                <MarkKey
                  on={editor?.isActive('bulletList') ?? false}
                  says="List"
                  onPress={() => editor?.chain().focus().toggleBulletList().run()}
                />
              </div>
            )}
            <EditorContent editor={editor} />
          </div>
          {mayEdit && (
            <div className="flex flex-wrap gap-2">
              <button type="button" className="btn btn-main" disabled={busy || same} onClick={() => void keep()}>
                {same ? 'Kept' : 'Keep listing'}
              </button>
              <button type="button" className="btn" disabled={busy} onClick={anew}>
                Write it anew from the records
              </button>
            </div>
          )}
          {kept.editedAt && (
            <p className="text-sm text-soft">
              Kept {momentText(kept.editedAt)} by {kept.editedBy}.
            </p>
          )}
        </section>
        <div className="grid gap-4">
          <ListingWordsFound words={words} judgement={judgement} mayEdit={mayEdit} onPut={put} />
          <Exports
            clear={clear}
            same={same}
            contradicted={same ? kept.contradicted : against}
            kept={kept}
            mayAllow={mayAllow}
            lot={lot}
            short={short}
            doc={doc}
          />
          <WrittenFrom written={written} />
        </div>
      </div>
    </main>
  );
}

const MarkKey = ({ on, says, onPress }: { on: boolean; says: string; onPress: () => void }) => (
  <button type="button" className="btn btn-small" aria-pressed={on} onClick={onPress}>
    {says}
  </button>
);

/** The ways out, shut while the kept text says what was found otherwise. */
function Exports({
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
      {!same && <p className="text-sm text-soft">Keep the listing first: what is kept goes out.</p>}
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
