import layoutDocument from '@react-pdf/layout';
import { Font, pdf } from '@react-pdf/renderer';
import { createElement } from 'react';
import { PLAIN_WORDING } from '@/words/vocabulary';
import { enteredOf, snapshotOf } from '../../../demo/test-entered';
import { registerFonts } from './fonts';
import { ReportPdf } from './report-pdf';

/** A part of a page as the library laid it out. */
interface Laid {
  readonly type: string;
  readonly value?: string;
  readonly props?: { readonly fixed?: boolean; readonly minPresenceAhead?: number };
  readonly children?: readonly Laid[];
}

const textOf = ({ type, value = '', children = [] }: Laid): string =>
  type === 'TEXT_INSTANCE' ? value : children.map(textOf).join(' ');

/** The pages of a demo lot's report, each with what it ends with and whether that wanted something below itself. */
async function pagesOf(lot: number): Promise<{ readonly endsWith: string; readonly title: boolean }[]> {
  const input = { snapshot: snapshotOf(enteredOf(lot).records), sealed: null, wording: PLAIN_WORDING, unit: 'um' };
  const report = createElement(ReportPdf, { ...input, pictureFile: () => null } as never);
  const { container } = pdf(report as never) as unknown as { container: { document: unknown } };
  const lay = layoutDocument as unknown as (document: unknown, fonts: unknown) => Promise<Laid>;
  const { children: pages = [] } = await lay(container.document, Font);
  return pages.map(({ children = [] }) => {
    const last = children.filter((c) => !c.props?.fixed).at(-1)!;
    return { endsWith: textOf(last).slice(0, 80), title: (last.props?.minPresenceAhead ?? 0) > 0 };
  });
}

/** Prints them for the lots asked for; run on its own, since the library is no module that the tests' runner can read. */
async function main(): Promise<void> {
  registerFonts();
  const lots = process.argv.slice(2).map(Number);
  console.log(JSON.stringify(await Promise.all(lots.map(pagesOf))));
}

void main();
