'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import type { Role } from '@/core/people/roles';
import { told } from './told';

export interface Person {
  readonly id: string;
  readonly name: string;
  readonly email: string;
  readonly role: Role;
}

/** Who works here; a changed name counts from now on, what was entered before keeps the name it had. */
export function People({ people }: { people: readonly Person[] }) {
  return (
    <section aria-labelledby="people" className="grid gap-2">
      <h2 id="people" className="text-lg font-bold">
        People
      </h2>
      <p className="text-sm text-soft">
        A changed name counts from now on: log lines and seals of before keep the one they were made under.
      </p>
      <ul className="grid gap-px overflow-hidden rounded-cut border border-line bg-line">
        {people.map((p) => (
          <PersonRow key={p.id} person={p} />
        ))}
      </ul>
    </section>
  );
}

function PersonRow({ person }: { person: Person }) {
  const router = useRouter();
  const [name, setName] = useState(person.name);
  const changed = name.trim() !== person.name && name.trim().length > 1;
  const keep = async () => {
    if (await told(`/api/v1/people/${person.id}`, 'PATCH', { name }, 'The name is changed from now on.'))
      router.refresh();
  };
  return (
    <li className="flex flex-wrap items-center gap-x-4 gap-y-1 bg-card px-3 py-2">
      <input
        className="field min-w-48 flex-1"
        aria-label={`Name of ${person.email}`}
        value={name}
        maxLength={120}
        onChange={(e) => setName(e.target.value)}
      />
      <span className="min-w-48 flex-1 text-sm">
        {person.email}
        <span className="block text-soft">{person.role}</span>
      </span>
      <button type="button" className="btn btn-small" disabled={!changed} onClick={() => void keep()}>
        Keep name
      </button>
    </li>
  );
}
