import type { Zone } from '@/core/body/zone';
import type { StoredRecord } from '@/core/kinds';
import { rangeOf, withoutOverview } from '@/core/photo/pairs';
import { PhotoDrop } from '@/ui/device/photo-drop';
import { PhotoStrip } from '@/ui/parts/photo-strip';
import { usePreferences, useWording } from '@/ui/preferences';
import { useCar, useLot, useRecords } from '@/ui/records/inspection';
import { flawName } from '@/words/flaws';
import { zoneWords } from '@/words/zones';
import type { CardProps, ZoneCardDefinition } from '../walking';

/** The lap's first pass: an overview of every panel, before going near for each finding. */
function FirstPass({ zone, walking }: CardProps) {
  const { plan, car } = useCar();
  const wording = useWording(car?.steering);
  const photos = useRecords('photo');
  const owed = withoutOverview(plan!, zone.view, photos);
  if (photos.length === 0 || owed.length === 0) return null;
  const all = plan!.lap[zone.view].length;
  const next = owed.find((z) => z !== zone.slug && plan!.zones.get(z)!.lap > zone.lap) ?? owed[0]!;
  return (
    <p className="flex items-center gap-2 text-sm text-soft">
      <span className="min-w-0 flex-1">
        First pass: {all - owed.length} of {all} from afar.
        {owed.includes(zone.slug) && ' This one not yet.'}
      </span>
      {next !== zone.slug && (
        <button type="button" className="btn btn-small" onClick={() => walking.go(next)}>
          Next: {zoneWords(next, wording)}
        </button>
      )}
    </p>
  );
}

/** The zone's pictures, from afar and near, and how to add more. */
export function Photos({ zone, walking }: CardProps) {
  const { store, mayEdit } = useLot();
  const photos = useRecords('photo', (p) => p.body.zone === zone.slug);
  return (
    <section aria-label="Photos" className="grid gap-2">
      {(['far', 'near'] as const).map((range) => {
        const own = photos.filter((p) => rangeOf(p) === range);
        if (own.length === 0) return null;
        return (
          <div key={range} className="grid gap-1">
            <h3 className="text-xs font-semibold text-soft">{range === 'far' ? 'Overview' : 'Close-ups'}</h3>
            <PhotoStrip
              photos={own}
              {...(mayEdit && {
                onRemove: (id: string) => store.remove(id),
                more: (photo: StoredRecord<'photo'>) => <ShownOn photo={photo} zone={zone} />,
              })}
            />
          </div>
        );
      })}
      {mayEdit && <FirstPass zone={zone} walking={walking} />}
      <PhotoDrop zone={zone.slug} />
    </section>
  );
}

/** What an open picture shows: the whole panel, a detail of it, or one of its findings. */
function ShownOn({ photo, zone }: { photo: StoredRecord<'photo'>; zone: Zone }) {
  const { store } = useLot();
  const { words } = usePreferences().preferences;
  const findings = useRecords('finding', (f) => f.body.zone === zone.slug);
  const value = photo.body.finding ?? rangeOf(photo);
  const choose = (to: string) => {
    if (to === photo.body.finding) return;
    const finding = to === 'far' || to === 'near' ? null : to;
    const range = to === 'far' || to === 'near' ? to : null;
    store.put([{ kind: 'photo', id: photo.id, body: { ...photo.body, finding, range }, upon: photo.version }]);
  };
  return (
    <label className="flex items-center gap-2 font-semibold">
      Shows
      <select className="field w-auto font-normal" value={value} onChange={(e) => choose(e.target.value)}>
        <option value="far">the panel from afar</option>
        <option value="near">a detail</option>
        {photo.body.finding !== null && !findings.some((f) => f.id === photo.body.finding) && (
          <option value={photo.body.finding}>what it was taken for</option>
        )}
        {findings.map((f) => (
          <option key={f.id} value={f.id}>
            {flawName(f.body.flaw, words)} {f.body.where}
          </option>
        ))}
      </select>
    </label>
  );
}

export const photos: ZoneCardDefinition = { place: 70, applies: () => true, Card: Photos };
