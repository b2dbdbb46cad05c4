import { VIEWS } from '@/core/body/zone';
import { flawById } from '@/core/catalogue/flaws/by-id';
import { severity } from '@/core/findings/loss';
import { capital } from '@/words/capital';
import { term, VIEW_WORDS } from '@/words/terms';
import type { Block } from '../block';
import { defineSection, SEALS_NOTHING } from '../section';
import { severityPart } from './findings';
import { notSeenPart } from './not-seen';

/** The car as it was looked at, with the findings where they are. */
export const plans = defineSection({
  ...SEALS_NOTHING,
  title: 'Where it is',
  uses: { ...notSeenPart, ...severityPart },
  blocks: ({ sealed, plan, findings, wording }) => {
    const zones = [...plan.zones.values()];
    const bare = zones.filter((z) =>
      z.aspects.every((a) => sealed.notSeen.some((n) => n.zone === z.slug && n.aspects.includes(a))),
    );
    const blocked = bare.filter((z) => sealed.notSeen.some((n) => n.zone === z.slug && n.why !== null));
    const shown = VIEWS.filter(
      (v) => plan.lap[v].length > 0 && (v === 'outside' || findings.some((f) => f.view === v)),
    );
    return shown.map((view): Block => {
      const words = term(VIEW_WORDS, view, wording.words);
      return {
        kind: 'plan',
        view,
        title: `Plan, ${words}`,
        caption: `${capital(words)}: numbers are the findings below; dashed pieces were not seen.`,
        pins: findings
          .filter((f) => f.view === view)
          .map(({ number, record: { id, body } }) => ({
            id,
            number,
            zone: body.zone,
            place: body.place,
            outline: body.outline,
            family: flawById(body.flaw).family,
            severity: sealed.severity?.[id] ?? severity(body),
          })),
        bare: bare.map((z) => z.slug),
        blocked: blocked.map((z) => z.slug),
      };
    });
  },
});
