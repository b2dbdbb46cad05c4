'use client';

import { Gauge, Repeat2, X } from 'lucide-react';
import { Popover } from 'radix-ui';
import { useState } from 'react';
import { serialIsThere } from '@/ui/gauge/serial';
import { GaugeCheck } from './gauge-check';
import type { GaugeHand } from './use-gauge';

/** The thickness gauge in hand: connect one, what it showed last, its battery, once more, let go. */
export function GaugeBar({ gauge, touched }: { gauge: GaugeHand; touched: boolean }) {
  const [checking, setChecking] = useState(false);
  if (!gauge.connected)
    return (
      <Popover.Root>
        <Popover.Trigger className="btn btn-small my-0.5 min-h-11 shrink-0 max-lg:px-2.5" aria-label="Gauge">
          <Gauge size={16} aria-hidden="true" /> <span className="max-lg:sr-only">Gauge</span>
        </Popover.Trigger>
        <Popover.Portal>
          <Popover.Content
            className="sheet z-50 grid w-80 max-w-[94vw] gap-3 p-4 shadow-lift"
            sideOffset={6}
            collisionPadding={8}
          >
            <p className="text-sm">
              A gauge that types like a keyboard needs nothing: put the cursor into the entry line and press its button.
            </p>
            {serialIsThere() && (
              <Popover.Close asChild>
                <button type="button" className="btn" onClick={() => void gauge.openSerial()}>
                  Gauge on a serial port
                </button>
              </Popover.Close>
            )}
            <Popover.Close asChild>
              <button type="button" className="btn" onClick={gauge.openStandIn}>
                Stand-in gauge, for practice
              </button>
            </Popover.Close>
            <p className="text-xs text-soft">
              The stand-in measures a made-up car. Its readings are marked as practice, and no report can be sealed with
              them.
            </p>
          </Popover.Content>
        </Popover.Portal>
      </Popover.Root>
    );
  return (
    <section
      aria-label="Gauge"
      className="flex shrink-0 items-center gap-3 border-t-2 border-thread bg-card px-3 py-1 text-sm"
    >
      <Gauge size={18} aria-hidden="true" className="shrink-0" />
      <span className="min-w-0">
        <span className="block truncate font-semibold">
          {gauge.name} · ceiling {gauge.ceilingUm} µm{gauge.battery === null ? '' : ` · battery ${gauge.battery} %`}
        </span>
        <span className="block truncate text-soft" role="status">
          {gauge.says ||
            (gauge.practice
              ? 'Practice: touch the plan to measure there.'
              : touched
                ? 'Measure at the place touched.'
                : 'Touch the plan, then measure.')}
        </span>
      </span>
      <button type="button" className="btn btn-small shrink-0" onClick={() => setChecking(true)}>
        Check
      </button>
      {checking && <GaugeCheck gauge={gauge} onClose={() => setChecking(false)} />}
      {gauge.repeat && (
        <button
          type="button"
          className="grid size-11 shrink-0 place-items-center rounded-cut hover:bg-wash"
          aria-label="Measure the same place again"
          onClick={gauge.repeat}
        >
          <Repeat2 size={18} aria-hidden="true" />
        </button>
      )}
      <button
        type="button"
        className="grid size-11 shrink-0 place-items-center rounded-cut hover:bg-wash"
        aria-label="Let the gauge go"
        onClick={gauge.close}
      >
        <X size={18} aria-hidden="true" />
      </button>
    </section>
  );
}
