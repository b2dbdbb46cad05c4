import type { ParseArgsConfig } from 'node:util';

type ParseArgsOptionsConfig = NonNullable<ParseArgsConfig['options']>;

/** What a verb is given beside its file: the values of its own options. */
export type FlagsOf<O extends ParseArgsOptionsConfig> = {
  readonly [K in keyof O]?: O[K]['type'] extends 'boolean' ? boolean : string;
};

/**
 * One verb of the command line: a file in bin/verbs that exports it as `verb`. Its name is the file's. What it gives is
 * printed as JSON; words go to standard error, refusals are thrown as `Refusal`, wrong usage as `Usage`.
 */
export interface VerbDefinition<O extends ParseArgsOptionsConfig> {
  /** What stands behind the name: "BUNDLE [--on-year YYYY]"; several lines for several ways. */
  readonly usage: string | readonly string[];
  /** What it does, for whoever asks for help. */
  readonly does: string;
  /** What it gives, for the table in docs/formats/command-line.md. */
  readonly gives: string;
  /** What its one argument is; null: it takes none. */
  readonly takes: 'file' | 'style' | 'code' | null;
  /** What stands behind that; absent: nothing. */
  readonly second?: 'bundle';
  /** Its own options; any other is refused. */
  readonly options: O;
  /** Whether it works on the database: that of DATABASE_URL, else the demo's. */
  readonly database?: true;
  readonly run: (argument: string, flags: FlagsOf<O>, second: string) => object | Promise<object>;
}

/** A verb's definition, its flags typed by its options. */
export const defineVerb = <const O extends ParseArgsOptionsConfig>(definition: VerbDefinition<O>): VerbDefinition<O> =>
  definition;

export type AnyVerb = Omit<VerbDefinition<ParseArgsOptionsConfig>, 'run'> & {
  run(argument: string, flags: Readonly<Record<string, unknown>>, second: string): object | Promise<object>;
};
export const TEXT = { type: 'string' } as const;
export const SWITCH = { type: 'boolean' } as const;
