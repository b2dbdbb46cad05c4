'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { told } from '@/ui/told';

/** One's own name, as it stands under what one enters from now on. */
export function OwnName({ name: present }: { name: string }) {
  const router = useRouter();
  const [name, setName] = useState(present);
  const keep = async () => {
    if (await told('/api/v1/me', 'PATCH', { name: name.trim() }, 'Your name is changed from now on.')) router.refresh();
  };
  return (
    <section aria-labelledby="own-name" className="grid gap-2">
      <h2 id="own-name" className="text-lg font-bold">
        Your name
      </h2>
      <div className="flex gap-3">
        <input
          className="field max-w-md min-w-0 flex-1"
          aria-labelledby="own-name"
          autoComplete="name"
          value={name}
          maxLength={120}
          onChange={(e) => setName(e.target.value)}
        />
        <button
          type="button"
          className="btn"
          disabled={name.trim() === present || name.trim().length < 2}
          onClick={() => void keep()}
        >
          Keep name
        </button>
      </div>
    </section>
  );
}
