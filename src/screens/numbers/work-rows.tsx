'use client';

import { REMEDY_IDS, TRADES } from '@/core/catalogue/remedies';
import { usePreferences } from '@/ui/preferences';
import { pick } from '@/words/vocabulary';
import { WORK_WORDS } from '@/words/work';
import { NumberField } from './fields';

const THREE = ['low', 'likely', 'high'] as const;

/** Rates by trade, and hours and parts of each piece of work. */
export function WorkRows() {
  const { words } = usePreferences().preferences;
  return (
    <div className="grid gap-4">
      <div className="grid gap-x-6 sm:grid-cols-3">
        {TRADES.map((t) => (
          <div key={t} className="grid grid-cols-[minmax(0,1fr)_5rem] items-center gap-2 py-0.5 text-sm">
            <span className="first-letter:uppercase">{t.replace('-', ' ')}, an hour</span>
            <NumberField path={`work.rates.${t}`} label={`Rate, ${t}`} />
          </div>
        ))}
      </div>
      <div className="overflow-x-auto">
        <table className="w-full text-sm">
          <thead>
            <tr>
              <th className="text-left font-semibold">Work</th>
              <th colSpan={3} className="text-center font-semibold">
                Hours: low, likely, high
              </th>
              <th colSpan={3} className="text-center font-semibold">
                Materials and parts
              </th>
            </tr>
          </thead>
          <tbody>
            {REMEDY_IDS.map((id) => {
              const name = pick(WORK_WORDS[id], words);
              return (
                <tr key={id} className="border-t border-line">
                  <th scope="row" className="pr-2 text-left font-medium">
                    {name}
                  </th>
                  {(['hours', 'parts'] as const).flatMap((what) =>
                    THREE.map((which, i) => (
                      <td key={what + which} className="p-0.5">
                        <NumberField path={`work.remedies.${id}.${what}.${i}`} label={`${name}, ${what}, ${which}`} />
                      </td>
                    )),
                  )}
                </tr>
              );
            })}
          </tbody>
        </table>
      </div>
    </div>
  );
}
