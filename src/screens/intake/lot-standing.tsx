'use client';

import { KeyRound, MapPin, Package, Pencil } from 'lucide-react';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { told } from '@/ui/told';
import { dayText } from '@/words/dates';
import { LotEdit } from './lot-edit';

interface Named {
  readonly id: string;
  readonly name: string;
}

/** What is said of a lot besides what was seen, and for a manager whom and what it can be given to. */
export interface Standing {
  readonly lot: {
    readonly id: string;
    readonly number: number;
    readonly title: string;
    readonly sale: Named;
    readonly due: string | null;
    readonly dueBySale: boolean;
    readonly reportDueOn: string | null;
    readonly reserveDays: number | null;
    readonly consignor: string;
    readonly consignorId: string | null;
    readonly keysWith: string;
    readonly stands: string;
    readonly comesWith: string;
    readonly withdrawnAt: string | null;
    readonly withdrawnWhy: string;
    readonly begun: boolean;
    readonly inspectors: readonly Named[];
  };
  readonly manages: boolean;
  readonly inspectors: readonly Named[];
  readonly consignors: readonly Named[];
  readonly sales: readonly Named[];
}

/** Where the car stands, who has the keys, what comes with it, who brings it and who looks at it. */
export function LotStanding({ standing }: { standing: Standing }) {
  const { lot, manages } = standing;
  const [editing, setEditing] = useState(false);
  const facts = [
    { Icon: MapPin, label: 'Stands', says: lot.stands },
    { Icon: KeyRound, label: 'Keys with', says: lot.keysWith },
    { Icon: Package, label: 'Comes with', says: lot.comesWith },
  ];
  const about = [
    ['Brought by', lot.consignor],
    ['Looked at by', lot.inspectors.map((i) => i.name).join(', ')],
    ['Report due', lot.due ? `${dayText(lot.due)}${lot.dueBySale ? ', by the sale’s opening' : ''}` : ''],
  ] as const;
  return (
    <section className="sheet grid gap-3 p-4" aria-labelledby="lot-standing">
      <div className="flex items-center gap-3">
        <h2 id="lot-standing" className="flex-1 text-lg font-bold">
          The lot
        </h2>
        {manages && (
          <button type="button" className="btn btn-small" onClick={() => setEditing(true)}>
            <Pencil size={14} aria-hidden="true" /> Change
          </button>
        )}
      </div>
      {lot.withdrawnAt && (
        <p className="border-l-4 border-pin bg-wash px-3 py-2">
          <strong>Withdrawn {dayText(lot.withdrawnAt)}:</strong> {lot.withdrawnWhy}
        </p>
      )}
      <dl className="grid grid-cols-[auto_5.5rem_1fr] sm:grid-cols-[auto_6.5rem_1fr] items-baseline gap-x-2 gap-y-2">
        {facts.map(({ Icon, label, says }) => (
          <div key={label} className="contents">
            <Icon size={18} aria-hidden="true" className="self-center" />
            <dt className="text-sm font-semibold">{label}</dt>
            <dd className={says ? 'text-lg wrap-anywhere' : 'text-sm text-soft'}>{says || 'nobody said'}</dd>
          </div>
        ))}
      </dl>
      <dl className="grid grid-cols-[7.5rem_1fr] gap-x-2 gap-y-1 border-t border-line pt-3 text-sm">
        {about.map(([label, says]) => (
          <div key={label} className="contents">
            <dt className="font-semibold">{label}</dt>
            <dd className={says ? '' : 'text-soft'}>{says || 'nobody said'}</dd>
          </div>
        ))}
      </dl>
      {manages && <Inspectors standing={standing} />}
      {editing && <LotEdit standing={standing} onClose={() => setEditing(false)} />}
    </section>
  );
}

/** To whom the lot is given: pressed again, it is taken back. */
function Inspectors({ standing: { lot, inspectors } }: { standing: Standing }) {
  const router = useRouter();
  const give = async (person: Named, given: boolean) => {
    const at = `/api/v1/lots/${lot.id}/inspectors/${person.id}`;
    const says = given ? `${person.name} looks at this lot.` : `${person.name} looks at this lot no more.`;
    if (await told(at, given ? 'PUT' : 'DELETE', {}, says)) router.refresh();
  };
  return (
    <fieldset className="flex flex-wrap gap-2 border-t border-line pt-3">
      <legend className="sr-only">Given to</legend>
      {inspectors.map((p) => (
        <label
          key={p.id}
          className="relative flex min-h-11 items-center rounded-cut border border-ink/30 px-3 text-sm has-checked:border-2 has-checked:border-thread has-checked:bg-wash has-focus-visible:outline-2 has-focus-visible:outline-thread"
        >
          <input
            type="checkbox"
            className="sr-only"
            checked={lot.inspectors.some((i) => i.id === p.id)}
            onChange={(e) => void give(p, e.target.checked)}
          />
          {p.name}
        </label>
      ))}
    </fieldset>
  );
}
