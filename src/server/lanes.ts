/** Runs jobs a few at a time, in the order they came. */
export class Lanes {
  private running = 0;
  private readonly waiting: (() => void)[] = [];

  constructor(private readonly width: number) {}

  async run<T>(job: () => Promise<T>): Promise<T> {
    if (this.running >= this.width) await new Promise<void>((resolve) => this.waiting.push(resolve));
    else this.running++;
    try {
      return await job();
    } finally {
      const next = this.waiting.shift();
      if (next) next();
      else this.running--;
    }
  }
}
