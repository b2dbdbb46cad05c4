import { pieceText } from '../pieces';
import type { KindWords } from './kind-words';

export const piece: KindWords<'piece'> = {
  name: 'piece',
  says: (p) => `${p.piece.replaceAll('-', ' ')}: ${pieceText(p)}`,
};
