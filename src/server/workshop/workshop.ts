import { type ChildProcess, spawn } from 'node:child_process';
import { readFileSync } from 'node:fs';
import pLimit from 'p-limit';
import { ownProgram } from '../own-program';
import type { Works } from './hand';
import type { WORK } from './work';

/** Why a piece of work was not done: it took more memory or time than it may, or its process ended. */
export class WorkRefused extends Error {
  constructor(readonly why: 'memory' | 'time' | 'ended' | 'busy') {
    super(`the work was stopped: ${why}`);
  }
}

export interface Bounds {
  /** Processes at once. */
  readonly processes: number;
  /** Pieces of work that may wait for one. */
  readonly waiting: number;
  /** Resident memory of one process, bytes. */
  readonly memoryBytes: number;
  readonly workMs: number;
  /** A process with nothing to do ends after this time, so that its memory is given back. */
  readonly idleMs: number;
}

const WATCH_MS = 50;
const PAGE_BYTES = 4096;

/** Resident memory of a process, bytes; 0 where the system does not tell. */
function residentBytes(pid: number | undefined): number {
  try {
    return Number(readFileSync(`/proc/${pid}/statm`, 'utf8').split(' ')[1]) * PAGE_BYTES;
  } catch {
    return 0;
  }
}

type Made<W extends Works, N extends keyof W> = Awaited<ReturnType<W[N]>>;
type Answer = { readonly ok: true; readonly value: unknown } | { readonly ok: false };

interface Hand {
  readonly child: ChildProcess;
  idle: ReturnType<typeof setTimeout> | null;
}

/**
 * Does heavy or risky work in a few processes of bounded memory and time, so that a picture made to hurt ends its own
 * process and not the server. Processes start at the first piece of work and end when there is none.
 */
export class Workshop<W extends Works = typeof WORK> {
  private readonly free: Hand[] = [];
  private readonly inTurn: ReturnType<typeof pLimit>;

  /** `program`: what Node is told to start a process that does this work. */
  constructor(
    private readonly bounds: Bounds,
    private readonly program: () => readonly string[] = () => ownProgram('workshop'),
  ) {
    this.inTurn = pLimit(bounds.processes);
  }

  /** Runs a piece of work; throws {@link WorkRefused} when it is stopped. */
  async run<N extends keyof W & string>(name: N, given: Parameters<W[N]>[0]): Promise<Made<W, N>> {
    if (this.inTurn.pendingCount >= this.bounds.waiting) throw new WorkRefused('busy');
    return this.inTurn(() => this.runNow(name, given));
  }

  private hand(): Hand {
    const free = this.free.pop();
    if (free?.idle) clearTimeout(free.idle);
    if (free) return free;
    const child = spawn(process.execPath, this.program(), {
      cwd: process.cwd(),
      stdio: ['ignore', 'ignore', 'inherit', 'ipc'],
      serialization: 'advanced',
    });
    // Neither the process nor its channel keeps this one from ending; it ends by itself when the channel closes.
    child.unref();
    const made: Hand = { child, idle: null };
    child.on('exit', () => this.drop(made));
    child.on('error', () => this.drop(made));
    return made;
  }

  private drop(hand: Hand): void {
    const at = this.free.indexOf(hand);
    if (at >= 0) this.free.splice(at, 1);
    if (hand.idle) clearTimeout(hand.idle);
  }

  private rest(hand: Hand): void {
    if (hand.child.exitCode !== null || !hand.child.connected) return;
    hand.child.channel?.unref();
    hand.idle = setTimeout(() => hand.child.kill(), this.bounds.idleMs);
    hand.idle.unref();
    this.free.push(hand);
  }

  private runNow<N extends keyof W & string>(name: N, given: Parameters<W[N]>[0]): Promise<Made<W, N>> {
    const hand = this.hand();
    const { child } = hand;
    child.channel?.ref();
    return new Promise((resolve, reject) => {
      const stop = (why: WorkRefused['why']) => {
        child.kill('SIGKILL');
        done(() => reject(new WorkRefused(why)));
      };
      const watch = setInterval(() => {
        if (residentBytes(child.pid) > this.bounds.memoryBytes) stop('memory');
      }, WATCH_MS);
      const limit = setTimeout(() => stop('time'), this.bounds.workMs);
      const ended = () => done(() => reject(new WorkRefused('ended')));
      const answered = (answer: Answer) =>
        done(() => {
          this.rest(hand);
          if (answer.ok) resolve(answer.value as Made<W, N>);
          else reject(new WorkRefused('ended'));
        });
      let over = false;
      function done(then: () => void): void {
        if (over) return;
        over = true;
        clearInterval(watch);
        clearTimeout(limit);
        child.off('exit', ended);
        child.off('error', ended);
        child.off('message', answered);
        then();
      }
      child.once('exit', ended);
      child.once('error', ended);
      child.once('message', answered);
      child.send({ name, given }, (error) => error && ended());
    });
  }

  /** Ends the processes that are resting. */
  close(): void {
    for (const { child } of [...this.free]) child.kill();
  }
}

const MB = 1024 * 1024;
const held = globalThis as { farvinPictureShop?: Workshop; farvinFigureShop?: Workshop; farvinPlateShop?: Workshop };

/** Where pictures are unpacked. A phone's picture takes about 150 MB, the largest allowed about 700. */
export function pictureShop(): Workshop {
  held.farvinPictureShop ??= new Workshop({
    processes: 2,
    waiting: 400,
    memoryBytes: 1200 * MB,
    workMs: 60_000,
    idleMs: 20_000,
  });
  return held.farvinPictureShop;
}

/** Where reports of large inspections are computed. */
export function figureShop(): Workshop {
  held.farvinFigureShop ??= new Workshop({
    processes: 1,
    waiting: 40,
    memoryBytes: 1200 * MB,
    workMs: 120_000,
    idleMs: 60_000,
  });
  return held.farvinFigureShop;
}

/** Where plates are read: one at a time, by a reader that takes a second to wake. */
export function plateShop(): Workshop {
  held.farvinPlateShop ??= new Workshop({
    processes: 1,
    waiting: 20,
    memoryBytes: 1200 * MB,
    workMs: 30_000,
    idleMs: 120_000,
  });
  return held.farvinPlateShop;
}
