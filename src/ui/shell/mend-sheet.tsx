'use client';

import { useState } from 'react';
import { KIND_WORDS } from '@/words/record';
import { Modal } from '../parts/modal';
import { useInspection } from '../records/inspection';
import type { Aside } from '../records/inspection-store';

type Field = string | number | boolean;
const isField = (v: unknown): v is Field => ['string', 'number', 'boolean'].includes(typeof v);

/** The name of a field as a person reads it: thicknessUm → thickness um. */
const label = (key: string) => key.replace(/([A-Z])/g, ' $1').toLowerCase();

/** A refused entry's own fields, to be put right and sent once more. */
export function MendSheet({ aside, onClose }: { aside: Aside; onClose: () => void }) {
  const { store } = useInspection();
  const { change, result } = aside;
  const body = (change.op === 'put' ? change.body : {}) as Record<string, unknown>;
  const [typed, setTyped] = useState<Record<string, Field>>(
    Object.fromEntries(Object.entries(body).filter((e): e is [string, Field] => isField(e[1]))),
  );
  const [problem, setProblem] = useState(result.status === 'rejected' ? result.message : '');
  const send = () => {
    const mended = Object.fromEntries(
      Object.entries(body).map(([key, was]) => {
        const now = typed[key];
        return [key, typeof was === 'number' ? Number(now) : isField(was) ? now : was];
      }),
    );
    const put = store.insist(aside, mended);
    if (put.ok) onClose();
    else setProblem(put.message);
  };
  return (
    <Modal title={`Mend the ${KIND_WORDS[change.kind]}`} onClose={onClose}>
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
        {Object.entries(typed).map(([key, value]) => (
          <label key={key} htmlFor={`mend-${key}`} className="grid gap-1 text-sm font-semibold first-letter:uppercase">
            {label(key)}
            {typeof value === 'boolean' ? (
              <input
                id={`mend-${key}`}
                type="checkbox"
                className="size-6"
                checked={value}
                onChange={(e) => setTyped({ ...typed, [key]: e.target.checked })}
              />
            ) : (
              <input
                id={`mend-${key}`}
                className="field font-normal"
                inputMode={typeof body[key] === 'number' ? 'decimal' : 'text'}
                value={String(value)}
                onChange={(e) => setTyped({ ...typed, [key]: e.target.value })}
              />
            )}
          </label>
        ))}
        <button type="submit" className="btn btn-main">
          Send again
        </button>
      </form>
    </Modal>
  );
}
