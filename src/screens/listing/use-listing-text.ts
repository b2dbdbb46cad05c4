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
/** The listing's words while they are worked on, and what each claim in them is worth. */
export function useListingText(written: WrittenListing, kept: KeptListing, judgement: Judgement, mayEdit: boolean) {
  const begun = kept.editedAt !== null;
  const [short, setShort] = useState(begun ? kept.short : textOf(written.short));
  const [doc, setDoc] = useState<ListingDoc>(begun ? kept.long : docOf(written.long.map(textOf)));
  // Whether a hand was at the words. Until then, and where none are kept, they are those of the records as they come in.
  const [edited, setEdited] = useState(begun);
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
  return {
    begun,
    editor,
    short,
    doc,
    words,
    write: (next: string) => {
      setEdited(true);
      setShort(next);
    },
    /** Puts other words in the place of a claim. */
    put: (text: string, instead: string) => {
      setEdited(true);
      if (short.includes(text)) setShort(short.replace(text, instead));
      if (!editor) return;
      const changed = JSON.parse(JSON.stringify(doc), (k, v) =>
        k === 'text' && typeof v === 'string' ? v.replace(text, instead) : v,
      ) as ListingDoc;
      editor.commands.setContent(changed);
      setDoc(changed);
    },
    /** Back to the words of the records. */
    anew: () => {
      const long = docOf(written.long.map(textOf));
      setShort(textOf(written.short));
      setDoc(long);
      editor?.commands.setContent(long);
    },
  };
}
