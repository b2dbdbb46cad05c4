'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { Modal } from '@/ui/parts/modal';
import { told } from '@/ui/told';

/** Leaves the house by the own wish. */
export function Leave() {
  const router = useRouter();
  const [asking, setAsking] = useState(false);
  const leave = async () => {
    setAsking(false);
    if (!(await told('/api/v1/me', 'DELETE', { leave: true }, 'You have left the house.'))) return;
    router.replace('/sign-in');
    router.refresh();
  };
  return (
    <section aria-labelledby="leave" className="grid gap-2">
      <h2 id="leave" className="text-lg font-bold">
        Leave this house
      </h2>
      <p>
        <button type="button" className="btn" onClick={() => setAsking(true)}>
          Leave …
        </button>
      </p>
      {asking && (
        <Modal title="Leave this house" onClose={() => setAsking(false)}>
          <div className="grid gap-4">
            <p>
              Your account opens nothing here any more, at once and on every device. Entries of yours that still wait on
              a device are not sent: send them first. What you entered stays, under your name. A manager can invite you
              again.
            </p>
            <button type="button" className="btn btn-main" onClick={() => void leave()}>
              Leave the house
            </button>
          </div>
        </Modal>
      )}
    </section>
  );
}
