import { useSyncExternalStore } from 'react';
import { photoQueue, type QueueState } from './photo-queue';

const NONE: QueueState = { photos: [], done: 0, sending: 'idle', trouble: '', unkept: 0 };

/** The pictures on their way from this device. */
export function usePhotoQueue(): QueueState {
  const queue = photoQueue();
  return useSyncExternalStore(queue.subscribe, queue.snapshot, () => NONE);
}
