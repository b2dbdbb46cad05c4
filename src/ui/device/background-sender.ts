import type { CheckedChange } from '@/core/records/check-change';
import type { InspectionStore } from '../records/inspection-store';
import { setPersonHere } from './device-store';
import { photoQueue } from './photo-queue';
import { sendAllWaiting } from './send-changes';

const open = new Map<string, InspectionStore>();
let by = '';
let busy = false;

/** Tells the device's sender that a page has this inspection open and sends its entries itself. */
export function openHere(store: InspectionStore): () => void {
  open.set(store.inspection, store);
  return () => {
    if (open.get(store.inspection) === store) open.delete(store.inspection);
  };
}

const adopt = (inspection: string, change: CheckedChange) => {
  const store = open.get(inspection);
  if (store) store.adopt(change);
  else void sendWaiting();
};

/** Sends everything this device has waiting for the person signed in: entries of lots not open, and pictures. */
export async function sendWaiting(): Promise<void> {
  if (busy || by === '') return;
  busy = true;
  try {
    void photoQueue().run();
    await sendAllWaiting(by, (inspection) => open.has(inspection));
  } finally {
    busy = false;
  }
}

/** Starts sending for a person, and again whenever the network comes back. Returns how to stop listening. */
export function startBackgroundSender(person: string): () => void {
  by = person;
  void setPersonHere(person).catch(() => {});
  void photoQueue().start(person, adopt);
  void sendWaiting();
  const again = () => void sendWaiting();
  window.addEventListener('online', again);
  const timer = setInterval(again, 30_000);
  return () => {
    window.removeEventListener('online', again);
    clearInterval(timer);
  };
}
