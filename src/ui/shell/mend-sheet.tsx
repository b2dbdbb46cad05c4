'use client';

import { useMemo, useState } from 'react';
import { wordsOf } from '@/words/kinds';

import { Modal } from '../parts/modal';
import { useLot } from '../records/inspection';
import type { RejectedChange } from '../records/inspection-store';
import { mendedBody, mendFields, mendTexts } from './mend-fields';

/** The name of a field as a person reads it: thicknessUm → thickness um. */
const label = (key: string) => key.replace(/([A-Z])/g, ' $1').toLowerCase();

/** A refused entry's own fields, to be put right and sent once more. */
export function MendSheet({ rejected, onClose }: { rejected: RejectedChange; onClose: () => void }) {
  const { store } = useLot();
  const { change, result } = rejected;
  const body = (change.op === 'put' ? change.body : {}) as Record<string, unknown>;
  const fields = useMemo(() => mendFields(change.kind), [change.kind]);
  const [typed, setTyped] = useState<Record<string, string>>(() => mendTexts(fields, body));
  const [problem, setProblem] = useState(result.status === 'rejected' ? result.message : '');
  const send = () => {
    const mended = mendedBody(fields, body, typed);
    if (!mended.ok) return setProblem(`${label(mended.key)}: ${mended.message}`);
    const put = store.resubmit(rejected, mended.body);
    if (put.ok) onClose();
    else setProblem(put.message);
  };
  return (
    <Modal title={`Mend the ${wordsOf(change.kind).name}`} onClose={onClose}>
      <form
        className="grid gap-3"
        onSubmit={(e) => {
          e.preventDefault();
          send();
        }}
      >
        {problem && (
          <p role="alert" className="border-l-4 border-pin pl-2 text-sm">
            {problem}
          </p>
        )}
        {fields.map(({ key, type, options, mayBeEmpty }) => {
          const set = (value: string) => setTyped({ ...typed, [key]: value });
          return (
            <label
              key={key}
              htmlFor={`mend-${key}`}
              className="grid gap-1 text-sm font-semibold first-letter:uppercase"
            >
              {label(key)}
              {type === 'boolean' || type === 'choice' ? (
                <select
                  id={`mend-${key}`}
                  className="field font-normal"
                  value={typed[key]}
                  onChange={(e) => set(e.target.value)}
                >
                  {(mayBeEmpty || typed[key] === '') && <option value="">not known</option>}
                  {(type === 'boolean' ? ['true', 'false'] : options).map((o) => (
                    <option key={o} value={o}>
                      {{ true: 'yes', false: 'no' }[o] ?? o}
                    </option>
                  ))}
                </select>
              ) : (
                <input
                  id={`mend-${key}`}
                  className="field font-normal"
                  inputMode={type === 'number' ? 'decimal' : 'text'}
                  placeholder={mayBeEmpty ? 'not known' : ''}
                  value={typed[key]}
                  onChange={(e) => set(e.target.value)}
                />
              )}
            </label>
          );
        })}
        <button type="submit" className="btn btn-main">
          Send again
        </button>
      </form>
    </Modal>
  );
}
