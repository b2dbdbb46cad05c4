import { useEditor } from '@tiptap/react';
import StarterKit from '@tiptap/starter-kit';
import { useEffect, useMemo, useState } from 'react';
import type { Judgement } from '@/core/judge/judge';
import { checkText } from '@/core/listing/check-text';
import { docOf, docText, type ListingDoc, listingDocSchema } from '@/core/listing/doc';
import { textOf, type WrittenListing } from '@/report/listing';
import { ClaimMarks, markClaims } from './claim-marks';
import type { KeptListing } from './use-listing';

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

interface Words {
  readonly short: string;
  readonly doc: ListingDoc;
}

/** The listing's words while they are worked on, and what each claim in them is worth. */
export function useListingText(written: WrittenListing, kept: KeptListing, judgement: Judgement, mayEdit: boolean) {
  const begun = kept.editedAt !== null;
  const fromRecords = useMemo(
    (): Words => ({ short: textOf(written.short), doc: docOf(written.long.map(textOf)) }),
    [written],
  );
  // Null until a hand was at the words, where none are kept: they are those of the records as they come in.
  const [own, setOwn] = useState<Words | null>(begun ? { short: kept.short, doc: kept.long } : null);
  const { short, doc } = own ?? fromRecords;
  const change = (to: Partial<Words>) => setOwn((now) => ({ ...(now ?? fromRecords), ...to }));
  const editor = useEditor({
    extensions: [KIT, ClaimMarks],
    content: doc,
    editable: mayEdit,
    immediatelyRender: false,
    editorProps: {
      attributes: { class: 'listing-text', 'aria-label': 'Long text', role: 'textbox', 'aria-multiline': 'true' },
    },
    onUpdate: ({ editor: e }) => {
      const read = listingDocSchema.safeParse(e.getJSON());
      change(read.success ? { doc: read.data } : {});
    },
  });
  useEffect(() => {
    if (own === null) editor?.commands.setContent(fromRecords.doc, { emitUpdate: false });
  }, [own, fromRecords, editor]);
  const whole = `${short}\n${docText(doc)}`;
  const words = useMemo(() => checkText(whole, judgement), [whole, judgement]);
  useEffect(() => {
    if (editor) markClaims(editor, words);
  }, [editor, words]);
  return {
    begun,
    editor,
    short,
    doc,
    words,
    write: (next: string) => change({ short: next }),
    /** Puts other words in the place of a claim. */
    put: (text: string, instead: string) => {
      change({ short: short.replace(text, instead) });
      const changed = JSON.parse(JSON.stringify(doc), (k, v) =>
        k === 'text' && typeof v === 'string' ? v.replace(text, instead) : v,
      ) as ListingDoc;
      // The editor says what it made of them.
      editor?.commands.setContent(changed);
    },
    /** Back to the words of the records. */
    anew: () => {
      change(fromRecords);
      editor?.commands.setContent(fromRecords.doc);
    },
  };
}
