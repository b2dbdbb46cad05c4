'use client';

import { Ban, Check } from 'lucide-react';
import { useState } from 'react';
import type { Aspect, Zone } from '@/core/body/zone';
import { BLOCKED_BY, type BlockedBy } from '@/core/records/kinds/look';
import { usePreferences } from '@/ui/preferences';
import { useInspection } from '@/ui/records/inspection';
import { ASPECT_WORDS, BLOCKED_WORDS, term } from '@/words/terms';

/** Each aspect of the zone: seen and clean, blocked and why, or not seen. */
export function Looks({ zone }: { zone: Zone }) {
  const { grade, store, mayEdit } = useInspection();
  const { words } = usePreferences().preferences;
  const [blocking, setBlocking] = useState(false);
  const cells = grade?.coverage.cells.filter((c) => c.zone.slug === zone.slug) ?? [];
  const enter = (aspects: readonly Aspect[], outcome: 'clean' | 'blocked', why: BlockedBy | null) => {
    const at = new Date().toISOString();
    store.put(aspects.map((aspect) => ({ kind: 'look', body: { zone: zone.slug, aspect, outcome, why, at } })));
    setBlocking(false);
  };
  return (
    <section aria-label="Looks" className="grid gap-2">
      <ul className="flex flex-wrap gap-1.5">
        {cells.map((c) => (
          <li key={c.aspect}>
            <button
              type="button"
              disabled={!mayEdit || c.status === 'findings'}
              onClick={() => enter([c.aspect], 'clean', null)}
              title={c.status === 'unseen' ? 'Press when seen and clean' : undefined}
              className={`flex min-h-11 items-center gap-1.5 rounded-cut border px-2.5 text-sm disabled:cursor-default ${c.status === 'unseen' ? 'border-dashed border-ink/60' : c.status === 'blocked' ? 'border-pin' : 'border-ink/70 bg-wash'}`}
            >
              {c.status === 'clean' && <Check size={15} aria-hidden="true" />}
              {c.status === 'blocked' && <Ban size={15} className="text-pin" aria-hidden="true" />}
              {c.status === 'findings' && <span className="figure text-xs font-bold">{c.findings.length}</span>}
              {term(ASPECT_WORDS, c.aspect, words)}
              <span className="text-xs text-soft">
                {c.status === 'unseen'
                  ? 'not seen'
                  : c.status === 'blocked'
                    ? c.why
                      ? BLOCKED_WORDS[c.why]
                      : 'blocked'
                    : c.status === 'clean'
                      ? 'clean'
                      : 'found'}
              </span>
            </button>
          </li>
        ))}
      </ul>
      {mayEdit && (
        <div className="grid grid-cols-2 gap-2">
          <button
            type="button"
            className="btn"
            onClick={() =>
              enter(
                cells.filter((c) => c.status !== 'findings').map((c) => c.aspect),
                'clean',
                null,
              )
            }
          >
            <Check size={18} aria-hidden="true" /> Seen, clean
          </button>
          <button type="button" className="btn" aria-expanded={blocking} onClick={() => setBlocking(!blocking)}>
            <Ban size={18} aria-hidden="true" /> Blocked
          </button>
        </div>
      )}
      {blocking && (
        <fieldset className="grid gap-1.5 border border-line p-2">
          <legend className="px-1 text-sm font-semibold">Why?</legend>
          <div className="flex flex-wrap gap-1.5">
            {BLOCKED_BY.map((why) => (
              <button
                key={why}
                type="button"
                className="btn btn-small min-h-11 font-medium"
                onClick={() =>
                  enter(
                    cells.filter((c) => c.status === 'unseen' || c.status === 'blocked').map((c) => c.aspect),
                    'blocked',
                    why,
                  )
                }
              >
                {BLOCKED_WORDS[why]}
              </button>
            ))}
          </div>
        </fieldset>
      )}
    </section>
  );
}
