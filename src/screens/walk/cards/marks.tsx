import { Check, X } from 'lucide-react';
import { useState } from 'react';
import type { Zone } from '@/core/body/zone';
import { MARK_IDS, MARK_THEMES, MARKS, type MarkId } from '@/core/catalogue/marks';
import { EvidenceStamp } from '@/ui/parts/evidence-stamp';
import { Modal } from '@/ui/parts/modal';
import { TakeOut } from '@/ui/parts/take-out';
import { usePreferences, useWording } from '@/ui/preferences';
import { useCar, useLot, useRecords } from '@/ui/records/inspection';
import { MARK_THEME_WORDS, markText } from '@/words/marks';
import { zoneName } from '@/words/zones';
import type { CardProps, ZoneCardDefinition } from '../walking';

function Speaks({ mark }: { mark: MarkId }) {
  return MARKS[mark].speaks === 'for' ? (
    <Check size={16} className="mt-1 shrink-0" aria-label="for factory paint" />
  ) : (
    <X size={16} className="mt-1 shrink-0" aria-label="against factory paint" />
  );
}

/** What was seen on the panel for or against its being the works' paint. */
export function Marks({ zone }: CardProps) {
  const { mayEdit } = useLot();
  const { words } = usePreferences().preferences;
  const [open, setOpen] = useState(false);
  const marks = useRecords('mark', (m) => m.body.zone === zone.slug);
  return (
    <section aria-label="Paint evidence" className="grid gap-2">
      {marks.length > 0 && (
        <ul className="divide-y divide-line border-y border-line text-sm">
          {marks.map((m) => (
            <li key={m.id} className="flex items-start gap-2 py-1.5">
              <Speaks mark={m.body.mark} />
              <span className="min-w-0 flex-1 first-letter:uppercase">
                {markText(m.body.mark, words)}
                {m.body.where && <span className="text-soft"> · {m.body.where}</span>}
              </span>
              <EvidenceStamp evidence={m.body.evidence} />
              <TakeOut record={m.id} says={`Take out: ${markText(m.body.mark, words)}`} raised />
            </li>
          ))}
        </ul>
      )}
      {mayEdit && (
        <button type="button" className="btn" onClick={() => setOpen(true)}>
          Factory paint: for or against
        </button>
      )}
      {open && <MarksSheet zone={zone} onClose={() => setOpen(false)} />}
    </section>
  );
}

/** All marks by what they look at; a touch records one, a second touch takes it out again. */
function MarksSheet({ zone, onClose }: { zone: Zone; onClose: () => void }) {
  const { store } = useLot();
  const { car } = useCar();
  const wording = useWording(car?.steering);
  const [where, setWhere] = useState('');
  const [problem, setProblem] = useState('');
  const marks = useRecords('mark', (m) => m.body.zone === zone.slug);
  const held = new Map(marks.map((m) => [m.body.mark, m.id]));
  const toggle = (mark: MarkId) => {
    const id = held.get(mark);
    if (id) {
      store.remove(id);
      return;
    }
    const put = store.put([
      { kind: 'mark', body: { zone: zone.slug, mark, where, evidence: 'seen', at: new Date().toISOString() } },
    ]);
    setProblem(put.ok ? '' : put.message);
    if (put.ok) setWhere('');
  };
  return (
    <Modal title={`Factory paint? ${zoneName(zone.slug, wording)}`} onClose={onClose} wide>
      <div className="grid gap-3">
        <p className="text-sm text-soft">
          Touch what you see; touch again to take it out. What was not looked at stays open. Masking lines, overspray,
          nibs and other colours under a chip are findings: they count against by themselves.
        </p>
        <label className="grid gap-1 text-sm font-semibold">
          Where, for the next one
          <input
            className="field font-normal"
            placeholder="upper hinge bolts"
            value={where}
            onChange={(e) => setWhere(e.target.value)}
          />
        </label>
        {MARK_THEMES.map((theme) => (
          <fieldset key={theme} className="grid gap-1.5 border-t border-line pt-2 sm:grid-cols-[7.5rem_1fr_1fr]">
            <legend className="contents">
              <span className="self-center text-sm font-bold">{MARK_THEME_WORDS[theme]}</span>
            </legend>
            {MARK_IDS.filter((m) => MARKS[m].theme === theme).map((m) => (
              <button
                key={m}
                type="button"
                aria-pressed={held.has(m)}
                className={`flex min-h-11 items-start gap-2 rounded-cut border p-2 text-left text-sm ${held.has(m) ? 'border-2 border-thread bg-wash font-semibold' : 'border-line hover:bg-wash'}`}
                onClick={() => toggle(m)}
              >
                <Speaks mark={m} />
                {markText(m, wording.words)}
              </button>
            ))}
          </fieldset>
        ))}
        {problem && (
          <p role="alert" className="border-l-4 border-pin bg-wash px-3 py-2">
            {problem}
          </p>
        )}
        <button type="button" className="btn btn-main" onClick={onClose}>
          Done
        </button>
      </div>
    </Modal>
  );
}

export const marks: ZoneCardDefinition = { place: 60, applies: (zone) => zone.aspects.includes('paint'), Card: Marks };
