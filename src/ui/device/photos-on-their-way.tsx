'use client';

import { useState } from 'react';
import { photoQueue } from './photo-queue';
import { usePhotoQueue } from './use-photo-queue';

const LISTED = 6;

/** Pictures of one inspection (or all) on their way: progress of all and of each, and what was refused with its reason. */
export function PhotosOnTheirWay({ inspection = null }: { inspection?: string | null }) {
  const { photos, done, sending, trouble } = usePhotoQueue();
  const [all, setAll] = useState(false);
  const own = photos.filter((p) => inspection === null || p.inspection === inspection);
  const waiting = own.filter((p) => p.refused === '');
  const refused = own.filter((p) => p.refused !== '');
  if (own.length === 0)
    return done > 0 ? (
      <p className="text-sm text-soft" role="status">
        {done} of {done} photos in
      </p>
    ) : null;
  const total = done + own.length;
  // The ones being sent stand first; the rest wait in their order.
  const moving = [...waiting].sort((a, b) => Number(b.share > 0) - Number(a.share > 0) || a.order - b.order);
  const listed = all ? moving : moving.slice(0, LISTED);
  return (
    <div className="grid gap-1 text-sm" role="status">
      <p className="font-semibold">
        {done} of {total} photos in
        {sending === 'offline' && ', the rest wait for the network'}
        {sending === 'signed-out' && ', the rest wait until you sign in'}
      </p>
      {trouble !== '' && <p className="border-l-4 border-pin pl-2">{trouble}</p>}
      <progress
        className="h-1.5 w-full accent-thread"
        max={total}
        value={done + waiting.reduce((s, p) => s + p.share, 0)}
        aria-label="Photos sent"
      />
      <ul className="grid gap-px">
        {listed.map((p) => (
          <li key={p.id} className="grid grid-cols-[minmax(0,1fr)_64px_auto] items-center gap-2">
            <span className="truncate text-soft">{p.name}</span>
            <progress className="h-1 w-full accent-thread" max={1} value={p.share} aria-label={`${p.name} sent`} />
            <button
              type="button"
              className="min-h-8 px-1 text-xs underline underline-offset-2"
              onClick={() => void photoQueue().drop(p.id)}
              aria-label={`Do not send ${p.name}`}
            >
              drop
            </button>
          </li>
        ))}
      </ul>
      {moving.length > LISTED && (
        <button
          type="button"
          className="min-h-9 text-left font-semibold text-thread underline underline-offset-4"
          aria-expanded={all}
          onClick={() => setAll(!all)}
        >
          {all ? 'Show the first only' : `Show all ${moving.length}`}
        </button>
      )}
      {refused.map((p) => (
        <div key={p.id} className="flex items-center gap-2 border-l-4 border-pin pl-2">
          <span className="min-w-0 flex-1">
            <strong className="break-all">{p.name}</strong>: {p.refused}
          </span>
          <button type="button" className="btn btn-small" onClick={() => void photoQueue().retry(p.id)}>
            Try again
          </button>
          <button type="button" className="btn btn-small" onClick={() => void photoQueue().drop(p.id)}>
            Leave out
          </button>
        </div>
      ))}
    </div>
  );
}
