'use client';

import { useMemo, useState } from 'react';
import type { Zone } from '@/core/body/zone';
import { FLAWS } from '@/core/catalogue/flaws/catalogue';
import { FAMILIES, type Flaw } from '@/core/catalogue/flaws/flaw';
import { OWN_WORDS } from '@/core/catalogue/flaws/own-words';
import { likelyFlaws } from '@/core/findings/likely';
import { PinHead } from '@/ui/glyphs';
import { usePreferences } from '@/ui/preferences';
import { useRecords } from '@/ui/records/inspection';
import { flawAnswersTo, flawName } from '@/words/flaws';
import { FAMILY_WORDS } from '@/words/terms';

/** What it is: flaws found on this car first, then those that fit the place, by family; all of them by search. */
export function FlawChoice({
  zone,
  onChoose,
  onOwnWords,
}: {
  zone: Zone;
  onChoose: (flaw: string) => void;
  onOwnWords: (words: string) => void;
}) {
  const { words } = usePreferences().preferences;
  const found = useRecords('finding');
  const [search, setSearch] = useState('');
  const asked = search.trim();
  const { used, others } = useMemo(() => likelyFlaws(zone, found), [zone, found]);
  const offered =
    asked === '' ? others : FLAWS.filter((f) => f.id !== OWN_WORDS && flawAnswersTo(f.id, asked.toLowerCase(), words));
  const buttons = (list: readonly Flaw[]) => (
    <div className="flex flex-wrap gap-1.5">
      {list.map((f) => (
        <button key={f.id} type="button" className="btn btn-small min-h-11 font-medium" onClick={() => onChoose(f.id)}>
          {flawName(f.id, words)}
        </button>
      ))}
    </div>
  );
  return (
    <div className="grid gap-3">
      <input
        className="field"
        placeholder="Search all flaws"
        aria-label="Search flaws"
        value={search}
        onChange={(e) => setSearch(e.target.value)}
      />
      {asked === '' && used.length > 0 && (
        <div>
          <h3 className="mb-1 text-sm font-bold">Found on this car before</h3>
          {buttons(used)}
        </div>
      )}
      {offered.length === 0 && <p>Nothing in the list says “{asked}”.</p>}
      {FAMILIES.map((family) => {
        const own = offered.filter((f) => f.family === family);
        if (own.length === 0) return null;
        return (
          <div key={family}>
            <h3 className="mb-1 flex items-center gap-2 text-sm font-bold">
              <PinHead family={family} severity={0.5} /> {FAMILY_WORDS[family]}
            </h3>
            {buttons(own)}
          </div>
        );
      })}
      <button type="button" className="btn justify-self-start" onClick={() => onOwnWords(asked)}>
        {asked === '' ? 'Something else, in own words' : `Keep “${asked}” in own words`}
      </button>
    </div>
  );
}
