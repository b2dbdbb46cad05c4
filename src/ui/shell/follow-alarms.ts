import type { Alarm } from '@/core/yard/alarm';

const CHANNEL = 'farvin-alarms';
/** How long to wait before a stream that was refused is tried again, ms. */
const AGAIN_MS = 30_000;

/**
 * Follows the house's alarms until the returned function is called. Of all pages of one browser a single one holds the
 * stream, because a browser opens few connections to a server; it tells the others.
 */
export function followAlarms(onAlarms: (alarms: readonly Alarm[]) => void): () => void {
  const stop = new AbortController();
  const channel = typeof BroadcastChannel === 'undefined' ? null : new BroadcastChannel(CHANNEL);
  let last: readonly Alarm[] | null = null;
  const take = (alarms: readonly Alarm[]) => {
    last = alarms;
    onAlarms(alarms);
  };
  if (channel)
    channel.onmessage = ({ data }: MessageEvent<readonly Alarm[] | 'which'>) => {
      if (data !== 'which') take(data);
      else if (holds && last) channel.postMessage(last);
    };
  let holds = false;
  const hold = () =>
    new Promise<void>((done) => {
      holds = true;
      let source: EventSource | null = null;
      let again: ReturnType<typeof setTimeout> | undefined;
      const listen = () => {
        source = new EventSource('/api/v1/alarms');
        source.addEventListener('alarms', (e) => {
          take(JSON.parse((e as MessageEvent<string>).data));
          channel?.postMessage(last);
        });
        source.onerror = () => {
          if (source?.readyState !== EventSource.CLOSED) return;
          again = setTimeout(listen, AGAIN_MS);
        };
      };
      listen();
      stop.signal.addEventListener('abort', () => {
        source?.close();
        clearTimeout(again);
        done();
      });
    });
  if (typeof EventSource !== 'undefined') {
    if (navigator.locks) void navigator.locks.request(CHANNEL, { signal: stop.signal }, hold).catch(() => {});
    else void hold();
  }
  channel?.postMessage('which');
  return () => {
    stop.abort();
    channel?.close();
  };
}
