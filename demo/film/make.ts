// npm run film: draws the walk-round film of the demo, speaks what is said in it, and writes its captions as a service of
// captions would. Needs ffmpeg and espeak-ng, which the program itself does not.
import { spawn, spawnSync } from 'node:child_process';
import { once } from 'node:events';
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { fileURLToPath } from 'node:url';
import { FRAME, frame } from './frames';
import { LAP } from './script';
import { type Breath, captionsOf, type Lap } from './timeline';

const HERE = path.dirname(fileURLToPath(import.meta.url));
const WORDS_A_MINUTE = '150';
const SPEECH_HZ = 22_050;
const PAUSE_S = 0.6;
const LEAST_SCENE_S = 5;

function run(program: string, args: readonly string[]): void {
  const { status, stderr, error } = spawnSync(program, args, { encoding: 'utf8' });
  if (status !== 0) throw new Error(`${program}: ${error?.message ?? stderr}`);
}

/** Says all breaths one after the other; returns the sound and when each begins and ends. */
function speak(dir: string): { sound: Buffer; lap: Lap } {
  const pieces: Buffer[] = [];
  let at = 0;
  const silence = (s: number) => {
    const samples = Math.round(s * SPEECH_HZ);
    pieces.push(Buffer.alloc(2 * samples));
    at += samples / SPEECH_HZ;
  };
  const scenes = LAP.map(({ says }) => {
    const fromS = at;
    const breaths: Breath[] = says.map((words) => {
      const wav = path.join(dir, 'breath.wav');
      const raw = path.join(dir, 'breath.raw');
      run('espeak-ng', ['-v', 'en-us', '-s', WORDS_A_MINUTE, '-w', wav, words]);
      run('ffmpeg', ['-y', '-loglevel', 'error', '-i', wav, '-f', 's16le', '-ac', '1', '-ar', String(SPEECH_HZ), raw]);
      const bytes = readFileSync(raw);
      const breath = { words, fromS: at, toS: at + bytes.length / 2 / SPEECH_HZ };
      pieces.push(bytes);
      at = breath.toS;
      silence(PAUSE_S);
      return breath;
    });
    silence(Math.max(0, LEAST_SCENE_S - (at - fromS)));
    return { fromS, toS: at, breaths };
  });
  return { sound: Buffer.concat(pieces), lap: { scenes } };
}

async function main(): Promise<void> {
  const dir = mkdtempSync(path.join(os.tmpdir(), 'farvin-film-'));
  try {
    const { sound, lap } = speak(dir);
    const raw = path.join(dir, 'all.raw');
    writeFileSync(raw, sound);
    const size = `${FRAME.widthPx}x${FRAME.heightPx}`;
    const ffmpeg = spawn(
      'ffmpeg',
      // biome-ignore format: one option a line reads worse
      ['-y', '-loglevel', 'error', '-f', 'rawvideo', '-pix_fmt', 'rgb24', '-s', size, '-r', String(FRAME.perS), '-i', '-',
        '-f', 's16le', '-ar', String(SPEECH_HZ), '-ac', '1', '-i', raw,
        '-c:v', 'libx264', '-preset', 'slow', '-crf', '36', '-pix_fmt', 'yuv420p', '-g', String(2 * FRAME.perS),
        '-c:a', 'aac', '-b:a', '32k', '-map_metadata', '-1', '-fflags', '+bitexact', '-movflags', '+faststart',
        path.join(HERE, 'lap.mp4')],
      { stdio: ['pipe', 'inherit', 'inherit'] },
    );
    const ended = once(ffmpeg, 'exit');
    const lengthS = lap.scenes.at(-1)!.toS;
    for (let i = 0; i < lengthS * FRAME.perS; i++) {
      const s = i / FRAME.perS;
      const scene = Math.max(
        0,
        lap.scenes.findIndex((x) => s < x.toS),
      );
      const { fromS, toS } = lap.scenes[scene]!;
      if (!ffmpeg.stdin.write(await frame(scene, (s - fromS) / (toS - fromS)))) await once(ffmpeg.stdin, 'drain');
    }
    ffmpeg.stdin.end();
    const [code] = await ended;
    if (code !== 0) throw new Error(`ffmpeg ended with ${code}`);
    writeFileSync(path.join(HERE, 'lap.vtt'), captionsOf(lap));
    writeFileSync(
      path.join(HERE, 'lap.json'),
      `${JSON.stringify({ lengthS, scenes: lap.scenes.map(({ fromS, toS }) => [fromS, toS]) })}\n`,
    );
    console.log(`· A film of ${Math.round(lengthS)} s and its captions are in demo/film.`);
  } finally {
    rmSync(dir, { recursive: true });
  }
}

main().catch((error: unknown) => {
  console.error('The film could not be made:', error instanceof Error ? error.message : error);
  process.exit(1);
});
