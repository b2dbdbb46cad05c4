import type { Node } from '@tiptap/pm/model';
import { Plugin, PluginKey } from '@tiptap/pm/state';
import { Decoration, DecorationSet } from '@tiptap/pm/view';
import { type Editor, Extension } from '@tiptap/react';
import type { ListingVerdict, ListingWords } from '@/core/claims/listing';
import { VERDICT_SAYS } from './verdicts';

type Marked = Pick<ListingWords, 'text' | 'verdict'>;
interface Held {
  readonly words: readonly Marked[];
  readonly drawn: DecorationSet;
}
const KEY = new PluginKey<Held>('claims');
const CLASS: Readonly<Record<ListingVerdict, string>> = {
  contradicted: 'claim-against',
  unsupported: 'claim-bare',
  wider: 'claim-bare',
  supported: 'claim-borne',
};

/** Where each claim stands in the text: every place in a paragraph at which its words are found. */
export function claimPlaces(doc: Node, words: readonly Marked[]) {
  const places: { from: number; to: number; verdict: ListingVerdict }[] = [];
  doc.descendants((block, at) => {
    if (!block.isTextblock) return true;
    // A paragraph of text alone: its letters stand one after the other from the place behind its opening.
    const text = block.textBetween(0, block.content.size, undefined, '￼');
    for (const { text: claim, verdict } of words)
      for (let i = text.indexOf(claim); claim !== '' && i >= 0; i = text.indexOf(claim, i + claim.length))
        places.push({ from: at + 1 + i, to: at + 1 + i + claim.length, verdict });
    return false;
  });
  return places;
}

const drawn = (doc: Node, words: readonly Marked[]) =>
  DecorationSet.create(
    doc,
    claimPlaces(doc, words).map(({ from, to, verdict }) =>
      Decoration.inline(from, to, { class: CLASS[verdict], title: VERDICT_SAYS[verdict] }),
    ),
  );

/** Underlines in the editor what claims something, by what it is worth; the text that is kept holds nothing of it. */
export const ClaimMarks = Extension.create({
  name: 'claimMarks',
  addProseMirrorPlugins: () => [
    new Plugin<Held>({
      key: KEY,
      state: {
        init: (_config, state) => ({ words: [], drawn: drawn(state.doc, []) }),
        apply: (tr, held) => {
          const words = (tr.getMeta(KEY) as readonly Marked[] | undefined) ?? held.words;
          return words === held.words && !tr.docChanged ? held : { words, drawn: drawn(tr.doc, words) };
        },
      },
      props: { decorations: (state) => KEY.getState(state)?.drawn },
    }),
  ],
});

/** Tells the editor what the words of its text are worth. */
export function markClaims(editor: Editor, words: readonly ListingWords[]): void {
  editor.view.dispatch(editor.state.tr.setMeta(KEY, words).setMeta('addToHistory', false));
}
