import { usagesOf, verbNamed, verbNames } from './verb-list';

const BEGIN = '<!-- verbs: written by npm run schemas -->';
const END = '<!-- /verbs -->';
const cell = (text: string) => text.replaceAll('|', '\\|');

/** The page of the command line with its table of verbs as the verbs say themselves. */
export async function withVerbTable(page: string): Promise<string> {
  const rows = await Promise.all(
    verbNames().map(async (name) => {
      const verb = (await verbNamed(name))!;
      const usages = usagesOf(name, verb).map((u) => `\`${cell(u)}\``);
      return `| ${usages.join(', ')} | ${cell(verb.gives)} |`;
    }),
  );
  const [before, after] = [page.indexOf(BEGIN), page.indexOf(END)];
  if (before < 0 || after < 0) throw new Error('docs/formats/command-line.md has lost the marks of its table');
  const table = ['', '', '| verb | gives |', '| --- | --- |', ...rows, '', ''].join('\n');
  return page.slice(0, before + BEGIN.length) + table + page.slice(after);
}
