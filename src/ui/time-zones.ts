/** Every time zone that this machine knows, UTC first; one that it does not know but that is set already, too. */
export function timeZones(present?: string): readonly string[] {
  const known = new Set(['UTC', ...Intl.supportedValuesOf('timeZone')]);
  if (present) known.add(present);
  return [...known];
}

/** The zone in which this machine stands. */
export const ownZone = () => new Intl.DateTimeFormat().resolvedOptions().timeZone || 'UTC';
