import { rampColour } from '../body-plan/ramp';
import { Behind } from './behind';
import type { BlockOf } from './blocks';

/** So many columns stand side by side on a phone. */
const FIT_A_PHONE = 4;

/** A table of figures; wider than the page it scrolls by itself. */
export function TableBlock({
  block: { label, columns, rows },
  onRecord,
}: {
  block: BlockOf<'table'>;
  onRecord?: string | undefined;
}) {
  return (
    // biome-ignore lint/a11y/noNoninteractiveTabindex: a region that scrolls is reached by keyboard
    <section className="overflow-x-auto" aria-label={label} tabIndex={0}>
      <table className={`w-full text-sm ${columns.length > FIT_A_PHONE ? 'min-w-120' : ''}`}>
        <thead className="text-left text-xs text-soft">
          <tr>
            {columns.map((c) => (
              <th key={c.name} className={`py-1 pr-2 font-semibold ${c.figures ? 'text-right' : ''}`}>
                {c.name}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {rows.map((cells, r) => (
            <tr key={r} className="border-t border-line">
              {cells.map((cell, i) => {
                const figures = columns[i]?.figures;
                return i === 0 ? (
                  <th key={i} scope="row" className="py-1.5 pr-2 text-left font-semibold">
                    {cell.swatchUm !== undefined && (
                      <span
                        className="mr-2 inline-block size-3 border border-ink/50 align-middle"
                        style={{ background: rampColour(cell.swatchUm).fill }}
                      />
                    )}
                    <Behind rests={cell.rests} onRecord={onRecord}>
                      {cell.text}
                    </Behind>
                  </th>
                ) : (
                  <td key={i} className={`pr-2 ${figures ? 'figure text-right' : ''}`}>
                    {cell.text}
                  </td>
                );
              })}
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}
