import path from 'node:path';

/** What Node is told to start a TypeScript file of ours as it is written. */
export function writtenProgram(file: string): readonly string[] {
  const root = process.cwd();
  return [
    '--import',
    path.join(root, 'node_modules', 'tsx', 'dist', 'loader.mjs'),
    path.join(/*turbopackIgnore: true*/ root, file),
  ];
}

/**
 * What Node is told to start a program of ours, `bin/NAME.ts`, in a process of its own: as it was made with the application,
 * which starts in half the time, or as it is written where nothing was made (tests, development).
 */
export function ownProgram(name: 'export' | 'workshop'): readonly string[] {
  const made = process.env.FARVIN_MADE;
  return made ? [path.join(made, `${name}.mjs`)] : writtenProgram(`bin/${name}.ts`);
}
