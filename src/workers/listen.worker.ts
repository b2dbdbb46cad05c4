import { planOfCar } from '@/core/body/plan';
import type { BodyOf } from '@/core/kinds';
import type { EntryContext } from '@/entry/context';
import { type LeftWords, listenTo, type SpokenLine, type Statement } from '@/entry/talk/listen';

export interface ListenAsked {
  readonly id: number;
  readonly car: BodyOf<'car'>;
  readonly lines: readonly SpokenLine[];
  readonly context: Omit<EntryContext, 'plan'>;
}
export interface ListenAnswer {
  readonly id: number;
  readonly statements: readonly Statement[];
  readonly left: readonly LeftWords[];
}

/** Takes talk apart off the page's thread; a car without a plan says nothing. */
self.onmessage = ({ data: { id, car, lines, context } }: MessageEvent<ListenAsked>) => {
  const plan = planOfCar(car);
  const { statements, left } = plan ? listenTo(lines, { ...context, plan }) : { statements: [], left: [] };
  self.postMessage({ id, statements, left } satisfies ListenAnswer);
};
