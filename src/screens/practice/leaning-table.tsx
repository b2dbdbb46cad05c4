import { isOne, type Leaning, type Mean } from '@/core/agreement/house';
import { signedText } from '@/words/signed';

const meanText = (m: Mean) => `${signedText(m.mean)} (${signedText(m.low)} to ${signedText(m.high)})`;

/** Who or what leans against the others, by how much, and how that moves. */
export function LeaningTable({
  rows,
  says,
}: {
  rows: readonly Leaning[];
  says: { readonly name: string; readonly count: string; readonly bias: string; readonly few: string };
}) {
  return (
    <div className="overflow-x-auto">
      <table className="w-full text-sm">
        <thead>
          <tr className="border-b-2 border-ink text-left">
            <th className="py-1 pr-3">{says.name}</th>
            <th className="py-1 pr-3 text-right">{says.count}</th>
            <th className="py-1 pr-3 text-right">{says.bias}</th>
            <th className="py-1 text-right">Moves in 30 days</th>
          </tr>
        </thead>
        <tbody>
          {rows.map((p) => (
            <tr key={p.name} className="border-b border-line">
              <th scope="row" className="py-1 pr-3 text-left font-normal">
                {p.name}
              </th>
              <td className="figure py-1 pr-3 text-right">{p.pairs}</td>
              <td className="figure py-1 pr-3 text-right">
                {p.bias ? meanText(p.bias) : says.few}
                {isOne(p.bias) && <strong className="block font-body">leans</strong>}
              </td>
              <td className="figure py-1 text-right">
                {p.drift ? meanText(p.drift) : says.few}
                {isOne(p.drift) && <strong className="block font-body">drifts</strong>}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}
