/** How many backups are kept: the newest of each of so many days, weeks and months back. House values. */
export const KEPT = { days: 7, weeks: 5, months: 12 } as const;

const NAME = /^farvin-(\d{4})-(\d\d)-(\d\d)T(\d\d)(\d\d)(\d\d)Z\.backup$/;

/** The name under which a backup of a moment stands. */
export const backupName = (at: Date): string => `farvin-${at.toISOString().slice(0, 19).replaceAll(':', '')}Z.backup`;

/** The moment that a backup's name states; null for a file that is none of ours. */
export function backupMoment(name: string): Date | null {
  const m = NAME.exec(name);
  return m ? new Date(`${m[1]}-${m[2]}-${m[3]}T${m[4]}:${m[5]}:${m[6]}Z`) : null;
}

const dayOf = (at: Date) => at.toISOString().slice(0, 10);
const monthOf = (at: Date) => at.toISOString().slice(0, 7);
/** The Monday that begins the day's week (ISO 8601). */
const weekOf = (at: Date) => dayOf(new Date(at.getTime() - ((at.getUTCDay() + 6) % 7) * 86_400_000));

/** Names of backups that have served their time. The newest one stays always; what is no backup of ours is not named. */
export function outlived(names: readonly string[]): string[] {
  const backups = names
    .flatMap((name) => {
      const at = backupMoment(name);
      return at ? [{ name, at }] : [];
    })
    .sort((a, b) => b.at.getTime() - a.at.getTime());
  const keep = new Set(backups.slice(0, 1).map((b) => b.name));
  const newestOf = (period: (at: Date) => string, most: number) => {
    const seen = new Set<string>();
    for (const { name, at } of backups) {
      const key = period(at);
      if (seen.has(key)) continue;
      if (seen.size === most) break;
      seen.add(key);
      keep.add(name);
    }
  };
  newestOf(dayOf, KEPT.days);
  newestOf(weekOf, KEPT.weeks);
  newestOf(monthOf, KEPT.months);
  return backups.map((b) => b.name).filter((name) => !keep.has(name));
}
