import { Document, Text, View } from '@react-pdf/renderer';
import type { ThicknessUnit } from '@/core/units/thickness';
import type { Block, FindingRow } from '@/report/block';
import { type ReportParts, reportParts } from '@/report/report-parts';
import type { ShownSection } from '@/report/sections';
import type { Snapshot } from '@/report/snapshot';
import type { Wording } from '@/words/vocabulary';
import { aheadOf, Blocks, type OnPaper } from './pdf/blocks';
import type { PictureFile } from './pdf/pictures';
import { Sheet } from './pdf/sheet';
import { INK, s } from './pdf/styles';
import { bookmark, Section, Stamp, T } from './pdf/text';

export interface PdfInput {
  readonly snapshot: Snapshot;
  /** Parts of it that this program cannot read. */
  readonly unreadable?: readonly string[];
  readonly sealed: { readonly sha256: string } | null;
  readonly wording: Wording;
  readonly unit: ThicknessUnit;
  readonly pictureFile: PictureFile;
}

/**
 * Findings that are laid out in one run. The layout library's work grows with the square of what is on one run, so that more
 * than twice as many are laid out in several, each beginning on a page of its own.
 */
const ON_ONE_RUN = 40;

type Groups = Extract<Block, { kind: 'findings' }>['groups'];

/** Groups of findings cut into runs of as many as one run takes. */
function inRuns(groups: Groups): Groups[] {
  const runs: { title: string; findings: FindingRow[] }[][] = [];
  let room = 0;
  for (const { title, findings } of groups)
    for (const finding of findings) {
      if (room === 0) {
        runs.push([]);
        room = ON_ONE_RUN;
      }
      room--;
      const run = runs.at(-1)!;
      const own = run.at(-1);
      if (own?.title === title) own.findings.push(finding);
      else run.push({ title, findings: [finding] });
    }
  return runs;
}

/** Sections as runs of pages: one, or where there are very many findings several. */
function runsOf(sections: readonly ShownSection[]): ShownSection[][] {
  const at = sections.findIndex(({ blocks }) => blocks.some((b) => b.kind === 'findings'));
  const block = sections[at]?.blocks.find((b): b is Extract<Block, { kind: 'findings' }> => b.kind === 'findings');
  const count = block?.groups.reduce((n, g) => n + g.findings.length, 0) ?? 0;
  if (!block || count <= 2 * ON_ONE_RUN) return [[...sections]];
  const section = sections[at]!;
  const after = section.blocks.slice(section.blocks.indexOf(block) + 1);
  const runs = inRuns(block.groups);
  return [
    sections.slice(0, at),
    ...runs.map((groups, i): ShownSection[] => [
      {
        ...section,
        title: i === 0 ? section.title : '',
        blocks: [{ kind: 'findings', groups }, ...(i === runs.length - 1 ? after : [])],
      },
    ]),
    sections.slice(at + 1),
  ];
}

/** The report on paper: the same statements as the bidder's page, the plan as vectors, bookmarks and page numbers. */
export function ReportPdf({ sealed, pictureFile, ...input }: PdfInput) {
  const parts = reportParts({ ...input, state: sealed ? 'sealed' : 'draft' });
  if (!parts) throw new Error('a report without a car has no PDF');
  const edges = {
    head: `Lot ${parts.number} · ${parts.title}`,
    standing: `revision ${parts.revision}, ${parts.standing}`,
    foot: sealed ? `SHA-256 ${sealed.sha256.slice(0, 32)}…` : 'Not sealed: may still change',
  };
  const on = { plan: parts.plan, pictureFile };
  return (
    <Document
      title={`Lot ${parts.number}, ${parts.title}`}
      author={input.snapshot.sealedBy}
      subject="Inspection report"
      language={parts.wording.words}
      pageMode="useOutlines"
    >
      {runsOf(parts.sections).map((sections, i) => (
        <Sheet key={i} {...edges}>
          {i === 0 && <Title parts={parts} />}
          {sections.map((section) => (
            <OneSection key={section.name} section={section} on={on} />
          ))}
        </Sheet>
      ))}
    </Document>
  );
}

function OneSection({ section: { title, blocks }, on }: { section: ShownSection; on: OnPaper }) {
  const [first, ...rest] = blocks;
  const rows = (of: readonly Block[]) => <Blocks blocks={of} {...on} />;
  if (title === '') return rows(blocks);
  return first?.kind === 'plan' ? (
    <Section title={title} figure={rows([first])}>
      {rows(rest)}
    </Section>
  ) : (
    <Section title={title} ahead={aheadOf(first)}>
      {rows(blocks)}
    </Section>
  );
}

function Title({ parts }: { parts: ReportParts }) {
  return (
    <View {...bookmark(parts.title)}>
      <View style={[s.row, { gap: 12, alignItems: 'center' }]}>
        <View style={{ borderWidth: 2, borderColor: INK, paddingHorizontal: 9, paddingVertical: 5 }}>
          <Text style={s.h1}>{String(parts.number)}</Text>
        </View>
        <View style={{ flex: 1 }}>
          <T style={s.h1}>{parts.title}</T>
          <T style={s.soft}>{parts.sale}</T>
        </View>
        <Stamp>{parts.standing}</Stamp>
      </View>
      {parts.unreadable && <T style={s.gate}>{parts.unreadable}</T>}
      {parts.corrects && <T style={{ marginTop: 6 }}>{parts.corrects}</T>}
    </View>
  );
}
