import sharp from 'sharp';

/** What processes can do: a name, what is given, what is made. Both pass between processes as data. */
export type Works = Readonly<Record<string, (given: never) => Promise<unknown>>>;

/** Makes this process a hand of a workshop: one piece of work at a time, told and answered over the channel to its parent. */
export function handFor(works: Works): void {
  sharp.cache(false);
  sharp.concurrency(1);
  process.on('message', async ({ name, given }: { name: string; given: never }) => {
    const answer = await works[name]!(given).then(
      (value) => ({ ok: true, value }),
      () => ({ ok: false }),
    );
    // A parent that ended meanwhile asks for nothing any more.
    process.send?.(answer, undefined, undefined, () => {});
  });
  process.on('disconnect', () => process.exit(0));
}
