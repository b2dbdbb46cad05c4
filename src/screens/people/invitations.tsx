'use client';

import { useRouter } from 'next/navigation';
import type { Role } from '@/core/people/roles';
import { told } from '@/ui/told';
import { dayText } from '@/words/dates';
import { ROLE_WORDS } from '@/words/roles';

export interface InvitationShown {
  readonly id: string;
  readonly purpose: 'join' | 'recover';
  readonly role: Role;
  readonly name: string;
  readonly email: string;
  readonly expiresAt: string;
  readonly standing: 'open' | 'used' | 'expired' | 'withdrawn';
}

/** Links that still let somebody in, and those that did or do no more. */
export function Invitations({ invitations }: { invitations: readonly InvitationShown[] }) {
  const router = useRouter();
  const open = invitations.filter((i) => i.standing === 'open');
  const past = invitations.filter((i) => i.standing !== 'open');
  const withdraw = async (id: string) => {
    if (await told(`/api/v1/invitations/${id}`, 'DELETE', {}, 'The link is withdrawn; it lets nobody in.'))
      router.refresh();
  };
  if (invitations.length === 0) return null;
  return (
    <section aria-labelledby="links" className="grid gap-2">
      <h2 id="links" className="text-lg font-bold">
        Links that let somebody in
      </h2>
      {open.length === 0 && <p className="text-soft">None is open.</p>}
      <ul className="grid gap-px overflow-hidden rounded-cut border border-line bg-line empty:hidden">
        {open.map((i) => (
          <li key={i.id} className="flex flex-wrap items-center gap-x-4 gap-y-1 bg-card px-3 py-2">
            <span className="min-w-48 flex-1">
              <strong>{i.name || i.email || 'whoever holds it'}</strong>{' '}
              {i.purpose === 'recover' ? 'sets a new password' : `comes in as ${ROLE_WORDS[i.role].name}`}
              <span className="block text-sm text-soft">until {dayText(i.expiresAt)}</span>
            </span>
            <button type="button" className="btn btn-small" onClick={() => void withdraw(i.id)}>
              Withdraw
            </button>
          </li>
        ))}
      </ul>
      {past.length > 0 && (
        <details>
          <summary className="cursor-pointer py-2 text-sm font-semibold">{past.length} of before</summary>
          <ul className="grid gap-1 text-sm">
            {past.map((i) => (
              <li key={i.id}>
                {i.name || i.email || 'no name'}, {ROLE_WORDS[i.role].name}:{' '}
                <span className="text-soft">
                  {i.standing}
                  {i.purpose === 'recover' && ' (new password)'}
                </span>
              </li>
            ))}
          </ul>
        </details>
      )}
    </section>
  );
}
