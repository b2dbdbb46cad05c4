'use client';

import { AXES } from '@/core/catalogue/axes';
import { LENSES } from '@/core/grade/tables';
import { capital } from '@/words/capital';
import { AXIS_WORDS, LENS_WORDS } from '@/words/grade';
import { NumberField } from './fields';

const ROWS = [
  ...AXES.map((a) => ({ name: capital(AXIS_WORDS[a]), weight: `weights.${a}`, minds: `minds.${a}` })),
  { name: 'Age on what the works made', weight: null, minds: 'patina' },
  { name: 'What lies hidden', weight: null, minds: 'hidden' },
];

/** What each axis weighs under each lens, and how much that school minds its losses. */
export function LensMatrix() {
  return (
    <div className="overflow-x-auto">
      <table className="w-full text-sm">
        <thead>
          <tr>
            <th className="text-left font-semibold">Axis</th>
            {LENSES.map((l) => (
              <th key={l} colSpan={2} className="px-1 text-center font-semibold">
                {capital(l)}
                <span className="block text-xs font-normal text-soft">{LENS_WORDS[l]}</span>
              </th>
            ))}
          </tr>
          <tr className="text-xs text-soft">
            <th />
            {LENSES.flatMap((l) => [
              <th key={`${l}w`} className="font-normal">
                weighs
              </th>,
              <th key={`${l}m`} className="font-normal">
                minds
              </th>,
            ])}
          </tr>
        </thead>
        <tbody>
          {ROWS.map((r) => (
            <tr key={r.name} className="border-t border-line">
              <th scope="row" className="pr-2 text-left font-medium">
                {r.name}
              </th>
              {LENSES.flatMap((l) => [
                <td key={`${l}w`} className="p-0.5">
                  {r.weight && <NumberField path={`grade.lenses.${l}.${r.weight}`} label={`${r.name} weighs, ${l}`} />}
                </td>,
                <td key={`${l}m`} className="p-0.5 pr-2">
                  <NumberField path={`grade.lenses.${l}.${r.minds}`} label={`${r.name} minded, ${l}`} />
                </td>,
              ])}
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}
