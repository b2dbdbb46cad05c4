import path from 'node:path';

/**
 * What Node is told to start a program of ours, `bin/NAME.ts`, in a process of its own: as it was made with the application,
 * which starts in half the time, or as it is written where nothing was made (tests, development).
 */
export function ownProgram(name: 'export' | 'workshop'): readonly string[] {
  const made = process.env.FARVIN_MADE;
  if (made) return [path.join(made, `${name}.mjs`)];
  const root = process.cwd();
  return [
    '--import',
    path.join(root, 'node_modules', 'tsx', 'dist', 'loader.mjs'),
    path.join(root, 'bin', `${name}.ts`),
  ];
}
