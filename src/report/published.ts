import { kindOf, RECORD_KINDS } from '@/core/kinds';
import { bodyWithDefaults } from '@/core/kinds/with-defaults';
import type { Bundle } from '@/core/records/bundle';

/** Records of a kind with one text of each left out. */
function without(bundle: Bundle, kind: 'car' | 'visit', field: string): Bundle['records'] {
  const rows = bundle.records[kind];
  return rows ? { [kind]: rows.map((r) => ({ ...r, body: { ...r.body, [field]: '' } })) } : {};
}

/** The bundle without withheld findings and with only the pictures and moments that the rest speaks of; places only where wished. */
export function published(bundle: Bundle, publishPlaces: boolean): Bundle {
  const findings = bundle.records.finding ?? [];
  const hidden = new Set(findings.filter((f) => f.body.withheld).map((f) => f.id));
  // Pictures that records name: of those that are shown, and of those that are not.
  const named = (of: (id: string) => boolean) =>
    new Set(
      RECORD_KINDS.flatMap((kind) =>
        (bundle.records[kind] ?? [])
          .filter((r) => of(r.id))
          .flatMap((r) => kindOf(kind).pictures?.(bodyWithDefaults(kind, r.body) as never) ?? []),
      ),
    );
  const [open, hiddenOnly] = [named((id) => !hidden.has(id)), named((id) => hidden.has(id))];
  const photos = (bundle.records.photo ?? []).filter(
    (p) =>
      !(typeof p.body.finding === 'string' && hidden.has(p.body.finding)) && (!hiddenOnly.has(p.id) || open.has(p.id)),
  );
  // Words of a film are told with the record that they became, and only while it is told.
  const told = new Set(
    RECORD_KINDS.flatMap((kind) => (bundle.records[kind] ?? []).map((r) => r.id)).filter((id) => !hidden.has(id)),
  );
  const moments = (bundle.records.moment ?? []).filter(
    (m) => told.has(String(m.body.of)) && told.has(String(m.body.film)),
  );
  // What the house would spend stays its own; what it decided of work is told where the estimate is.
  const shown = (bundle.records.worth ?? []).some((w) => w.body.shown === true);
  const remedies = shown ? (bundle.records.remedy ?? []).filter((r) => !hidden.has(String(r.body.of))) : [];
  const worths = shown
    ? (bundle.records.worth ?? []).map((w) => ({
        ...w,
        body: { ...w.body, expected: null, budget: null, days: null, source: '' },
      }))
    : [];
  // Work that serves nothing but what is withheld is not named.
  const workOpen = (kind: 'offer' | 'done') =>
    (bundle.records[kind] ?? []).flatMap((r) => {
      const serves = (Array.isArray(r.body.serves) ? r.body.serves : []).map(String);
      const open = serves.filter((s) => !hidden.has(s));
      return serves.length > open.length && !open.some((s) => told.has(s))
        ? []
        : [{ ...r, body: { ...r.body, serves: open } }];
    });
  const shas = new Set(photos.map((p) => p.body.sha256));
  return {
    ...bundle,
    records: {
      ...bundle.records,
      ...(publishPlaces ? {} : { ...without(bundle, 'car', 'keptIn'), ...without(bundle, 'visit', 'place') }),
      ...(findings.length > 0 && { finding: findings.filter((f) => !hidden.has(f.id)) }),
      ...(bundle.records.photo && { photo: photos }),
      ...(bundle.records.moment && { moment: moments }),
      ...(bundle.records.remedy && { remedy: remedies }),
      ...(bundle.records.worth && { worth: worths }),
      ...(bundle.records.offer && { offer: workOpen('offer') }),
      ...(bundle.records.done && { done: workOpen('done') }),
    },
    photos: bundle.photos.filter((p) => shas.has(p.sha256)),
  };
}
