'use client';

import { useState } from 'react';
import { NUMBER_ZONES, type NumberPlace } from '@/core/catalogue/papers';
import type { StoredRecord } from '@/core/kinds';
import { CORNERS, CornerKeys, CornerMarks, useCorners } from '@/ui/parts/corners';
import { Choice, Labelled } from '@/ui/parts/labelled';
import { Modal } from '@/ui/parts/modal';
import { TapPicture } from '@/ui/parts/tap-picture';
import { useInspection } from '@/ui/records/inspection';
import { NUMBER_PLACE_WORDS } from '@/words/papers';

interface Character {
  readonly text: string;
  readonly sure: number;
}
type Answer = { readonly characters: readonly Character[] } | 'away' | 'reading' | null;

/** Below this a character is marked as doubtful. */
const SURE = 0.9;

/** Proposes what a plate says, off its picture: mark the line, compare with the picture, put right, keep. Never taken silently. */
export function PlateSheet({ photos, onClose }: { photos: readonly StoredRecord<'photo'>[]; onClose: () => void }) {
  const photo = photos[0]!;
  const { plan, store } = useInspection();
  const [answer, setAnswer] = useState<Answer>(null);
  const [asRead, setAsRead] = useState('');
  const [looked, setLooked] = useState(false);
  const [place, setPlace] = useState<NumberPlace>('chassis-plate');
  const [problem, setProblem] = useState('');
  const address = `/api/v1/photos/${photo.body.sha256}/2048`;
  const marked = useCorners(() => setAnswer(null));
  const { box, picture } = marked;
  const read = async () => {
    const image = picture.current;
    if (!box || !image) return;
    setAnswer('reading');
    setLooked(false);
    const share = {
      x: Math.max(0, box.x / image.naturalWidth),
      y: Math.max(0, box.y / image.naturalHeight),
      width: Math.min(1, box.width / image.naturalWidth),
      height: Math.min(1, box.height / image.naturalHeight),
    };
    try {
      const given = await fetch(`/api/v1/photos/${photo.body.sha256}/plate`, {
        method: 'POST',
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify({ box: share }),
      });
      if (!given.ok) throw new Error('not read');
      const { characters } = (await given.json()) as { characters: readonly Character[] };
      setAnswer({ characters });
      setAsRead(characters.map((c) => c.text).join(''));
    } catch {
      setAnswer('away');
    }
  };
  const keep = () => {
    const zone = NUMBER_ZONES[place].find((z) => plan?.zones.has(z)) ?? photo.body.zone;
    const kept = store.put([
      { kind: 'number', body: { place, zone, asRead: asRead.trim(), at: new Date().toISOString() } },
    ]);
    if (!kept.ok) return setProblem(kept.message);
    // The picture stands beside the number from now on.
    store.put([{ kind: 'photo', id: photo.id, body: { ...photo.body, finding: kept.ids[0]! }, upon: photo.version }]);
    onClose();
  };
  const characters = answer !== null && typeof answer === 'object' ? answer.characters : null;
  return (
    <Modal title="A number off the picture" onClose={onClose} wide>
      <div className="grid gap-3">
        <p className="text-sm">
          {box
            ? 'Choose a corner below to move it: touch, or arrow keys.'
            : `Touch the ${CORNERS[marked.step]} of the line of characters, close about it.`}
        </p>
        <TapPicture src={address} alt={photo.body.caption || photo.body.name} imageRef={picture} onTap={marked.touch}>
          {(size) => <CornerMarks corners={marked} size={size} />}
        </TapPicture>
        <div className="flex flex-wrap gap-2">
          <CornerKeys corners={marked} />
          <button
            type="button"
            className="btn btn-small min-h-11"
            disabled={!box || answer === 'reading'}
            onClick={() => void read()}
          >
            Read it
          </button>
        </div>
        <div role="status" className="min-h-12">
          {answer === 'reading' && <p className="text-sm text-soft">Reading …</p>}
          {answer === 'away' && (
            <p className="text-sm">It could not be read now. Type what you see; it is kept all the same.</p>
          )}
          {characters?.length === 0 && (
            <p className="border-l-4 border-pin pl-2 text-sm">Nothing was made out. Type what you see.</p>
          )}
          {characters && characters.length > 0 && (
            <>
              <p className="flex flex-wrap gap-1" aria-hidden="true">
                {characters.map((c, i) => (
                  <span
                    key={i}
                    className={`figure border px-1.5 text-2xl font-semibold ${c.sure < SURE ? 'border-2 border-pin' : 'border-line'}`}
                  >
                    {c.text}
                  </span>
                ))}
              </p>
              <p className="text-sm text-soft">
                A proposal. Framed in red: doubtful. Compare every character with the picture; stamped numbers are often
                misread.
              </p>
            </>
          )}
        </div>
        <div className="grid gap-2 sm:grid-cols-2">
          <Labelled text="As you read it">
            <input
              className="field figure font-normal"
              value={asRead}
              maxLength={60}
              autoCapitalize="characters"
              autoComplete="off"
              spellCheck={false}
              onChange={(e) => setAsRead(e.target.value)}
            />
          </Labelled>
          <Choice name="Where it is" words={NUMBER_PLACE_WORDS} value={place} onChange={(p) => p && setPlace(p)} />
        </div>
        <label className="flex min-h-11 items-center gap-2 text-sm">
          <input type="checkbox" className="size-5" checked={looked} onChange={(e) => setLooked(e.target.checked)} />I
          compared it with the picture, character by character
        </label>
        {problem && <p role="alert">{problem}</p>}
        <button
          type="button"
          className="btn btn-main min-h-12"
          disabled={!looked || asRead.trim() === ''}
          onClick={keep}
        >
          Keep the number
        </button>
      </div>
    </Modal>
  );
}
