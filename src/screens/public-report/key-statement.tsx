import { KeyRound, TriangleAlert } from 'lucide-react';
import type { KeyStanding } from '@/core/seal/known-keys';
import { keyText } from '@/report/seal-words';

/** Says whether the key that sealed a report is one that its house publishes. */
export function KeyStatement({ standing, keysPage }: { standing: KeyStanding; keysPage: string }) {
  const known = standing.key === 'known';
  const Icon = known ? KeyRound : TriangleAlert;
  return (
    <p className={`flex items-start gap-2 border-l-4 bg-card px-3 py-2 ${known ? 'border-thread' : 'border-pin'}`}>
      <Icon size={18} aria-hidden="true" className="mt-0.5 shrink-0" />
      <span>
        {keyText(standing)}{' '}
        <a className="underline" href={keysPage}>
          The house’s keys
        </a>
      </span>
    </p>
  );
}
