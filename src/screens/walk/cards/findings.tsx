import { flawById } from '@/core/catalogue/flaws/by-id';
import { OWN_WORDS } from '@/core/catalogue/flaws/own-words';
import { severity } from '@/core/findings/loss';
import { PinHead } from '@/ui/glyphs';
import { EvidenceStamp } from '@/ui/parts/evidence-stamp';
import { RecordHistory } from '@/ui/parts/record-history';
import { TakeOut } from '@/ui/parts/take-out';
import { usePreferences } from '@/ui/preferences';
import { useLot, useRecords } from '@/ui/records/inspection';
import { useRighted } from '@/ui/records/use-righted';
import { dayText } from '@/words/dates';
import { countedName, flawName } from '@/words/flaws';
import { bearsText } from '@/words/metal';
import { extentText } from '@/words/report';
import { FindingSheet } from '../finding-sheet';
import type { CardProps, ZoneCardDefinition } from '../walking';

/** What was found at the zone; a touch corrects it. */
export function Findings({ zone, walking }: CardProps) {
  const { mayEdit } = useLot();
  const { words } = usePreferences().preferences;
  const findings = useRecords('finding', (f) => f.body.zone === zone.slug);
  const righted = useRighted();
  const { asking, ask } = walking;
  return (
    <section aria-label="Findings" className="grid gap-2">
      {findings.length > 0 && (
        <ul className="divide-y divide-line border-y border-line">
          {findings.map((f) => (
            <li key={f.id} className="flex items-start gap-2.5 py-2">
              <PinHead family={flawById(f.body.flaw).family} severity={severity(f.body)} size={22} />
              <button
                type="button"
                disabled={!mayEdit}
                className="min-w-0 flex-1 text-left"
                onClick={() => ask({ what: 'finding', finding: f })}
              >
                <span className="block font-semibold first-letter:uppercase">
                  {f.body.flaw === OWN_WORDS ? `“${f.body.note}”` : countedName(f.body, words)}
                </span>
                <span className="block text-sm text-soft">
                  {[
                    f.body.flaw === OWN_WORDS ? 'in own words' : f.body.note && `“${f.body.note}”`,
                    extentText(f.body),
                    bearsText(f.body.flaw, zone),
                    righted.get(f.id) ? `put right on ${dayText(righted.get(f.id)!.body.on)}` : '',
                    f.body.withheld ? `left out of the report: ${f.body.withheld}` : '',
                  ]
                    .filter(Boolean)
                    .join(' · ')}
                </span>
              </button>
              <EvidenceStamp evidence={f.body.evidence} />
              <span className="-mt-2">
                <RecordHistory record={f.id} title={flawName(f.body.flaw, words)} />
              </span>
              <TakeOut record={f.id} says={`Take ${flawName(f.body.flaw, words)} out`} raised />
            </li>
          ))}
        </ul>
      )}
      {asking?.what === 'finding' && (
        <FindingSheet zone={zone} finding={asking.finding} place={walking.place} onClose={() => ask(null)} />
      )}
    </section>
  );
}

export const findings: ZoneCardDefinition = { place: 20, applies: () => true, Card: Findings };
