'use client';

import { X } from 'lucide-react';
import { useState } from 'react';
import type { Patch } from '@/core/image/pixels';
import type { StoredRecord } from '@/core/kinds';
import { CORNERS, CornerKeys, CornerMarks, useCorners } from '@/ui/parts/corners';
import { Modal } from '@/ui/parts/modal';
import { TapPicture } from '@/ui/parts/tap-picture';
import { useLot } from '@/ui/records/inspection';

const scaled = ({ x, y, width, height }: Patch, by: number): Patch => ({
  x: x * by,
  y: y * by,
  width: width * by,
  height: height * by,
});

/** Marks faces and plates of others on a picture: in whatever is published they are unreadable, the original stays with the house. */
export function BlurSheet({ photos, onClose }: { photos: readonly StoredRecord<'photo'>[]; onClose: () => void }) {
  const photo = photos[0]!;
  const { store } = useLot();
  const [boxes, setBoxes] = useState<readonly Patch[]>(photo.body.blur);
  const [problem, setProblem] = useState('');
  // A new box begins with new corners.
  const [round, setRound] = useState(0);
  const keep = () => {
    const kept = store.put([
      { kind: 'photo', id: photo.id, body: { ...photo.body, blur: [...boxes] }, upon: photo.version },
    ]);
    if (kept.ok) onClose();
    else setProblem(kept.message);
  };
  return (
    <Modal title="Faces and plates of others" onClose={onClose} wide>
      <div className="grid gap-3">
        <OneBox
          key={round}
          photo={photo}
          boxes={boxes}
          onBox={(box) => {
            setBoxes([...boxes, box]);
            setRound(round + 1);
          }}
        />
        <ul className="flex flex-wrap gap-2" aria-label="Boxes">
          {boxes.map((_, i) => (
            <li key={i}>
              <button
                type="button"
                className="btn btn-small min-h-11"
                onClick={() => setBoxes(boxes.filter((_b, k) => k !== i))}
              >
                <X size={16} aria-hidden="true" /> Take box {i + 1} away
              </button>
            </li>
          ))}
        </ul>
        <p className="text-sm text-soft">
          In the report, its PDF and its ZIP the boxes are made unreadable in every size, and the original is not handed
          out. A report that is sealed already shows it so from its next revision on.
        </p>
        {problem && <p role="alert">{problem}</p>}
        <button type="button" className="btn btn-main min-h-12" onClick={keep}>
          {boxes.length === 0
            ? 'Keep without boxes'
            : `Keep ${boxes.length === 1 ? 'the box' : `${boxes.length} boxes`}`}
        </button>
      </div>
    </Modal>
  );
}

/** The picture with the boxes that are there, and the one that is being marked. */
function OneBox({
  photo: { body },
  boxes,
  onBox,
}: {
  photo: StoredRecord<'photo'>;
  boxes: readonly Patch[];
  onBox: (box: Patch) => void;
}) {
  const marked = useCorners();
  const { box, picture } = marked;
  // Boxes are px of the picture as it was kept; what is touched is its copy.
  const factor = () => body.widthPx / (picture.current?.naturalWidth || body.widthPx);
  return (
    <>
      <p className="text-sm">
        {box
          ? 'Choose a corner below to move it: touch, or arrow keys.'
          : `Touch the ${CORNERS[marked.step]} of a face or a plate.`}
      </p>
      <TapPicture
        src={`/api/v1/photos/${body.sha256}/2048`}
        alt={body.caption || body.name}
        imageRef={picture}
        onTap={marked.touch}
      >
        {(size) => (
          <>
            {boxes.map((b, i) => (
              <rect key={i} {...scaled(b, size.width / body.widthPx)} fill="black" fillOpacity="0.7" stroke="white" />
            ))}
            <CornerMarks corners={marked} size={size} />
          </>
        )}
      </TapPicture>
      <div className="flex flex-wrap gap-2">
        <CornerKeys corners={marked} />
        <button
          type="button"
          className="btn btn-small min-h-11"
          disabled={!box}
          onClick={() => box && onBox(scaled(box, factor()))}
        >
          Make this unreadable
        </button>
      </div>
    </>
  );
}
