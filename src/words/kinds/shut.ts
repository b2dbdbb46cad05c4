import { shutText } from '../fit';
import type { KindWords } from './kind-words';

export const shut: KindWords<'shut'> = { name: 'shut', says: shutText };
