import { handFor } from '../src/server/workshop/hand';
import { drawPicture } from './pictures';

/** What the processes do that draw the demo's pictures. */
const DRAWING = { drawPicture } as const;
export type Drawing = typeof DRAWING;

handFor(DRAWING);
