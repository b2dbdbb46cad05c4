import { v7 as uuidv7 } from 'uuid';
import { schemaNumber } from '@/core/kinds';
import type { CheckedChange } from '@/core/records/check-change';
import { clip } from '@/core/records/clip';
import { device, keepWaiting, type PhotoRow } from './device-store';
import { type StoredPhoto, sendPhoto, shaOf } from './send-photo';

/** What is shown of a picture on its way; its bytes stay on the device. */
export type PhotoOnItsWay = Omit<PhotoRow, 'bytes'> & { size: number };

export interface QueueState {
  readonly photos: readonly PhotoOnItsWay[];
  /** Pictures that went in since the page was opened. */
  readonly done: number;
  readonly sending: 'idle' | 'sending' | 'offline' | 'signed-out' | 'store';
  /** What the server says of its picture store while it takes none. */
  readonly trouble: string;
  /** Pictures the device could not keep: they are sent from this page only. */
  readonly unkept: number;
}

/** What is known of a picture as it is taken. */
export interface PhotoAbout {
  readonly zone?: string | null;
  readonly finding?: string | null;
  readonly seam?: string | null;
  readonly view?: string | null;
}

const RETRY_MS = [2000, 4000, 8000, 15000, 30000] as const;
const AT_ONCE = 2;
const shown = ({ bytes, ...row }: PhotoRow): PhotoOnItsWay => ({ ...row, size: bytes.size });

/** The record of a picture that has arrived; its ids are the row's, so that entering it twice is once. */
export function changeOfPhoto(
  row: Pick<PhotoRow, 'id' | 'name' | 'zone' | 'finding' | 'seam' | 'view'>,
  photo: StoredPhoto,
): CheckedChange {
  const { sha256, type, bytes, widthPx, heightPx, takenAt } = photo;
  return {
    id: row.id,
    op: 'put',
    kind: 'photo',
    record: row.id,
    schema: schemaNumber('photo'),
    base: 0,
    body: {
      sha256,
      type: type as 'image/jpeg',
      bytes,
      widthPx,
      heightPx,
      takenAt,
      name: row.name,
      zone: row.zone,
      finding: row.finding,
      range: null,
      seam: row.seam ?? null,
      view: row.view ?? null,
      blur: [],
      seamRefused: null,
      caption: '',
      drawn: false,
    },
  };
}

/**
 * Pictures on their way from this device to the server, for all lots. A picture is kept on the device until the server
 * has it, so that neither a reload nor a dead server loses one; then its record goes the way of every other entry.
 */
class PhotoQueue {
  private state: QueueState = { photos: [], done: 0, sending: 'idle', trouble: '', unkept: 0 };
  private listeners = new Set<() => void>();
  private unkept = new Map<string, PhotoRow>();
  private running = false;
  private tries = 0;
  private timer: ReturnType<typeof setTimeout> | undefined;
  private by = '';
  private adopt: (inspection: string, change: CheckedChange) => void = () => {};

  subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };
  snapshot = (): QueueState => this.state;

  private set(change: Partial<QueueState>): void {
    this.state = { ...this.state, ...change };
    for (const listener of this.listeners) listener();
  }

  private patch(id: string, change: Partial<PhotoOnItsWay>): void {
    this.set({ photos: this.state.photos.map((p) => (p.id === id ? { ...p, ...change } : p)) });
  }

  /** Starts for the person signed in; `adopt` takes the record of each picture that has arrived. */
  async start(by: string, adopt: (inspection: string, change: CheckedChange) => void): Promise<void> {
    this.by = by;
    this.adopt = adopt;
    const rows = await device()
      .photos.orderBy('order')
      .toArray()
      .catch(() => []);
    this.set({ photos: [...rows.map(shown), ...[...this.unkept.values()].map(shown)] });
    void this.run();
  }

  /** Takes files in the order given; each is on the device before it counts as taken. Returns the ids of their records. */
  async add(
    inspection: string,
    files: readonly File[],
    { zone = null, finding = null, seam = null, view = null }: PhotoAbout = {},
  ): Promise<string[]> {
    const ids: string[] = [];
    const last = await device()
      .photos.orderBy('order')
      .last()
      .catch(() => undefined);
    const from = Math.max(last?.order ?? 0, ...this.state.photos.map((p) => p.order)) + 1;
    for (const [i, file] of files.entries()) {
      const row: PhotoRow = {
        id: uuidv7(),
        inspection,
        order: from + i,
        by: this.by,
        name: clip(file.name, 200) || 'photo',
        bytes: file,
        origin: null,
        zone,
        finding,
        seam,
        view,
        share: 0,
        refused: '',
      };
      try {
        await device().photos.put(row);
      } catch {
        this.unkept.set(row.id, row);
      }
      ids.push(row.id);
      this.set({ photos: [...this.state.photos, shown(row)], unkept: this.unkept.size });
    }
    void this.run();
    return ids;
  }

  /** Takes a picture out that has not been sent. */
  async drop(id: string): Promise<void> {
    await device()
      .photos.delete(id)
      .catch(() => {});
    this.unkept.delete(id);
    this.set({ photos: this.state.photos.filter((p) => p.id !== id), unkept: this.unkept.size });
  }

  /** Tries a refused picture once more. */
  async retry(id: string): Promise<void> {
    await device()
      .photos.update(id, { refused: '' })
      .catch(() => {});
    this.patch(id, { refused: '' });
    void this.run();
  }

  /** Sends what waits; two tabs of one browser do not send the same twice at a time. */
  async run(): Promise<void> {
    if (this.running) return;
    this.running = true;
    clearTimeout(this.timer);
    try {
      if (navigator.locks) await navigator.locks.request('farvin-photos', () => this.runAll());
      else await this.runAll();
    } finally {
      this.running = false;
    }
  }

  private async runAll(): Promise<void> {
    let stopped: 'offline' | 'signed-out' | 'store' | null = null;
    const begun = new Set<string>();
    const next = () =>
      this.state.photos.find((p) => !begun.has(p.id) && p.refused === '' && (p.by || this.by) === this.by);
    const worker = async () => {
      for (let p = next(); p && !stopped; p = next()) {
        begun.add(p.id);
        const why = await this.sendOne(p.id);
        if (why) stopped = why;
      }
    };
    if (next()) this.set({ sending: 'sending' });
    await Promise.all(Array.from({ length: AT_ONCE }, worker));
    this.set({ sending: stopped ?? 'idle', ...(stopped !== 'store' && { trouble: '' }) });
    if (!stopped) this.tries = 0;
    if (stopped === 'offline' || stopped === 'store') {
      this.timer = setTimeout(() => void this.run(), RETRY_MS[Math.min(this.tries++, RETRY_MS.length - 1)]);
    }
  }

  private async sendOne(id: string): Promise<'offline' | 'signed-out' | 'store' | null> {
    const row =
      this.unkept.get(id) ??
      (await device()
        .photos.get(id)
        .catch(() => undefined));
    // Another tab has sent it meanwhile.
    if (!row) {
      this.set({ photos: this.state.photos.filter((p) => p.id !== id) });
      return null;
    }
    const origin = row.origin ?? (await shaOf(row.bytes));
    if (row.origin === null)
      await device()
        .photos.update(id, { origin })
        .catch(() => 0);
    const answer = await sendPhoto({ ...row, origin }, (share) => this.patch(id, { share }));
    if (answer.ok) {
      await this.arrived(row, answer.photo);
      return null;
    }
    if (answer.why === 'store') this.set({ trouble: answer.message });
    if (answer.why !== 'refused') return answer.why;
    await device()
      .photos.update(id, { refused: answer.message })
      .catch(() => 0);
    this.patch(id, { refused: answer.message });
    return null;
  }

  private async arrived(row: PhotoRow, photo: StoredPhoto): Promise<void> {
    const change = changeOfPhoto(row, photo);
    const d = device();
    // In one step: the picture leaves, its record waits. A crash in between repeats the sending, which changes nothing.
    await d
      .transaction('rw', d.photos, d.waiting, async () => {
        await keepWaiting(row.inspection, this.by, [change]);
        await d.photos.delete(row.id);
      })
      .catch(() => {});
    this.unkept.delete(row.id);
    this.set({
      photos: this.state.photos.filter((p) => p.id !== row.id),
      done: this.state.done + 1,
      unkept: this.unkept.size,
    });
    this.adopt(row.inspection, change);
  }
}

let queue: PhotoQueue | undefined;

export function photoQueue(): PhotoQueue {
  queue ??= new PhotoQueue();
  return queue;
}
