import { Download, Stamp } from 'lucide-react';
import { roleMay } from '@/core/people/roles';
import { useLot, useStored } from '@/ui/records/inspection';
import type { Release } from './use-release';

/** In which state the revision is, and what can be done with it. */
export function ReleaseActs({ release, blocked }: { release: Release; blocked: boolean }) {
  const { facts } = useLot();
  const waits = useStored((s) => s.waiting > 0);
  const manager = roleMay(facts.role, 'manage');
  const enters = roleMay(facts.role, 'enter');
  const { busy, ask, mark } = release;
  if (facts.state === 'sealed')
    return (
      <div className="grid gap-2">
        <h2 className="text-lg font-bold">Revision {facts.revision} is sealed</h2>
        {enters && (
          <button type="button" className="btn" disabled={busy} onClick={() => ask('revision')}>
            Start revision {facts.revision + 1}
          </button>
        )}
        <a className="btn" href={`/api/v1/inspections/${facts.id}/report`}>
          <Download size={16} aria-hidden="true" /> Sealed report as JSON
        </a>
      </div>
    );
  const draft = facts.state === 'draft';
  return (
    <div className="grid gap-2">
      <h2 className="text-lg font-bold">
        Revision {facts.revision}, {facts.state}
      </h2>
      {enters && (
        <button
          type="button"
          className="btn"
          disabled={busy || waits}
          onClick={() => void mark(draft ? 'reviewed' : 'draft')}
        >
          {draft ? 'Mark as reviewed' : 'Back to draft'}
        </button>
      )}
      {manager ? (
        <button type="button" className="btn btn-main" disabled={busy || blocked || waits} onClick={() => ask('seal')}>
          <Stamp size={18} aria-hidden="true" /> Seal report
        </button>
      ) : (
        <p className="text-sm text-soft">A manager seals the report.</p>
      )}
      {facts.revision > 1 && enters && (
        <button type="button" className="btn" disabled={busy} onClick={() => ask('give-up')}>
          Give up revision {facts.revision}
        </button>
      )}
      {facts.reason && (
        <p className="text-sm">
          <strong>Begun because:</strong> {facts.reason}
        </p>
      )}
    </div>
  );
}
