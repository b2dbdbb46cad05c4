'use client';

import { CloudOff, Send, Trash2 } from 'lucide-react';
import { sendWaiting } from '@/ui/device/background-sender';
import { dropLot } from '@/ui/device/device-store';
import { PhotosOnTheirWay } from '@/ui/device/photos-on-their-way';
import { quotaIsShort, useStorageQuota } from '@/ui/device/storage-quota';
import { type DeviceList, useDeviceList } from '@/ui/device/use-device-list';
import { usePhotoQueue } from '@/ui/device/use-photo-queue';
import { Link } from '@/ui/parts/link';
import { useWording } from '@/ui/preferences';
import { PlainPage } from '@/ui/shell/plain-page';
import { momentText } from '@/words/dates';
import { wordsOf } from '@/words/kinds';
import { recordLine } from '@/words/record';
import type { Wording } from '@/words/vocabulary';

const LISTED = 200;

/** What this device holds: entries and pictures that wait for the server, and lots that open without a network. */
export function Device({ away = false }: { away?: boolean }) {
  const list = useDeviceList();
  const queue = usePhotoQueue();
  const quota = useStorageQuota(queue.photos.length);
  return (
    <PlainPage
      title="On this device"
      about={away ? 'No network. Everything is kept here and sent by itself when it is back.' : 'Connected.'}
    >
      {quotaIsShort(quota) && (
        <p role="alert" className="border-l-4 border-pin bg-card px-4 py-3">
          This device has room for {Math.round(quota.freeBytes / 1e6)} MB more. Send what waits before you take more
          pictures, or remove lots below that are done.
        </p>
      )}
      {list === 'closed' ? (
        <p className="sheet p-4">
          This browser keeps nothing (a private window, or storage is switched off). Entries are sent from the open page
          only: do not close it before they are sent.
        </p>
      ) : list === null ? (
        <p className="text-soft">Looking …</p>
      ) : (
        <DeviceContents list={list} unkept={queue.unkept} away={away} />
      )}
      {quota && (
        <p className="text-sm text-soft">
          {Math.round(quota.usedShare * 100)} % of the room this browser gives is used;{' '}
          {Math.round(quota.freeBytes / 1e6)} MB are free.
        </p>
      )}
    </PlainPage>
  );
}

function DeviceContents({ list, unkept, away }: { list: DeviceList; unkept: number; away: boolean }) {
  const { waiting, rejected, lots } = list;
  const photos = list.photos + unkept;
  const wording = useWording();
  const lotOf = new Map(lots.map((l) => [l.inspection, l]));
  const name = (inspection: string) => {
    const lot = lotOf.get(inspection)?.facts.lot;
    return lot ? `Lot ${lot.number}` : 'another lot';
  };
  return (
    <>
      <section aria-labelledby="waits" className="grid gap-2">
        <div className="flex items-center gap-3">
          <h2 id="waits" className="flex-1 text-lg font-bold">
            {waiting.length + photos === 0 ? 'Nothing waits: the server has everything' : 'Waits to be sent'}
          </h2>
          {waiting.length + photos > 0 && (
            <button type="button" className="btn" onClick={() => void sendWaiting()}>
              {away ? <CloudOff size={16} aria-hidden="true" /> : <Send size={16} aria-hidden="true" />} Try now
            </button>
          )}
        </div>
        {waiting.length > 0 && (
          <ol className="grid gap-px overflow-hidden rounded-cut border border-line bg-line text-sm">
            {waiting.slice(0, LISTED).map((row) => (
              <li key={row.id} className="flex gap-3 bg-card px-3 py-1.5">
                <span className="w-16 shrink-0 font-semibold">{name(row.inspection)}</span>
                <span className="min-w-0 flex-1">{entryText(row.change, wording)}</span>
              </li>
            ))}
          </ol>
        )}
        {waiting.length > LISTED && <p className="text-sm">and {waiting.length - LISTED} more entries</p>}
        <PhotosOnTheirWay />
      </section>
      {rejected.length > 0 && (
        <section aria-labelledby="aside" className="grid gap-2">
          <h2 id="aside" className="text-lg font-bold">
            Not taken by the server
          </h2>
          <ul className="grid gap-px overflow-hidden rounded-cut border-2 border-pin bg-line text-sm">
            {rejected.map((row) => (
              <li key={row.id} className="flex flex-wrap items-center gap-3 bg-card px-3 py-2">
                <span className="min-w-0 flex-1">
                  <strong>{name(row.inspection)}</strong>, {entryText(row.change, wording)}
                  <span className="block">
                    {row.result.status === 'conflict' ? 'Changed by two people at once.' : row.result.message}
                  </span>
                </span>
                {lotOf.has(row.inspection) && (
                  <Link className="btn btn-small" href={`/lots/${lotOf.get(row.inspection)!.lotId}/walk`}>
                    Decide there
                  </Link>
                )}
              </li>
            ))}
          </ul>
        </section>
      )}
      <section aria-labelledby="lots" className="grid gap-2">
        <h2 id="lots" className="text-lg font-bold">
          Lots that open without a network
        </h2>
        {lots.length === 0 ? (
          <p className="sheet p-4">
            None yet. Press “Take with me” in the Yard while you are connected, or open a lot: it stays here.
          </p>
        ) : (
          <ul className="grid gap-px overflow-hidden rounded-cut border border-line bg-line">
            {lots.map((l) => (
              <li key={l.lotId} className="flex items-center gap-3 bg-card px-3 py-1.5">
                <Link href={`/lots/${l.lotId}/walk`} className="flex min-w-0 flex-1 items-center gap-3 hover:underline">
                  <span className="grid h-10 min-w-10 place-items-center rounded-cut border-2 border-ink font-head font-bold">
                    {l.facts.lot.number}
                  </span>
                  <span className="min-w-0">
                    <span className="block truncate font-semibold">{l.facts.lot.title}</span>
                    <span className="block text-xs text-soft">
                      {l.forOffline ? 'taken along' : 'opened here'}, as of {momentText(l.savedAt)}
                    </span>
                  </span>
                </Link>
                <button
                  type="button"
                  className="grid size-11 place-items-center"
                  aria-label={`Remove lot ${l.facts.lot.number} from this device`}
                  onClick={() => void dropLot(l.lotId)}
                >
                  <Trash2 size={16} aria-hidden="true" />
                </button>
              </li>
            ))}
          </ul>
        )}
      </section>
    </>
  );
}

function entryText(change: DeviceList['waiting'][number]['change'], wording: Wording): string {
  return change.op === 'put'
    ? recordLine({ kind: change.kind, body: change.body } as Parameters<typeof recordLine>[0], wording)
    : `${wordsOf(change.kind).name} taken out`;
}
