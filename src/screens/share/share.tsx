'use client';

import { useRouter } from 'next/navigation';
import { useEffect, useState } from 'react';
import { photoQueue } from '@/ui/device/photo-queue';
import { dropShared, type LotInHand, lotInHand, type SharedPicture, sharedPictures } from '@/ui/device/shared-pictures';
import { Link } from '@/ui/parts/link';
import { LotNumber } from '@/ui/parts/lot-number';
import { PlainPage } from '@/ui/shell/plain-page';
import { plural } from '@/words/plural';

/** Pictures that the camera's own app handed over: they go to the lot in hand when somebody says so. */
export function Share({ me, mayAdd }: { me: string; mayAdd: boolean }) {
  const router = useRouter();
  const [pictures, setPictures] = useState<readonly SharedPicture[] | null>(null);
  const [urls, setUrls] = useState<readonly string[]>([]);
  const [lot, setLot] = useState<LotInHand | null>(null);
  const [busy, setBusy] = useState(false);
  useEffect(() => {
    setLot(lotInHand(me));
    void sharedPictures().then(setPictures, () => setPictures([]));
  }, [me]);
  useEffect(() => {
    const made = (pictures ?? []).map((p) => URL.createObjectURL(p.file));
    setUrls(made);
    return () => {
      for (const url of made) URL.revokeObjectURL(url);
    };
  }, [pictures]);
  const add = async () => {
    if (!lot || !pictures) return;
    setBusy(true);
    // On the device under its lot first; only then it is forgotten here.
    await photoQueue().add(
      lot.inspection,
      pictures.map((p) => p.file),
    );
    await dropShared(pictures.map((p) => p.key));
    router.push(`/lots/${lot.lotId}/evidence/pictures`);
  };
  const drop = async () => {
    await dropShared((pictures ?? []).map((p) => p.key));
    setPictures([]);
  };
  return (
    <PlainPage title="Pictures handed over" about="From the camera, for the lot in hand">
      {pictures === null ? (
        <p className="text-soft">Looking …</p>
      ) : pictures.length === 0 ? (
        <p className="sheet p-6">
          No picture waits here. In your camera’s app choose pictures, share them, and take Farvin: they come here, and
          from here to the lot that you have open.
        </p>
      ) : (
        <>
          <ul className="grid grid-cols-3 gap-2 sm:grid-cols-5">
            {pictures.map((p, i) => (
              <li key={p.key} className="aspect-square overflow-hidden border border-line bg-card">
                {urls[i] && (
                  // biome-ignore lint/performance/noImgElement: a file of this device, of no address
                  <img src={urls[i]} alt={p.file.name} className="size-full object-cover" />
                )}
              </li>
            ))}
          </ul>
          {!mayAdd ? (
            <p className="sheet p-4">Your role adds no pictures. They wait here for an inspector of the house.</p>
          ) : lot ? (
            <div className="sheet grid gap-3 p-4">
              <p className="flex items-center gap-3">
                <LotNumber n={lot.number} />
                <span className="min-w-0 flex-1 font-semibold">{lot.title}</span>
              </p>
              <button type="button" className="btn btn-main" disabled={busy} onClick={() => void add()}>
                {busy ? 'Adding …' : `Add ${plural(pictures.length, 'picture')} to lot ${lot.number}`}
              </button>
              <p className="text-sm text-soft">
                Another lot? Open it from the{' '}
                <Link className="underline" href="/yard">
                  Yard
                </Link>
                , then come back here: the pictures wait.
              </p>
            </div>
          ) : (
            <p className="sheet p-4">
              No lot was open on this device yet. Open one from the{' '}
              <Link className="font-semibold underline" href="/yard">
                Yard
              </Link>
              , then come back here: the pictures wait.
            </p>
          )}
          <button type="button" className="btn justify-self-start" onClick={() => void drop()}>
            Throw these pictures away
          </button>
        </>
      )}
    </PlainPage>
  );
}
