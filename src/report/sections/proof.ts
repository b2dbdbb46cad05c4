import type { Block } from '../block';
import { PROOF } from '../proof';
import { defineSection, SEALS_NOTHING } from '../section';

/** How anybody checks the seal, with tools that every machine has. */
export const proof = defineSection({
  title: 'How to check it yourself',
  ...SEALS_NOTHING,
  blocks: (): readonly Block[] => [
    {
      kind: 'para',
      tone: 'soft',
      text: 'Nothing of this program is needed: a shell, OpenSSL and jq. Take report.json from this report’s page, keys.json and seals.json from the house’s page of keys.',
    },
    {
      kind: 'folded',
      title: 'What to type',
      shut: true,
      blocks: PROOF.flatMap(({ says, command }): Block[] => [
        { kind: 'para', text: says },
        { kind: 'code', text: command },
      ]),
    },
  ],
});
