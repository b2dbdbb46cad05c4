import { thicknessText } from '@/core/units/thickness';
import { usePreferences, useWording } from '@/ui/preferences';
import { useCar, useJudged } from '@/ui/records/inspection';
import { zoneWords } from '@/words/zones';
import type { CardProps, ZoneCardDefinition } from '../walking';

/** The same panel on the other side, with what was measured there. */
export function Twin({ zone, walking }: CardProps) {
  const { car } = useCar();
  const wording = useWording(car?.steering);
  const { unit } = usePreferences().preferences;
  const twin = useJudged((j) => j.judgement?.paint.zones.find((z) => z.zone === zone.twin));
  const { value, low } = twin?.medianUm ?? { value: null, low: null };
  return (
    <button
      type="button"
      className="flex min-h-11 items-center justify-between gap-2 rounded-cut border border-line px-3 text-sm hover:bg-wash"
      onClick={() => walking.go(zone.twin!)}
    >
      <span>Twin: {zoneWords(zone.twin!, wording)}</span>
      {zone.aspects.includes('paint') && (
        <span className="figure font-semibold">
          {!twin || twin.n === 0
            ? 'not measured'
            : value === null
              ? `≥ ${thicknessText(low ?? 0, unit)}`
              : thicknessText(value, unit)}
        </span>
      )}
    </button>
  );
}

export const twin: ZoneCardDefinition = { place: 50, applies: (zone) => zone.twin !== null, Card: Twin };
