import { useRef, useState } from 'react';
import type { UseFormReturn } from 'react-hook-form';
import { boxOf, contains, type Point } from '@/core/body/geometry';
import { pathOf } from '@/core/body/outline-path';
import { toPanel, toSheet } from '@/core/body/plan';
import type { Zone } from '@/core/body/zone';
import { outlineSchema } from '@/core/kinds/common';
import { drawnMm2 } from '@/core/work/extent';
import { arrowOf } from '@/ui/parts/tap-picture';
import { areaText } from '@/words/report';
import type { FindingFields } from './finding-fields';

/** How far an arrow key moves the crosshair, mm. */
const STEP_MM = 20;
const MARGIN_MM = 40;

/** The extent of a finding, drawn round it on the panel corner by corner; its area is told at once. */
export function OutlineField({ zone, form }: { zone: Zone; form: UseFormReturn<FindingFields> }) {
  const kept = form.watch('outline');
  const [open, setOpen] = useState(kept !== null);
  const [corners, setCorners] = useState(kept ?? []);
  const take = (next: typeof corners) => {
    setCorners(next);
    const parsed = outlineSchema.safeParse(next);
    form.setValue('outline', parsed.success ? parsed.data : null);
  };
  if (!open)
    return (
      <button type="button" className="btn btn-small min-h-11 justify-self-start" onClick={() => setOpen(true)}>
        Draw its extent on the panel
      </button>
    );
  const crosses = corners.length >= 3 && kept === null;
  return (
    <fieldset className="grid gap-2 border border-line p-3">
      <legend className="px-1 text-sm font-semibold">Extent on the panel</legend>
      <p className="text-sm">Touch its corners one after another, all the way round.</p>
      <PanelSheet zone={zone} corners={corners} onCorner={(c) => take([...corners, c])} />
      <p role="status" className="text-sm">
        {kept
          ? `${areaText(drawnMm2(kept))}, ${percent(drawnMm2(kept) / 1e6 / zone.areaM2)} of the panel`
          : crosses
            ? 'The line crosses itself: take the last corner back.'
            : `${corners.length} of at least 3 corners`}
      </p>
      <div className="flex flex-wrap gap-1.5">
        <button
          type="button"
          className="btn btn-small min-h-11"
          disabled={corners.length === 0}
          onClick={() => take(corners.slice(0, -1))}
        >
          Take the last corner back
        </button>
        <button
          type="button"
          className="btn btn-small min-h-11"
          onClick={() => {
            take([]);
            setOpen(false);
          }}
        >
          Leave it undrawn
        </button>
      </div>
    </fieldset>
  );
}

const percent = (share: number) => (share < 0.01 ? 'under 1 %' : `${Math.round(share * 100)} %`);

type Corner = { readonly uMm: number; readonly vMm: number };

/** The panel alone, with what was drawn on it. With keys: arrows move the crosshair, Enter sets a corner. */
function PanelSheet({
  zone,
  corners,
  onCorner,
}: {
  zone: Zone;
  corners: readonly Corner[];
  onCorner: (c: Corner) => void;
}) {
  const box = boxOf(zone.outline);
  const [cross, setCross] = useState<Point | null>(null);
  const [outside, setOutside] = useState(false);
  const set = (at: Point) => {
    const inside = contains(zone.outline, at);
    setOutside(!inside);
    if (!inside) return;
    const p = toPanel(zone, at);
    onCorner({ uMm: Math.round(p.uMm), vMm: Math.round(p.vMm) });
  };
  const size = Math.max(box.maxX - box.minX, box.maxY - box.minY);
  const line = corners.map((c) => toSheet(zone, c));
  // The left flank lies on the sheet with its foot up: here it stands.
  const turned = zone.upright && zone.side !== 'right';
  const sheet = useRef<SVGGElement>(null);
  return (
    <>
      <svg
        viewBox={`${box.minX - MARGIN_MM} ${box.minY - MARGIN_MM} ${box.maxX - box.minX + 2 * MARGIN_MM} ${box.maxY - box.minY + 2 * MARGIN_MM}`}
        className="max-h-[40dvh] w-full cursor-crosshair touch-manipulation border border-line bg-paper"
        role="application"
        aria-label="The panel. Arrow keys move the crosshair, Enter sets a corner."
        // biome-ignore lint/a11y/noNoninteractiveTabindex: it is drawn on, with keys as with a finger
        tabIndex={0}
        onClick={(e) => {
          const at = new DOMPoint(e.clientX, e.clientY).matrixTransform(sheet.current!.getScreenCTM()!.inverse());
          set([at.x, at.y]);
        }}
        onKeyDown={(e) => {
          const arrow = arrowOf(e);
          const from = cross ?? zone.label;
          if (arrow) setCross([from[0] + arrow[0] * STEP_MM, from[1] + (turned ? -1 : 1) * arrow[1] * STEP_MM]);
          else if (e.key === 'Enter') set(from);
          else return;
          e.preventDefault();
        }}
      >
        <g ref={sheet} {...(turned && { transform: `matrix(1 0 0 -1 0 ${box.minY + box.maxY})` })}>
          <path d={pathOf(zone.outline)} fill="var(--card)" stroke="var(--cut)" strokeWidth={size / 160} />
          {line.length > 0 && (
            <path
              d={pathOf(line, line.length > 2)}
              fill="var(--pin)"
              fillOpacity="0.25"
              stroke="var(--pin)"
              strokeWidth={size / 140}
            />
          )}
          {line.map(([x, y], i) => (
            <circle key={i} cx={x} cy={y} r={size / 70} fill="var(--pin)" />
          ))}
          {cross && (
            <path
              d={`M${cross[0] - size / 25} ${cross[1]}h${size / 12.5}M${cross[0]} ${cross[1] - size / 25}v${size / 12.5}`}
              stroke="var(--thread)"
              strokeWidth={size / 140}
            />
          )}
        </g>
      </svg>
      {outside && (
        <p role="alert" className="text-sm">
          That is beside the panel. What lies on the next one is a finding of its own.
        </p>
      )}
    </>
  );
}
