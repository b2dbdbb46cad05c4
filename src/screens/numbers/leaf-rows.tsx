'use client';

import type { Leaf, Scalar } from '@/core/model/leaves';
import { isScalar, leafAt, leavesOf, pathText } from '@/core/model/leaves';
import { placeWords, unitOfPlace } from '@/words/tables';

/** What a typed text says where such a value stood; undefined where it is no such value. */
export function typedAs(text: string, before: Scalar): Scalar | undefined {
  const said = text.trim();
  if (typeof before === 'boolean') return said === 'yes' ? true : said === 'no' ? false : undefined;
  if (typeof before === 'number' || before === null) {
    if (said === '') return null;
    const n = Number(said.replace(',', '.'));
    return Number.isFinite(n) ? n : before === null ? said : undefined;
  }
  return said;
}

export const shownAs = (v: unknown): string =>
  v === null || v === undefined ? '' : v === true ? 'yes' : v === false ? 'no' : String(v);

/** The numbers of a table one by one, each with its unit and what ships. */
export function LeafRows({
  table,
  shipped,
  drafts,
  mayEdit,
  onType,
}: {
  table: unknown;
  shipped: unknown;
  drafts: ReadonlyMap<string, string>;
  mayEdit: boolean;
  onType: (leaf: Leaf, text: string) => void;
}) {
  const leaves = leavesOf(table).filter((l) => isScalar(l.value));
  const groups = grouped(leaves);
  return (
    <div className="grid gap-3">
      {[...groups].map(([group, rows]) => (
        <details key={group} className="sheet p-3" open={groups.size < 4 || group === ''}>
          <summary className="min-h-9 cursor-pointer font-bold">{titleOf(group, table)}</summary>
          <ul className="grid gap-1">
            {rows.map((leaf) => {
              const key = leaf.path.join('/');
              const place = pathText(group === '' ? leaf.path : leaf.path.slice(1));
              const ships = leafAt(shipped, leaf.path);
              const differs = shownAs(ships) !== shownAs(leaf.value);
              const long = typeof leaf.value === 'string' && leaf.value.length > 24;
              return (
                <li key={key} className="grid items-center gap-x-3 sm:grid-cols-[1fr_auto_4rem_9rem]">
                  <span className="min-w-0 text-sm wrap-anywhere" id={`at-${key}`}>
                    {placeWords(place)}
                  </span>
                  <input
                    className={`field ${long ? 'sm:w-80' : 'figure sm:w-32'}`}
                    aria-labelledby={`at-${key}`}
                    readOnly={!mayEdit}
                    inputMode={typeof leaf.value === 'number' ? 'decimal' : undefined}
                    value={drafts.get(key) ?? shownAs(leaf.value)}
                    onChange={(e) => onType(leaf, e.target.value)}
                  />
                  <span className="text-sm text-soft">{unitOfPlace(place)}</span>
                  <span className={`truncate text-sm ${differs ? 'font-semibold' : 'text-soft'}`}>
                    {differs ? `ships ${shownAs(ships) || 'nothing'}` : 'as shipped'}
                  </span>
                </li>
              );
            })}
          </ul>
        </details>
      ))}
    </div>
  );
}

function grouped(leaves: readonly Leaf[]): Map<string, Leaf[]> {
  const groups = new Map<string, Leaf[]>();
  for (const leaf of leaves) {
    const key = String(leaf.path.length > 1 ? leaf.path[0] : '');
    groups.set(key, [...(groups.get(key) ?? []), leaf]);
  }
  return groups;
}

/** A list's part by its name or id where it has one. */
function titleOf(group: string, table: unknown): string {
  if (group === '') return 'Of the whole table';
  const part = leafAt(table, [/^\d+$/.test(group) ? Number(group) : group]);
  const { name, id } = (typeof part === 'object' && part !== null ? part : {}) as { name?: string; id?: string };
  return name ?? id ?? (/^\d+$/.test(group) ? `Row ${Number(group) + 1}` : group);
}
