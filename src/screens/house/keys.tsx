'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import type { PublishedKeys } from '@/core/seal/known-keys';
import { Modal } from '@/ui/parts/modal';
import { told } from '@/ui/told';
import { momentText } from '@/words/dates';

/** The keys with which the house seals: the present one, those before, and what to do when one is lost or stolen. */
export function Keys({ orgId, keys }: { orgId: string; keys: PublishedKeys }) {
  const router = useRouter();
  const [revoking, setRevoking] = useState<string | null>(null);
  const rotate = async () => {
    if (
      await told(
        '/api/v1/keys',
        'POST',
        { present: keys.keys.find((k) => k.validTo === null)?.id },
        'A new key seals from now on. The one before stays good for what it sealed.',
      )
    )
      router.refresh();
  };
  return (
    <section aria-labelledby="keys" className="grid gap-2">
      <div className="flex flex-wrap items-center gap-3">
        <h2 id="keys" className="flex-1 text-lg font-bold">
          Signing keys
        </h2>
        <a className="btn btn-small" href={`/keys/${orgId}`}>
          As strangers see them
        </a>
        <button type="button" className="btn btn-small" onClick={() => void rotate()}>
          Make a new key
        </button>
      </div>
      <ul className="grid gap-px overflow-hidden rounded-cut border border-line bg-line">
        {keys.keys.map((k) => (
          <li key={k.id} className="flex flex-wrap items-center gap-x-4 gap-y-1 bg-card px-3 py-2">
            <span className="min-w-0 flex-1">
              <span className="figure block text-xs break-all">{k.publicKey}</span>
              <span className="block text-sm text-soft">
                seals from {momentText(k.validFrom)} {k.validTo ? `to ${momentText(k.validTo)}` : 'on'}
              </span>
              {k.revokedAt && <strong className="block text-sm text-pin">revoked: {k.revokedWhy}</strong>}
            </span>
            {!k.revokedAt && (
              <button type="button" className="btn btn-small" onClick={() => setRevoking(k.id)}>
                Revoke
              </button>
            )}
          </li>
        ))}
      </ul>
      {revoking && (
        <Revoke
          id={revoking}
          onClose={() => {
            setRevoking(null);
            router.refresh();
          }}
        />
      )}
    </section>
  );
}

/** Asks from when on a key is not to be believed, and why: bidders read both. */
function Revoke({ id, onClose }: { id: string; onClose: () => void }) {
  const [from, setFrom] = useState(() => new Date().toISOString().slice(0, 16));
  const [why, setWhy] = useState('');
  const revoke = async () => {
    const body = { from: new Date(`${from}Z`).toISOString(), why };
    if (await told(`/api/v1/keys/${id}`, 'DELETE', body, 'The key is revoked, and bidders are told.')) onClose();
  };
  return (
    <Modal title="Revoke this key" onClose={onClose}>
      <div className="grid gap-3">
        <p>
          Every report that was sealed with it from the moment below on will be shown as sealed with an unknown key.
          This cannot be taken back.
        </p>
        <label className="grid gap-1 text-sm font-semibold">
          Not to be believed from (UTC)
          <input
            type="datetime-local"
            className="field font-normal"
            value={from}
            onChange={(e) => setFrom(e.target.value)}
          />
        </label>
        <label className="grid gap-1 text-sm font-semibold">
          Why, for bidders to read
          <input className="field font-normal" value={why} maxLength={300} onChange={(e) => setWhy(e.target.value)} />
        </label>
        <button type="button" className="btn btn-main" disabled={why.trim().length < 3} onClick={() => void revoke()}>
          Revoke for good
        </button>
      </div>
    </Modal>
  );
}
