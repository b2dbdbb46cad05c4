/** Gives a file to the reader to keep. */
export function saveFile(name: string, content: Blob): void {
  const url = URL.createObjectURL(content);
  Object.assign(document.createElement('a'), { href: url, download: name }).click();
  URL.revokeObjectURL(url);
}
