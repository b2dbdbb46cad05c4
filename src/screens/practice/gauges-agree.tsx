import { type FoilRead, gaugesAgreement } from '@/core/agreement/house';
import { gaugesAmong } from '@/core/practice/pairs';
import type { PracticeRow } from '@/core/practice/practice-row';
import { LeaningTable } from './leaning-table';

/** How far the house's gauges agree: with each other on one car, and each with its own foil over its visits. */
export function GaugesAgree({ rows, foils }: { rows: readonly PracticeRow[]; foils: readonly FoilRead[] }) {
  const { pairs, foils: own } = gaugesAgreement(gaugesAmong(rows), foils);
  if (pairs.length === 0 && own.length === 0) return null;
  return (
    <section aria-label="How our gauges agree" className="grid gap-2">
      <h2 className="text-lg font-bold">How our gauges agree</h2>
      {own.length > 0 && (
        <>
          <p className="text-sm text-soft">
            Against their foils, as checked at the start and end of visits. Readings are corrected for what is told
            there; a gauge that drifts wants its maker’s calibration.
          </p>
          <LeaningTable
            rows={own}
            says={{ name: 'Gauge', count: 'Checks', bias: 'Reads more than its foil by, µm', few: 'too few checks' }}
          />
        </>
      )}
      {pairs.length > 0 && (
        <>
          <p className="text-sm text-soft">Against each other, of second looks made with another gauge.</p>
          <LeaningTable
            rows={pairs}
            says={{ name: 'Gauge', count: 'Pairs', bias: 'Reads more than the other by, µm', few: 'too few pairs' }}
          />
        </>
      )}
    </section>
  );
}
