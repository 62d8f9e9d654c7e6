import { type Told } from '@bright-sprout/words/say';
import { Problem } from './problems/problem';

/** Lets heavy work be done by a few at a time, so that everything else goes on; a crowd beyond the limit is asked to come back. */
export class Turns {
  private running = 0;
  private readonly waiting: (() => void)[] = [];

  constructor(
    private readonly atOnce: number,
    private readonly mostWaiting: number,
    private readonly crowded: Told,
  ) {}

  async take<T>(work: () => Promise<T>): Promise<T> {
    if (this.waiting.length >= this.mostWaiting) throw new Problem(503, this.crowded);
    if (this.running >= this.atOnce) await new Promise<void>((next) => this.waiting.push(next));
    this.running += 1;
    try {
      return await work();
    } finally {
      this.running -= 1;
      this.waiting.shift()?.();
    }
  }
}
