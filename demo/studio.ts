import { fork } from 'node:child_process';
import { fileURLToPath } from 'node:url';
import type { PictureOrder } from './pictures';

interface Waiting {
  readonly done: (bytes: Buffer) => void;
  readonly failed: (why: Error) => void;
}
type Answer = { readonly id: number } & ({ readonly bytes: Uint8Array } | { readonly failed: string });

/** Processes that draw: as many as a small machine has cores. */
const HANDS = 2;

/**
 * Draws pictures in processes of its own, in the order in which they were asked for, while whoever asked does something else.
 * The same order gives the same picture as `drawPicture`. `close` ends the processes.
 */
export function openStudio() {
  const waiting = new Map<number, Waiting>();
  const end = (why: Error) => {
    for (const { failed } of waiting.values()) failed(why);
    waiting.clear();
  };
  const hands = Array.from({ length: HANDS }, () => {
    const hand = fork(fileURLToPath(new URL('./drawing.ts', import.meta.url)), { serialization: 'advanced' });
    hand.on('message', (answer: Answer) => {
      const asked = waiting.get(answer.id);
      waiting.delete(answer.id);
      if ('bytes' in answer) asked?.done(Buffer.from(answer.bytes));
      else asked?.failed(new Error(answer.failed));
    });
    hand.on('exit', () => end(new Error('a process that draws pictures ended')));
    return hand;
  });
  let next = 0;
  return {
    draw: (order: PictureOrder): Promise<Buffer> => {
      const id = next++;
      const drawn = new Promise<Buffer>((done, failed) => waiting.set(id, { done, failed }));
      // Whoever waits for it hears of a failure; until then it is nobody's.
      drawn.catch(() => {});
      hands[id % HANDS]!.send({ id, order });
      return drawn;
    },
    close: () => {
      for (const hand of hands) {
        hand.removeAllListeners('exit');
        hand.disconnect();
      }
    },
  };
}
export type Studio = ReturnType<typeof openStudio>;
