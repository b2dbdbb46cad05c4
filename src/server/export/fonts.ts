import { Font } from '@react-pdf/renderer';
import { FACES, fileOf } from './faces';

let done = false;

/** Registers the faces of every PDF with its writer, which embeds what it draws. Later calls do nothing. */
export function registerFonts(): void {
  if (done) return;
  done = true;
  for (const face of FACES) Font.register({ family: face[0], src: fileOf(face), fontWeight: face[3] });
  // Words are not broken: names and numbers of parts must stay whole.
  Font.registerHyphenationCallback((word) => [word]);
}
