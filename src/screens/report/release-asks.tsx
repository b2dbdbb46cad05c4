import { useState } from 'react';
import type { Missing } from '@/core/judge/judge';
import { Modal } from '@/ui/parts/modal';
import { usePreferences } from '@/ui/preferences';
import { useLot } from '@/ui/records/inspection';
import { missingText } from '@/words/missing';
import { plural } from '@/words/plural';
import type { Release } from './use-release';

/** What is asked once more before others see it, or see something else. */
export function ReleaseAsks({ release, missing }: { release: Release; missing: readonly Missing[] }) {
  const { facts } = useLot();
  const { words } = usePreferences().preferences;
  const { asking, ask, busy, seal, begin, giveUp } = release;
  const close = () => ask(null);
  if (asking === 'seal')
    return (
      <Modal title={`Seal revision ${facts.revision}?`} onClose={close}>
        <div className="grid gap-4">
          <p>
            A sealed report cannot be changed. It is hashed and signed, and bidders with a link see it. Corrections
            become revision {facts.revision + 1}, with this one kept.
          </p>
          {missing.length > 0 && (
            <p>
              A bidder would still ask about {plural(missing.length, 'thing')}:{' '}
              {missing.map((m) => missingText(m, words)).join(' ')}
            </p>
          )}
          <button type="button" className="btn btn-main" disabled={busy} onClick={() => void seal()}>
            {busy ? 'Sealing …' : 'Seal report'}
          </button>
        </div>
      </Modal>
    );
  if (asking === 'revision')
    return (
      <Modal title={`Start revision ${facts.revision + 1}?`} onClose={close}>
        <ReasonForm busy={busy} onGive={(reason) => void begin(reason)} />
      </Modal>
    );
  if (asking === 'give-up')
    return (
      <Modal title={`Give up revision ${facts.revision}?`} onClose={close}>
        <div className="grid gap-4">
          <p>
            The sealed report before it stands again, as if this revision had not been begun. What was entered in it
            stays in the log and in no report.
          </p>
          <button type="button" className="btn btn-main" disabled={busy} onClick={() => void giveUp()}>
            Give up revision
          </button>
        </div>
      </Modal>
    );
  return null;
}

/** Why a sealed report is corrected: bidders read it above what changed. */
function ReasonForm({ busy, onGive }: { busy: boolean; onGive: (reason: string) => void }) {
  const [reason, setReason] = useState('');
  return (
    <form
      className="grid gap-4"
      onSubmit={(e) => {
        e.preventDefault();
        onGive(reason);
      }}
    >
      <p>
        The sealed report stays as it is, and its links go on showing it until the new revision is sealed. Bidders then
        see what changed, and why.
      </p>
      <label className="grid gap-1 text-sm font-semibold">
        Why is it corrected?
        <textarea
          className="field py-2 font-normal"
          rows={2}
          maxLength={500}
          value={reason}
          onChange={(e) => setReason(e.target.value)}
        />
      </label>
      <button type="submit" className="btn btn-main" disabled={busy || reason.trim().length < 3}>
        Start revision
      </button>
    </form>
  );
}
