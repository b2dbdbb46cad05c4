/** The size of a file as people read it: 49 kB, 1.4 MB. */
export function bytesText(bytes: number): string {
  return bytes < 1e6 ? `${Math.max(1, Math.round(bytes / 1e3))} kB` : `${(bytes / 1e6).toFixed(1)} MB`;
}
