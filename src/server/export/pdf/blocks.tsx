import { Text, View } from '@react-pdf/renderer';
import { Fragment, type ReactNode } from 'react';
import type { Plan } from '@/core/body/plan';
import type { Block } from '@/report/block';
import { capital } from '@/words/capital';
import { filmTime } from '@/words/film-time';
import { BandRows, Headline } from './bands';
import { FindingGroups } from './findings';
import { LossesOnPaper } from './losses';
import { type PictureFile, Pictures } from './pictures';
import { CoverageOnPaper, PlanFigureOnPaper } from './plan';
import { LINE, s } from './styles';
import { AHEAD, Headed, Over, Stamp, T } from './text';

/** What blocks are drawn with. */
export interface OnPaper {
  readonly plan: Plan;
  readonly pictureFile: PictureFile;
}

type Drawn = { readonly [K in Block['kind']]: (block: Extract<Block, { kind: K }>, on: OnPaper) => ReactNode };

function Table({ columns, rows }: Extract<Block, { kind: 'table' }>) {
  const line = (cells: readonly string[], head: boolean, key: number) => (
    <View
      key={key}
      style={[s.row, { paddingVertical: 2, borderBottomWidth: 0.5, borderBottomColor: LINE }]}
      wrap={false}
    >
      {cells.map((text, i) => {
        const { figures = false } = columns[i] ?? {};
        const width = i === 0 ? { width: 128 } : figures ? { width: 62 } : { flex: 1 };
        return (
          <T
            key={i}
            style={[figures && !head ? s.figure : {}, head ? s.bold : {}, { fontSize: 8, paddingRight: 4 }, width]}
          >
            {text}
          </T>
        );
      })}
    </View>
  );
  const head = columns.map((c) => c.name);
  const lines = rows.map((cells, i) =>
    line(
      cells.map((c) => c.text),
      false,
      i,
    ),
  );
  return (
    <View>
      <Headed head={line(head, true, -1)} rows={lines} />
    </View>
  );
}

/** Characters of a box that is not parted by the end of a page. */
const MOST_IN_ONE_PIECE = 1500;

/** How much of a page is wanted below a title that such a block follows. */
export function aheadOf(block: Block | undefined): number {
  if (block?.kind === 'pictures' || block?.kind === 'strip' || block?.kind === 'coverage') return AHEAD.pictures;
  // They begin with a title of their own.
  return block?.kind === 'findings' || block?.kind === 'heading' || block?.kind === 'folded'
    ? AHEAD.titled
    : AHEAD.lines;
}

/** What an item begins with ends in a stop of its own, or gets a colon. */
const leadText = (lead: string) => (/[.:?!]$/.test(lead.trim()) ? lead.trim() : `${lead.trim()}:`);

/** Each kind of block on paper; on a page they are drawn by ui/report/blocks.tsx. */
const DRAWN: Drawn = {
  heading: (b) => (
    <Over>
      <View style={[s.row, { gap: 6, marginTop: 6, alignItems: 'center' }]}>
        <T style={s.bold}>{b.text}</T>
        {b.evidence && <Stamp>{b.evidence}</Stamp>}
      </View>
    </Over>
  ),
  para: (b) => {
    const text = (
      <T style={[b.tone === 'soft' ? s.soft : {}, { marginBottom: 4 }]}>
        {b.evidence ? `${capital(b.evidence)}. ${b.text}` : b.text}
      </T>
    );
    // What announces something stands with it.
    return b.text.endsWith(':') ? <Over>{text}</Over> : text;
  },
  // Line by line: the faces draw no line break.
  code: (b) => (
    <View style={{ marginBottom: 4 }}>
      {b.text.split('\n').map((line, n) => (
        <T key={n} style={[s.figure, { fontSize: 6.5 }]}>
          {line}
        </T>
      ))}
    </View>
  ),
  alarm: (b) => <T style={s.gate}>{b.text}</T>,
  box: (b) => (
    <View style={s.box} wrap={b.text.length > MOST_IN_ONE_PIECE}>
      <T style={s.bold}>{b.title}</T>
      <T style={{ fontSize: 8.5 }}>{b.text}</T>
    </View>
  ),
  list: (b) => (
    <View>
      {b.items.map((item, n) => {
        const mark = b.style === 'bullets' ? '•  ' : b.style === 'ordered' ? `${n + 1}.  ` : '';
        const said = b.evidence ? ` (${b.evidence})` : '';
        return (
          <T
            key={n}
            style={{ marginTop: 3 }}
          >{`${mark}${item.lead ? `${leadText(item.lead)} ` : ''}${item.text}${said}`}</T>
        );
      })}
    </View>
  ),
  statements: (b) => (
    <View>
      {b.items.map((i, n) => (
        <View key={n} style={[s.row, { justifyContent: 'space-between', gap: 8, paddingVertical: 3 }]} wrap={false}>
          <T style={{ flex: 1 }}>{`${i.text}  ${i.source}`}</T>
          <Stamp>{i.evidence}</Stamp>
        </View>
      ))}
    </View>
  ),
  facts: (b) => (
    <View>
      {b.rows.map(([name, value]) => (
        <View key={name} style={s.row}>
          <Text style={[s.bold, { width: 110 }]}>{name}</Text>
          <T>{value}</T>
        </View>
      ))}
    </View>
  ),
  table: (b) => <Table {...b} />,
  folded: (b, on) => (
    <>
      <Over ahead={aheadOf(b.blocks[0])}>
        <T style={[s.bold, { marginTop: 6, marginBottom: 2 }]}>{b.title}</T>
      </Over>
      <Blocks blocks={b.blocks} {...on} />
    </>
  ),
  headline: (b) => <Headline {...b} />,
  bands: (b) => <BandRows {...b} />,
  losses: (b) => <LossesOnPaper {...b} />,
  plan: (b, { plan }) => <PlanFigureOnPaper block={b} plan={plan} />,
  coverage: (b, { plan }) => <CoverageOnPaper block={b} plan={plan} />,
  findings: (b, { pictureFile }) => <FindingGroups {...b} pictureFile={pictureFile} />,
  // On paper all pictures stand with what they show, and once more at the end.
  strip: (b, { pictureFile }) => <Pictures pictures={b.pictures.slice(0, 3)} pictureFile={pictureFile} />,
  matters: (b) => (
    <View>
      {b.items.map((m) => (
        <View key={m.number} style={[s.row, { gap: 6, paddingVertical: 3 }]} wrap={false}>
          <Text style={[s.figure, s.bold, { width: 22 }]}>{String(m.number)}</Text>
          <View style={{ flex: 1 }}>
            <View style={[s.row, { justifyContent: 'space-between', gap: 8 }]}>
              <T style={s.bold}>{m.title}</T>
              <Stamp>{m.evidence}</Stamp>
            </View>
            <T>{m.text}</T>
          </View>
        </View>
      ))}
    </View>
  ),
  film: (b) => (
    <View>
      <T style={{ marginBottom: 3 }}>
        {`${b.name}${b.lengthS ? `, ${filmTime(b.lengthS)}` : ''}${b.drawn ? ' (drawn)' : ''}. ${
          b.sha256
            ? `Kept with the report as SHA-256 ${b.sha256}; it opens on the report’s page.`
            : `To be seen at ${b.link}`
        }`}
      </T>
      {b.chapters.map((c, n) => (
        <Fragment key={n}>
          <Over>
            <T style={[s.bold, { marginTop: 3 }]}>{c.title}</T>
          </Over>
          {c.moments.map((m) => (
            <T key={m.id} style={{ fontSize: 8.5 }}>
              {`${filmTime(m.fromS)}  “${m.words}”${m.finding === null ? '' : `  (finding ${m.finding})`}`}
            </T>
          ))}
        </Fragment>
      ))}
    </View>
  ),
  pictures: (b, { pictureFile }) => <Pictures pictures={b.pictures} pictureFile={pictureFile} />,
};

/** Blocks of a report, one below the other. */
export function Blocks({ blocks, ...on }: OnPaper & { readonly blocks: readonly Block[] }) {
  return blocks.map((b, i) => {
    const draw = DRAWN[b.kind] as (block: Block, on: OnPaper) => ReactNode;
    return <Fragment key={i}>{draw(b, on)}</Fragment>;
  });
}
