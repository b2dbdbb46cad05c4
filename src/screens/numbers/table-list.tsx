'use client';

import { ChevronRight } from 'lucide-react';
import type { TableName } from '@/core/grade/all-tables';
import { Link } from '@/ui/parts/link';
import { ReaderMenu } from '@/ui/parts/reader-menu';
import { usePreferences } from '@/ui/preferences';
import { PlainPage } from '@/ui/shell/plain-page';
import { tableWords } from '@/words/tables';

interface Listed {
  readonly name: TableName;
  readonly own: boolean;
  readonly unfit: boolean;
  readonly source: string;
}

/** Tables that have a page of their own besides the list of their numbers. */
const BESIDES: Readonly<Partial<Record<TableName, readonly [href: string, name: string]>>> = {
  grade: ['/grade-numbers', 'With the described cars'],
  tolerances: ['/tolerances', 'As rows'],
};

/** Every table of numbers by which the house judges. */
export function TableList({ tables }: { tables: readonly Listed[] }) {
  const { words } = usePreferences().preferences;
  return (
    <PlainPage
      title="Numbers"
      about="What cars are judged by. Each table can be changed, tried on your lots, taken out, brought in and put back."
      menu={<ReaderMenu compact />}
    >
      <ul className="grid gap-px overflow-hidden rounded-cut border border-line bg-line">
        {tables.map((t) => {
          const besides = BESIDES[t.name];
          const { name, says } = tableWords(t.name, words);
          return (
            <li key={t.name} className="flex flex-wrap items-center gap-x-4 gap-y-1 bg-card px-3 py-2.5">
              <Link href={`/numbers/${t.name}`} className="min-w-64 flex-1 hover:underline">
                <span className="flex items-center gap-1 font-semibold">
                  {name} <ChevronRight size={16} aria-hidden="true" />
                </span>
                <span className="block text-sm text-soft">{says}</span>
              </Link>
              {besides && (
                <Link className="btn btn-small" href={besides[0]}>
                  {besides[1]}
                </Link>
              )}
              <span className={`w-28 text-right text-sm ${t.own ? 'font-semibold' : 'text-soft'}`}>
                {t.unfit ? <strong className="text-pin">cannot be read</strong> : t.own ? 'your own' : 'as shipped'}
              </span>
            </li>
          );
        })}
      </ul>
      <p className="text-sm text-soft">
        Sealed reports keep the numbers that they were sealed with. What is not sealed is judged anew by what you keep.
      </p>
    </PlainPage>
  );
}
