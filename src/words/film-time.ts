/** A moment of a film as people read it: 0:07, 12:40, 1:02:03. */
export function filmTime(s: number): string {
  const whole = Math.floor(s);
  const [h, m, sec] = [Math.floor(whole / 3600), Math.floor(whole / 60) % 60, whole % 60];
  const two = (n: number) => String(n).padStart(2, '0');
  return h > 0 ? `${h}:${two(m)}:${two(sec)}` : `${m}:${two(sec)}`;
}
