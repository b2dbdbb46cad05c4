'use client';

import { Copy } from 'lucide-react';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { useForm } from 'react-hook-form';
import { toast } from 'sonner';
import { instantIn } from '@/core/time/instant-in';
import { dayText, momentText } from '@/words/dates';
import { plural } from '@/words/plural';

export interface ShareLink {
  readonly id: string;
  readonly label: string;
  readonly createdAt: string;
  readonly expiresAt: string | null;
  /** How often it was opened, once an hour for each address, and when last. */
  readonly opened: number;
  readonly openedLast: string | null;
  readonly opensAt: string | null;
  readonly standing: 'open' | 'held back' | 'expired' | 'withdrawn';
}

interface Given {
  label: string;
  days: string;
  from: string;
}

const DAY_MS = 86_400_000;

/** Links by which bidders read the sealed report without signing in. */
export function Links({
  lotId,
  links,
  mayPublish,
  sealed,
  timeZone,
}: {
  lotId: string;
  links: readonly ShareLink[];
  mayPublish: boolean;
  sealed: boolean;
  timeZone: string;
}) {
  const router = useRouter();
  const [fresh, setFresh] = useState('');
  const { register, handleSubmit, formState } = useForm<Given>({ defaultValues: { label: '', days: '30', from: '' } });
  const create = handleSubmit(async ({ label, days, from }) => {
    const opensAt = from === '' ? null : instantIn(from, timeZone);
    const expiresAt = days === '' ? null : new Date(Date.now() + Number(days) * DAY_MS).toISOString();
    const response = await fetch(`/api/v1/lots/${lotId}/links`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ label, expiresAt, opensAt }),
    }).catch(() => null);
    const answer = await response?.json().catch(() => null);
    if (!response?.ok) {
      toast(answer?.message ?? 'The server does not answer. No link was made.');
      return;
    }
    setFresh(new URL(answer.path, window.location.origin).href);
    router.refresh();
  });
  const withdraw = async (id: string) => {
    const response = await fetch(`/api/v1/links/${id}`, { method: 'DELETE' }).catch(() => null);
    toast(
      response?.ok
        ? 'The link is withdrawn; it opens nothing any more.'
        : 'The link could not be withdrawn. Try again.',
    );
    router.refresh();
  };
  return (
    <div className="grid gap-2">
      <h2 className="text-lg font-bold">Links for bidders</h2>
      {!sealed && <p className="text-sm text-soft">A link opens the sealed report, once there is one.</p>}
      {fresh && (
        <div className="grid gap-1 border-2 border-thread p-2 text-sm">
          <span className="font-semibold">Copy it now: it is not shown again.</span>
          <a className="figure text-xs break-all underline" href={fresh} data-testid="fresh-link">
            {fresh}
          </a>
          <button
            type="button"
            className="btn btn-small"
            onClick={() => navigator.clipboard?.writeText(fresh).then(() => toast('Copied.'))}
          >
            <Copy size={14} aria-hidden="true" /> Copy link
          </button>
        </div>
      )}
      {mayPublish && (
        <form onSubmit={create} className="grid grid-cols-[1fr_auto] gap-2">
          <input className="field" placeholder="For whom" aria-label="For whom" {...register('label')} />
          <select className="field w-auto" aria-label="Expires" {...register('days')}>
            <option value="7">7 days</option>
            <option value="30">30 days</option>
            <option value="">no expiry</option>
          </select>
          <label className="col-span-2 grid gap-1 text-sm">
            Opens, by the sale’s clock (nothing: at once)
            <input type="datetime-local" className="field" {...register('from')} />
          </label>
          <button type="submit" className="btn col-span-2" disabled={formState.isSubmitting}>
            Make link
          </button>
        </form>
      )}
      <ul className="divide-y divide-line text-sm">
        {links.map((l) => (
          <li key={l.id} className="flex items-center justify-between gap-2 py-1.5">
            <span>
              {l.label || 'unnamed'}
              <span className="block text-xs text-soft">
                {l.standing === 'open'
                  ? l.expiresAt
                    ? `open until ${dayText(l.expiresAt)}`
                    : 'open, no expiry'
                  : l.standing === 'held back'
                    ? `held back until ${momentText(l.opensAt!, timeZone)}`
                    : l.standing}
                {l.opened > 0 &&
                  `, opened ${plural(l.opened, 'time')}, last on ${dayText(l.openedLast ?? l.createdAt)}`}
              </span>
            </span>
            {mayPublish && (l.standing === 'open' || l.standing === 'held back') && (
              <button type="button" className="btn btn-small" onClick={() => withdraw(l.id)}>
                Withdraw
              </button>
            )}
          </li>
        ))}
      </ul>
    </div>
  );
}
