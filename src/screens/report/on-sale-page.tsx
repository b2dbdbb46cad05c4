import { useRouter } from 'next/navigation';
import { useEffect, useState } from 'react';
import { told } from '@/ui/told';

/** Whether the sealed report stands on the sale's page for bidders. */
export function OnSalePage({
  lotId,
  published,
  salePage,
  sealed,
}: {
  lotId: string;
  published: boolean;
  /** Address of the sale's page; null where the sale has none. */
  salePage: string | null;
  sealed: boolean;
}) {
  const router = useRouter();
  // As it was turned, until the server says otherwise.
  const [on, setOn] = useState(published);
  useEffect(() => setOn(published), [published]);
  const turn = async (next: boolean) => {
    setOn(next);
    const done = next
      ? 'It stands on the sale’s page.'
      : 'It is off the sale’s page, and its address there opens nothing any more.';
    if (await told(`/api/v1/lots/${lotId}/published`, next ? 'PUT' : 'DELETE', {}, done)) router.refresh();
    else setOn(!next);
  };
  return (
    <div className="grid gap-1">
      <label className="flex min-h-11 items-center gap-3">
        <input
          type="checkbox"
          className="size-5 accent-thread"
          checked={on}
          disabled={!sealed && !published}
          onChange={(e) => void turn(e.target.checked)}
        />
        On the sale’s page for bidders
      </label>
      {!sealed && <p className="text-sm text-soft">Only what is sealed is published.</p>}
      {salePage === null ? (
        published && <p className="text-sm text-soft">The sale has no page yet: a manager opens it at the Yard.</p>
      ) : (
        <a className="text-sm underline underline-offset-4" href={`/s/${salePage}`}>
          Open the sale’s page
        </a>
      )}
    </div>
  );
}
