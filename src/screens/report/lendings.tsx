'use client';

import { useRouter } from 'next/navigation';
import { toast } from 'sonner';

export interface Lending {
  readonly id: string;
  readonly name: string;
  readonly lent: boolean;
}

/** Which viewers of the house may see this lot: nothing is seen by them that is not lent. */
export function Lendings({ lotId, lendings }: { lotId: string; lendings: readonly Lending[] }) {
  const router = useRouter();
  const lend = async (person: Lending, lent: boolean) => {
    const answer = await fetch(`/api/v1/lots/${lotId}/lending/${person.id}`, { method: lent ? 'PUT' : 'DELETE' }).catch(
      () => null,
    );
    if (answer?.ok) toast(lent ? `${person.name} may see this lot.` : `${person.name} sees this lot no more.`);
    else toast.error('The server does not answer. Nothing was changed; try again when you are connected.');
    router.refresh();
  };
  return (
    <div className="grid gap-1">
      <h2 className="text-lg font-bold">Lent to</h2>
      <p className="text-sm text-soft">Viewers see what is lent to them, without withheld findings.</p>
      {lendings.length === 0 && <p className="text-sm">Your house has no viewers.</p>}
      <ul className="text-sm">
        {lendings.map((p) => (
          <li key={p.id}>
            <label className="flex min-h-11 items-center gap-3">
              <input
                type="checkbox"
                className="size-5 accent-thread"
                checked={p.lent}
                onChange={(e) => void lend(p, e.target.checked)}
              />
              {p.name}
            </label>
          </li>
        ))}
      </ul>
    </div>
  );
}
