import { KeyRound } from 'lucide-react';
import type { DaysPlan } from '@/core/days/days-plan';
import { keysHang } from '@/core/days/lots-to-route';
import { MOVING_MIN } from '@/core/days/moving';
import type { Span } from '@/core/days/visit-order';
import { Labelled } from '@/ui/parts/labelled';
import { plural } from '@/words/plural';
import { TimeField } from './time-field';

/** Where keys are fetched and when they are handed out, and what is reckoned for the way from car to car. */
export function KeysAndWays({
  keys,
  lots,
  hours: [opens, closes],
  onKeys,
}: {
  keys: DaysPlan['keys'];
  lots: readonly { readonly keysWith: string; readonly stands: string }[];
  hours: Span;
  onKeys: (keys: DaysPlan['keys']) => void;
}) {
  // Places that several lots name, as far as the first comma.
  const places = [...new Set(lots.map((l) => l.keysWith.split(',')[0]!.trim()).filter(Boolean))].slice(0, 20);
  const hang = keys ? lots.filter((l) => keysHang(l.keysWith, keys.where)).length : 0;
  const untold = lots.filter((l) => l.keysWith.trim() === '').length;
  const unplaced = lots.filter((l) => l.stands.trim() === '').length;
  return (
    <details>
      <summary className="min-h-9 w-fit content-center text-sm font-semibold">
        <KeyRound size={16} aria-hidden="true" className="mr-1 inline" /> Keys and ways
        {keys && `: ${plural(hang, 'key')} at ${keys.where}`}
      </summary>
      <div className="grid items-end gap-3 pt-2 sm:grid-cols-[1.4fr_.8fr_.8fr]">
        <Labelled text="Keys are fetched at">
          <input
            className="field font-normal"
            list="key-places"
            maxLength={80}
            value={keys?.where ?? ''}
            onChange={({ target }) =>
              onKeys(
                target.value.trim() === ''
                  ? null
                  : { from: opens, to: closes, ...keys, where: target.value.trimStart() },
              )
            }
          />
        </Labelled>
        <datalist id="key-places">
          {places.map((p) => (
            <option key={p} value={p} />
          ))}
        </datalist>
        {keys && (
          <>
            <TimeField says="Handed out from" minute={keys.from} onMinute={(from) => onKeys({ ...keys, from })} />
            <TimeField says="until" minute={keys.to} onMinute={(to) => onKeys({ ...keys, to })} />
          </>
        )}
      </div>
      <p className="max-w-prose pt-2 text-sm text-soft">
        Reckoned: {MOVING_MIN.bay} minute to the next bay, {MOVING_MIN.row} to another row, {MOVING_MIN.place} to
        another place, {MOVING_MIN.key} to fetch a key ({MOVING_MIN.source}).
        {untold > 0 && ` Of ${plural(untold, 'lot')} nobody said where the key is: none is fetched.`}
        {unplaced > 0 && ` Of ${plural(unplaced, 'lot')} nobody said where it stands: ${MOVING_MIN.unknown} minutes.`}
      </p>
    </details>
  );
}
