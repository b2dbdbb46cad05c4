/** Whole minutes as they are said: "45 min", "2 h 05 min". */
export function minutesText(minutes: number): string {
  const m = Math.round(minutes);
  return m < 60 ? `${m} min` : `${Math.floor(m / 60)} h ${String(m % 60).padStart(2, '0')} min`;
}
