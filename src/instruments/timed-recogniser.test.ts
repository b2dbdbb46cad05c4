import { TimedRecogniser } from './timed-recogniser';

const listening = (stopAtMs: number) => {
  jest.useFakeTimers();
  const heard: string[] = [];
  const r = new TimedRecogniser([
    { atMs: 100, text: 'hood has a chip' },
    { atMs: 500, text: 'next panel' },
  ]);
  r.start({
    words: (text, settled) => heard.push(`${settled ? '' : '… '}${text}`),
    wrong: (why) => heard.push(why),
    ended: () => heard.push('end'),
  });
  jest.advanceTimersByTime(stopAtMs);
  r.stop();
  jest.advanceTimersByTime(5000);
  jest.useRealTimers();
  return heard;
};

describe('the stand-in that listens', () => {
  it('says its texts at their times, first in part', () =>
    expect(listening(1000)).toEqual(['… hood has', 'hood has a chip', '… next', 'next panel', 'end']));
  it('says nothing once it was stopped', () =>
    expect(listening(200)).toEqual(['… hood has', 'hood has a chip', 'end']));
});
