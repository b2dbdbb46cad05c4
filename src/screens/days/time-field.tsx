import { minuteOf, timeOf } from '@/core/time/minutes';
import { Labelled } from '@/ui/parts/labelled';

/** A time of day, in minutes from midnight; what is no time yet changes nothing. */
export function TimeField({
  says,
  minute,
  onMinute,
}: {
  says: string;
  minute: number;
  onMinute: (minute: number) => void;
}) {
  return (
    <Labelled text={says}>
      <input
        type="time"
        className="field figure font-normal"
        value={timeOf(minute)}
        onChange={(e) => {
          const m = minuteOf(e.target.value);
          if (m !== null) onMinute(m);
        }}
      />
    </Labelled>
  );
}
