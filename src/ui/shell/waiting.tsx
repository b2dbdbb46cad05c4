'use client';

import { CloudOff, HardDrive, UploadCloud } from 'lucide-react';
import type { ReactNode } from 'react';
import { Link } from '@/ui/parts/link';
import { plural } from '@/words/plural';
import { quotaIsShort, useStorageQuota } from '../device/storage-quota';
import { usePhotoQueue } from '../device/use-photo-queue';
import { useLive, useStored } from '../records/inspection';

const count = (n: number, one: string, many: string) => (n === 0 ? '' : plural(n, one, many));

/** What this device has waiting for the server, in words; empty when nothing waits. */
export function waitingText(entries: number, photos: number): string {
  const what = [count(entries, 'entry', 'entries'), count(photos, 'photo', 'photos')].filter(Boolean).join(', ');
  return what === '' ? '' : `${what} ${entries + photos === 1 ? 'waits' : 'wait'}`;
}

/** A way on that comes and goes, with every entry even. */
const Way = ({
  to,
  look,
  title,
  children,
}: {
  to: '/device' | '/sign-in';
  look: string;
  title?: string;
  children: ReactNode;
}) => (
  <Link
    href={to}
    className={`flex min-h-11 items-center gap-2 rounded-cut px-3 text-sm font-semibold ${look}`}
    title={title}
  >
    {children}
  </Link>
);

/** What is entered but not yet acknowledged by the server, the way to the list of it, and warnings of the device. */
export function Waiting() {
  const { live } = useLive();
  const waiting = useStored((s) => s.waiting);
  const sending = useStored((s) => s.sending);
  const unkept = useStored((s) => s.unkept);
  const queue = usePhotoQueue();
  const quota = useStorageQuota(queue.photos.length);
  const text = waitingText(waiting, queue.photos.length);
  const signedOut = sending === 'signed-out' || queue.sending === 'signed-out';
  const offline = sending === 'offline' || queue.sending === 'offline' || live === 'away';
  if (signedOut && text !== '')
    return (
      <div role="status" className="shrink-0">
        <Way to="/sign-in" look="border-2 border-pin">
          {text}: sign in again
        </Way>
      </div>
    );
  if (sending === 'other-person' && text !== '')
    return (
      <div role="status" className="shrink-0">
        <Way to="/sign-in" look="border-2 border-pin">
          {text} for you: somebody else is signed in here
        </Way>
      </div>
    );
  const trouble = unkept || queue.unkept > 0;
  return (
    <div role="status" className="flex shrink-0 items-center gap-2">
      {(trouble || quotaIsShort(quota)) && (
        <Way to="/device" look="border-2 border-pin">
          <HardDrive size={16} aria-hidden="true" />
          <span className="max-sm:hidden">
            {trouble ? 'Device full: keep this page open' : `Room for ${Math.round(quota!.freeBytes / 1e6)} MB only`}
          </span>
          <span className="sm:hidden">{trouble ? 'Full' : 'Little room'}</span>
        </Way>
      )}
      {text !== '' && (
        <Way
          to="/device"
          look="bg-tape text-tape-ink"
          title="Kept on this device and sent by itself. Press to see the list."
        >
          {offline ? <CloudOff size={16} aria-hidden="true" /> : <UploadCloud size={16} aria-hidden="true" />}
          {text}
          {sending === 'update-first' && <span className="max-sm:sr-only">until the server is updated</span>}
        </Way>
      )}
      {text === '' && live === 'away' && (
        <span className="flex items-center gap-1.5 text-sm text-soft">
          <CloudOff size={16} aria-hidden="true" />
          <span className="max-sm:sr-only">No network: entries are kept here</span>
        </span>
      )}
    </div>
  );
}
