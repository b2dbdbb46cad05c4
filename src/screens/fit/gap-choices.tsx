import type { ReactNode } from 'react';
import { PIECES, type Piece } from '@/core/fit/by-hand';
import { PIECE_WORDS } from '@/words/fit';
import { CARDS } from './gap-question';
import type { GapMeasure } from './use-gap-measure';

/** What only the person knows: which seam it is, which card lies on it, which piece of the seam is on the picture. */
export function GapChoices({
  seams,
  seam,
  onSeam,
  piece,
  onPiece,
  measure,
}: {
  seams: readonly { readonly slug: string; readonly name: string }[];
  seam: string;
  onSeam: (seam: string) => void;
  piece: Piece;
  onPiece: (piece: Piece) => void;
  measure: GapMeasure;
}) {
  const { card, setCard, typed, setTyped } = measure;
  return (
    <div className="grid gap-2 sm:grid-cols-3">
      <Choice name="Seam" value={seam} onValue={onSeam}>
        <option value="" disabled>
          choose
        </option>
        {seams.map((s) => (
          <option key={s.slug} value={s.slug}>
            {s.name}
          </option>
        ))}
      </Choice>
      <Choice name="Card" value={card} onValue={setCard}>
        {[...Object.keys(CARDS), 'another size'].map((c) => (
          <option key={c}>{c}</option>
        ))}
      </Choice>
      <Choice name="Piece of it" value={piece} onValue={(p) => onPiece(p as Piece)}>
        {PIECES.map((p) => (
          <option key={p} value={p}>
            {PIECE_WORDS[p]}
          </option>
        ))}
      </Choice>
      {card in CARDS ? null : (
        <label className="grid gap-1 text-sm font-semibold">
          Its size, mm
          <input
            className="field figure"
            placeholder="100 x 60"
            value={typed}
            onChange={(e) => setTyped(e.target.value)}
          />
        </label>
      )}
    </div>
  );
}

const Choice = ({
  name,
  value,
  onValue,
  children,
}: {
  name: string;
  value: string;
  onValue: (value: string) => void;
  children: ReactNode;
}) => (
  <label className="grid gap-1 text-sm font-semibold">
    {name}
    <select className="field font-normal" value={value} onChange={(e) => onValue(e.target.value)}>
      {children}
    </select>
  </label>
);
