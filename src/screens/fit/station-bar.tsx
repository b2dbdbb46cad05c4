import { ChevronLeft, ChevronRight, Minus, Plus } from 'lucide-react';
import type { ReactNode } from 'react';
import type { CorrectedStation } from '@/core/fit/by-hand';
import { GAP_REFUSAL_WORDS } from '@/words/fit';

/** What can be done at one place of the seam: step along, move an edge, leave it out, take it back as it was found. */
export function StationBar({
  station,
  edge,
  onStep,
  onEdge,
  onMove,
  onDrop,
  onReset,
}: {
  station: CorrectedStation;
  edge: 0 | 1;
  onStep: (by: 1 | -1) => void;
  onEdge: (edge: 0 | 1) => void;
  onMove: (edge: 0 | 1, steps: number) => void;
  onDrop: () => void;
  onReset: () => void;
}) {
  const { widthMm: w, touched } = station;
  return (
    <div className="flex flex-wrap items-center gap-1.5" role="group" aria-label="Place in hand">
      <IconButton label="Place before" onClick={() => onStep(-1)}>
        <ChevronLeft size={16} aria-hidden="true" />
      </IconButton>
      <p className="min-w-32 text-sm" role="status">
        <span className="figure">{Math.round(station.sMm)} mm</span>:{' '}
        <strong className={`figure ${touched === 'dropped' ? 'line-through' : ''}`}>
          {w ? `${w.value!.toFixed(2)} mm` : 'not read'}
        </strong>
        {touched === 'moved' && ', moved'}
        {touched === 'dropped' && ', left out'}
      </p>
      <IconButton label="Place after" onClick={() => onStep(1)}>
        <ChevronRight size={16} aria-hidden="true" />
      </IconButton>
      {w ? (
        <>
          {([0, 1] as const).map((k) => (
            <span key={k} className={`flex items-center border px-1 ${k === edge ? 'border-ink' : 'border-line'}`}>
              <button
                type="button"
                className="min-h-9 px-1 text-sm"
                aria-pressed={k === edge}
                onClick={() => onEdge(k)}
              >
                {k === 0 ? 'upper edge' : 'lower edge'}
              </button>
              <IconButton label={`${k === 0 ? 'Upper' : 'Lower'} edge up`} onClick={() => onMove(k, -1)}>
                <Minus size={14} aria-hidden="true" />
              </IconButton>
              <IconButton label={`${k === 0 ? 'Upper' : 'Lower'} edge down`} onClick={() => onMove(k, 1)}>
                <Plus size={14} aria-hidden="true" />
              </IconButton>
            </span>
          ))}
          <button type="button" className="btn btn-small" aria-pressed={touched === 'dropped'} onClick={onDrop}>
            {touched === 'dropped' ? 'Count it' : 'Leave out'}
          </button>
          {touched !== null && (
            <button type="button" className="btn btn-small" onClick={onReset}>
              As found
            </button>
          )}
        </>
      ) : (
        <p className="text-sm text-soft">{GAP_REFUSAL_WORDS[station.refused ?? 'no-slot']}</p>
      )}
    </div>
  );
}

function IconButton({ label, onClick, children }: { label: string; onClick: () => void; children: ReactNode }) {
  return (
    <button type="button" className="grid size-9 place-items-center hover:bg-wash" aria-label={label} onClick={onClick}>
      {children}
    </button>
  );
}
