'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { ROLES, type Role, seesOwnOnly } from '@/core/people/roles';
import { askServer } from '@/ui/ask-server';
import { EraseLater } from '@/ui/parts/erase-later';
import { Modal } from '@/ui/parts/modal';
import { told } from '@/ui/told';
import { ROLE_WORDS } from '@/words/roles';
import type { MadeLink } from './link-shown';

export interface Person {
  readonly id: string;
  readonly name: string;
  readonly email: string;
  readonly role: Role;
  /** Sales lent whole to that person. */
  readonly sales: readonly string[];
}

interface Props {
  readonly person: Person;
  readonly me: string;
  readonly sales: readonly { readonly id: string; readonly name: string }[];
  readonly onMade: (made: MadeLink) => void;
}

/** One person of the house: name, role, what is lent, a link for a new password, letting go. */
export function PersonRow({ person, me, sales, onMade }: Props) {
  const router = useRouter();
  const [name, setName] = useState(person.name);
  const [leaving, setLeaving] = useState(false);
  const at = `/api/v1/people/${person.id}`;
  const renamed = name.trim() !== person.name && name.trim().length > 1;
  const then = async (done: Promise<boolean>) => {
    if (await done) router.refresh();
  };
  const recover = async () => {
    const answer = await askServer(`${at}/recovery`, 'POST', { mail: false });
    if (answer.ok) onMade({ ...(answer.body as unknown as MadeLink), forWhom: person.name });
    router.refresh();
  };
  return (
    <li className="grid gap-2 bg-card px-3 py-3">
      <div className="grid items-center gap-2 sm:grid-cols-[minmax(0,1fr)_auto_auto]">
        <span className="flex gap-2">
          <input
            className="field min-w-0 flex-1"
            aria-label={`Name of ${person.email}`}
            value={name}
            maxLength={120}
            onChange={(e) => setName(e.target.value)}
          />
          {renamed && (
            <button
              type="button"
              className="btn btn-small"
              onClick={() => void then(told(at, 'PATCH', { name: name.trim() }, 'The name is changed from now on.'))}
            >
              Keep name
            </button>
          )}
        </span>
        <select
          className="field w-auto"
          aria-label={`Role of ${person.name}`}
          value={person.role}
          onChange={(e) =>
            void then(
              told(
                at,
                'PATCH',
                { role: e.target.value },
                `${person.name} is ${ROLE_WORDS[e.target.value as Role].name} from now on.`,
              ),
            )
          }
        >
          {ROLES.map((r) => (
            <option key={r} value={r}>
              {ROLE_WORDS[r].name}
            </option>
          ))}
        </select>
        <span className="flex gap-2">
          <button type="button" className="btn btn-small" onClick={() => void recover()}>
            New password
          </button>
          <button type="button" className="btn btn-small" onClick={() => setLeaving(true)}>
            Let go
          </button>
        </span>
      </div>
      <p className="text-sm text-soft">
        {person.email}
        {person.id === me && ', you'} · {ROLE_WORDS[person.role].says}
      </p>
      {seesOwnOnly(person.role) && sales.length > 0 && (
        <fieldset className="flex flex-wrap gap-x-4 text-sm">
          <legend className="sr-only">Sales lent to {person.name}</legend>
          {sales.map((s) => (
            <label key={s.id} className="flex min-h-11 items-center gap-2">
              <input
                type="checkbox"
                className="size-5 accent-thread"
                checked={person.sales.includes(s.id)}
                onChange={(e) =>
                  void then(
                    told(
                      `/api/v1/sales/${s.id}/lending/${person.id}`,
                      e.target.checked ? 'PUT' : 'DELETE',
                      {},
                      e.target.checked
                        ? `${person.name} sees every lot of ${s.name}.`
                        : `${person.name} sees ${s.name} no more, but for lots lent alone.`,
                    ),
                  )
                }
              />
              all of {s.name}
            </label>
          ))}
        </fieldset>
      )}
      {leaving && (
        <Modal title={`Let ${person.name} go`} onClose={() => setLeaving(false)}>
          <div className="grid gap-4">
            <p>
              That account opens nothing any more, at once and on every device. What {person.name} entered and sealed
              stays, under this name. Invited again with the same email, the person is the same one.
            </p>
            <button
              type="button"
              className="btn btn-main"
              onClick={async () => {
                const gone = await told(at, 'DELETE', {}, `${person.name} is let go.`);
                setLeaving(false);
                if (gone) router.refresh();
              }}
            >
              Let go
            </button>
            <EraseLater
              what="person"
              target={person.id}
              onDone={() => setLeaving(false)}
              says="The name goes from log lines and lists too, with email and addresses. Sealed reports that name the person stay as sealed: erase their lots."
            />
          </div>
        </Modal>
      )}
    </li>
  );
}
