import { captionsOf } from '@/entry/talk/caption-file';
import { captionsText } from './film-captions';

const moment = (fromS: number, toS: number | null, words: string) => ({
  id: `${fromS}`,
  fromS,
  toS,
  words,
  finding: null,
});

it('writes captions that a reader of captions reads back, each until the next begins', () => {
  const text = captionsText([
    { title: 'Hood', moments: [moment(1.25, 9, 'one small chip'), moment(3, 5.5, 'and <b>another</b> --> here')] },
    { title: 'Roof', moments: [moment(3725.04, null, 'nothing\nto report')] },
  ]);
  const read = captionsOf(text);
  expect(read.ok && read.cues.map((c) => [c.fromS, c.toS])).toEqual([
    [1.25, 3],
    [3, 5.5],
    [3725.04, 3729.04],
  ]);
  expect(text).toContain('and &lt;b&gt;another&lt;/b&gt; --&gt; here');
  expect(text).toContain('nothing to report');
});
