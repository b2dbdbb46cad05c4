'use client';

import { EditorContent } from '@tiptap/react';
import { useState } from 'react';
import { toast } from 'sonner';
import type { Judgement } from '@/core/judge/judge';
import type { WrittenListing } from '@/report/listing';
import { useStored } from '@/ui/records/inspection';
import { momentText } from '@/words/dates';
import { ListingOut } from './listing-out';
import type { ListingKeeper } from './use-listing';
import { useListingText } from './use-listing-text';
import { ListingWordsFound } from './words-found';
import { WrittenFrom } from './written-from';

const SHORT_LETTERS = 600;
const SINCE = {
  report: 'The report was sealed anew after that',
  records: 'Records came in after that',
} as const;

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
  const { begun, editor, short, doc, words, write, put, anew } = useListingText(written, kept, judgement, mayEdit);
  const [busy, setBusy] = useState(false);
  const waits = useStored((held) => held.waiting > 0);
  const against = words.filter((w) => w.verdict === 'contradicted').length;
  const same = begun && short === kept.short && JSON.stringify(doc) === JSON.stringify(kept.long);
  // What came after it was kept may have made it untrue: it is read once more before it goes out.
  const read = same && kept.since === null;
  const clear = read && (kept.contradicted === 0 || kept.allowedWhy !== '');
  const keep = async () => {
    setBusy(true);
    const wrong = await kept.keep(short, doc);
    setBusy(false);
    toast(wrong || 'Kept.');
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
              onChange={(e) => write(e.target.value)}
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
              <button
                type="button"
                className="btn btn-main"
                disabled={busy || read || waits}
                onClick={() => void keep()}
              >
                {read ? 'Kept' : same ? 'I read it again: keep it' : 'Keep listing'}
              </button>
              <button type="button" className="btn" disabled={busy} onClick={anew}>
                Write it anew from the records
              </button>
            </div>
          )}
          {waits && mayEdit && (
            <p className="text-sm">
              Entries wait to be sent. The listing is kept once the server has them: it is held against all of them.
            </p>
          )}
          {kept.editedAt && (
            <p className="text-sm text-soft">
              Kept {momentText(kept.editedAt)} by {kept.editedBy}.
            </p>
          )}
          {same && kept.since && (
            <p className="border-l-4 border-pin pl-2 text-sm">
              {SINCE[kept.since]}: the listing does not know of it. Read it against what is on record now, and keep it
              again.
            </p>
          )}
        </section>
        <div className="grid gap-4">
          <ListingWordsFound words={words} judgement={judgement} mayEdit={mayEdit} onPut={put} />
          <ListingOut
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
