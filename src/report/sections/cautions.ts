import { z } from 'zod';
import { cautionsOf } from '@/core/judge/judge';
import { CAUTIONS, type Caution } from '@/core/judge/models';
import { CAUTION_WORDS } from '@/words/cautions';
import { respelt } from '@/words/vocabulary';
import { defineSection } from '../section';

/** Reminders that defer to local rules and licensed people. */
export const cautions = defineSection({
  title: 'Cautions',
  sealed: { cautions: z.array(z.enum(CAUTIONS as [Caution, ...Caution[]])) },
  blank: { cautions: [] },
  seal: ({ judgement }) => ({ cautions: cautionsOf(judgement) }),
  blocks: ({ sealed, wording }) =>
    sealed.cautions.length === 0
      ? []
      : [
          {
            kind: 'list',
            style: 'bullets',
            items: sealed.cautions.map((c) => ({ text: respelt(CAUTION_WORDS[c], wording.words) })),
          },
        ],
});
