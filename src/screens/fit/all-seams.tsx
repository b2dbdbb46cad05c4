import { toast } from 'sonner';
import { fitCsv, readFitCsv } from '@/core/csv/fit';
import type { CarFit } from '@/core/fit/car-fit';
import { worstFirst } from '@/core/fit/seams';
import { clip } from '@/core/records/clip';
import { recordsOf } from '@/core/records/reduce';
import { CsvTransfer } from '@/ui/parts/csv-transfer';
import { Link } from '@/ui/parts/link';
import { useWording } from '@/ui/preferences';
import { useInspection } from '@/ui/records/inspection';
import { seamName } from '@/words/fit';
import { sideWord } from '@/words/vocabulary';

/** A figure to a tenth with its sign; none for what rounds to 0. */
const signed = (v: number) => {
  const tenths = Math.round(10 * v) / 10;
  return `${tenths > 0 ? '+' : tenths < 0 ? '−' : ''}${Math.abs(tenths).toFixed(1)}`;
};

/** Every measured seam, worst first: mean, range, taper, steps, flush and the other side; evenness by side; CSV in and out. */
export function AllSeams({ fit, seam, onPick }: { fit: CarFit; seam: string; onPick: (seam: string) => void }) {
  const { state, store, plan, facts, mayEdit, car } = useInspection();
  const wording = useWording(car?.steering);
  const rows = worstFirst(fit.seams);
  const other = new Map(
    fit.twins.flatMap(({ seam: s, twin, differMm }) => [
      [s, differMm.value!],
      [twin, -differMm.value!],
    ]),
  );
  const take = (text: string, name: string) => {
    const { seams, bad } = readFitCsv(text, plan?.seams.keys() ?? []);
    if (bad.length > 0) return bad;
    const at = new Date().toISOString();
    const put = store.put(
      seams.map((s) => ({ kind: 'gap' as const, body: { ...s, by: 'feeler' as const, note: clip(name, 300), at } })),
    );
    toast(put.ok ? `${seams.length} seams taken from ${name}.` : put.message);
    return [];
  };
  const sides = (['left', 'right', 'centre'] as const).flatMap((side) => {
    const even = fit.evenness[side];
    const word = side === 'centre' ? 'middle' : sideWord(side, wording);
    return even === null ? [] : [`${word} ${Math.round(even)}`];
  });
  return (
    <section className="grid gap-2 border-t border-line p-4" aria-label="All seams">
      <div className="flex flex-wrap items-center gap-2">
        <h2 className="flex-1 text-lg font-bold">
          {rows.length} of {plan!.seams.size} seams measured
        </h2>
        <CsvTransfer
          what="Fit"
          fileName={`lot-${facts.lot.number}-fit.csv`}
          text={() => fitCsv(recordsOf(state.records, 'gap').map((g) => g.body))}
          take={mayEdit ? take : null}
        />
        <Link className="btn" href="/tolerances">
          Tolerances
        </Link>
      </div>
      {sides.length > 0 && (
        <p className="text-sm">
          Evenness of 100: <span className="figure">{sides.join(', ')}</span>.
        </p>
      )}
      {rows.length > 0 && (
        <div className="overflow-x-auto">
          <table className="w-full text-sm">
            <thead>
              <tr className="text-left text-xs text-soft">
                {['Seam', 'Mean', 'Range', 'Taper /100', 'Steps', 'Within', 'Flush', 'Other side'].map((h, i) => (
                  <th key={h} scope="col" className={`py-1 font-semibold ${i > 0 ? 'text-right' : ''}`}>
                    {h}
                  </th>
                ))}
              </tr>
            </thead>
            <tbody>
              {rows.map((f) => (
                <tr key={f.seam} className={`border-t border-line ${f.seam === seam ? 'bg-wash' : ''}`}>
                  <th scope="row" className="text-left font-normal">
                    <button
                      type="button"
                      className="min-h-9 text-left underline decoration-line underline-offset-4"
                      onClick={() => onPick(f.seam)}
                    >
                      {seamName(f.seam, wording)}
                    </button>
                  </th>
                  {[
                    f.meanMm.value?.toFixed(1),
                    f.rangeMm.toFixed(1),
                    f.taperMmPer100.value === null ? null : signed(f.taperMmPer100.value),
                    f.steps.map((s) => signed(s.jumpMm)).join(' '),
                    f.within === null ? null : `${Math.round(100 * f.within)} %`,
                    f.worstFlushMm === null ? null : signed(f.worstFlushMm),
                    other.has(f.seam) ? signed(other.get(f.seam)!) : null,
                  ].map((text, i) => (
                    <td key={i} className="figure pl-3 text-right whitespace-nowrap">
                      {text || '–'}
                    </td>
                  ))}
                </tr>
              ))}
            </tbody>
          </table>
        </div>
      )}
      <p className="text-xs text-soft">
        mm; the seams furthest from their tolerance first. Flush is the worst place; other side is this seam less its
        twin.
      </p>
    </section>
  );
}
