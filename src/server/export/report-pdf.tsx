import { Circle, Document, Image, Line, Page, Path, Rect, StyleSheet, Svg, Text, View } from '@react-pdf/renderer';
import type { ReactNode } from 'react';
import { pathOf } from '@/core/body/outline-path';
import { type Plan, planOfCar, toSheet } from '@/core/body/plan';
import { type View as PlanView, VIEWS } from '@/core/body/zone';
import { flawById } from '@/core/catalogue/flaws/by-id';
import { MARKS } from '@/core/catalogue/marks';
import type { AnyRecord, StoredRecord } from '@/core/kinds';
import { pairOf } from '@/core/photo/pairs';
import { recordsOf } from '@/core/records/reduce';
import { type ThicknessUnit, thicknessFigure, thicknessSign, thicknessText } from '@/core/units/thickness';
import { type NumberedFinding, numberedFindings } from '@/report/numbered';
import { sealedRecords } from '@/report/read-snapshot';
import type { Snapshot } from '@/report/snapshot';
import { CAUTION_WORDS } from '@/words/cautions';
import { colourText } from '@/words/colour';
import { dayText } from '@/words/dates';
import { correctionText, FIT_VERDICT_WORDS, hintText, seamName, shutText, stanceText } from '@/words/fit';
import { countedName, flawCause } from '@/words/flaws';
import { AXIS_WORDS, bandText, GATE_WORDS, gradeFigures, LENS_WORDS } from '@/words/grade';
import { markText } from '@/words/marks';
import { reasonText } from '@/words/paint';
import { carFacts, extentText, likelyText, notSeenText, STRUCTURAL_LOSS_TEXT, visitText } from '@/words/report';
import { CLAIM_WORDS, REMEDY_WORDS, term, VIEW_WORDS } from '@/words/terms';
import type { Wording } from '@/words/vocabulary';
import { WAVES_CAUTION, wavesText } from '@/words/waves';
import { zoneName } from '@/words/zones';
import { drawable, face } from './faces';

export interface PdfInput {
  readonly snapshot: Snapshot;
  /** Parts of it that this program cannot read. */
  readonly unreadable?: readonly string[];
  readonly sealed: { readonly sha256: string } | null;
  readonly wording: Wording;
  readonly unit: ThicknessUnit;
  /** JPEG file of a picture, or null when the store does not have it. */
  readonly pictureFile: (sha256: string) => string | null;
}

const INK = '#252b3a';
const SOFT = '#5b6172';
const LINE = '#cfccc4';
const WASH = '#f3ede1';
const THREAD = '#16707a';
const PIN = '#b3372a';

const s = StyleSheet.create({
  page: {
    paddingTop: 46,
    paddingBottom: 46,
    paddingHorizontal: 42,
    fontFamily: face('Text'),
    fontSize: 9.5,
    color: INK,
  },
  head: {
    position: 'absolute',
    top: 20,
    left: 42,
    right: 42,
    fontSize: 8,
    color: SOFT,
    flexDirection: 'row',
    justifyContent: 'space-between',
  },
  foot: {
    position: 'absolute',
    bottom: 20,
    left: 42,
    right: 42,
    fontSize: 7.5,
    color: SOFT,
    flexDirection: 'row',
    justifyContent: 'space-between',
  },
  h1: { fontFamily: face('Head'), fontSize: 22, lineHeight: 1.15 },
  h2: { fontFamily: face('Head'), fontSize: 13, marginTop: 14, marginBottom: 5 },
  h3: {
    fontFamily: face('Text'),
    fontWeight: 600,
    fontSize: 10,
    marginTop: 8,
    paddingBottom: 2,
    borderBottomWidth: 1,
    borderBottomColor: INK,
  },
  bold: { fontWeight: 600 },
  soft: { color: SOFT, fontSize: 8.5 },
  figure: { fontFamily: face('Figure'), fontSize: 8.5 },
  row: { flexDirection: 'row' },
  stamp: {
    fontFamily: face('Figure'),
    fontSize: 6.5,
    borderWidth: 0.7,
    borderColor: INK,
    paddingHorizontal: 3,
    paddingVertical: 1.5,
    letterSpacing: 0.5,
  },
  gate: { borderLeftWidth: 3, borderLeftColor: PIN, paddingLeft: 8, paddingVertical: 4, marginTop: 6, fontWeight: 600 },
  box: { borderWidth: 0.8, borderStyle: 'dashed', borderColor: INK, padding: 6, marginTop: 5 },
});

const T = ({ children, style }: { children: string; style?: object | object[] }) => (
  <Text {...(style && { style: style as never })}>{drawable(children)}</Text>
);
const Stamp = ({ children }: { children: string }) => <Text style={s.stamp}>{drawable(children.toUpperCase())}</Text>;

/** The library takes bookmarks on every node; its types know them on pages only. */
const bookmark = (title: string) => ({ bookmark: title }) as object;

const capital = (text: string) => text.charAt(0).toUpperCase() + text.slice(1);

/** A section whose title is also a bookmark of the document. */
const Section = ({ title, children }: { title: string; children: ReactNode }) => (
  <View {...bookmark(title)}>
    <Text style={s.h2} minPresenceAhead={40}>
      {title}
    </Text>
    {children}
  </View>
);

/**
 * Findings that are laid out in one run. The layout library's work grows with the square of what is on one run, so that more
 * than twice as many are laid out in several, each beginning on a page of its own.
 */
const ON_ONE_RUN = 40;

/** The report on paper: the same statements as the bidder's page, the plan as vectors, bookmarks and page numbers. */
export function ReportPdf(input: PdfInput) {
  const { snapshot, sealed, wording: given, unit } = input;
  const { records, unreadable } = sealedRecords(snapshot.bundle);
  const lost = [...new Set([...(input.unreadable ?? []), ...unreadable])];
  const zone = snapshot.sale.timeZone;
  const car = recordsOf(records, 'car')[0]?.body;
  const plan = planOfCar(car);
  if (!car || !plan) throw new Error('a report without a car has no PDF');
  const wording: Wording = { ...given, steering: car.steering };
  const findings = numberedFindings(records, plan);
  const photos = recordsOf(records, 'photo');
  const title = `${car.make} ${car.model}${car.year ? `, ${car.year}` : ''}`;
  const standing = sealed ? `sealed ${dayText(snapshot.sealedAt, zone)}` : 'draft, not sealed';
  const loose = photos.filter((p) => !findings.some((f) => f.record.id === p.body.finding));
  const few = findings.length <= 2 * ON_ONE_RUN;
  const runs = Array.from({ length: Math.ceil(findings.length / ON_ONE_RUN) }, (_, i) =>
    findings.slice(i * ON_ONE_RUN, (i + 1) * ON_ONE_RUN),
  );
  const run = { photos, input, wording, snapshot };
  const edges = {
    head: `Lot ${snapshot.bundle.lot.number} · ${title}`,
    standing: `revision ${snapshot.revision}, ${standing}`,
    foot: sealed ? `SHA-256 ${sealed.sha256.slice(0, 32)}…` : 'Not sealed: may still change',
  };
  const front = (
    <>
      <Title snapshot={snapshot} title={title} standing={standing} findings={findings.length} photos={photos.length} />
      {lost.length > 0 && (
        <T style={s.gate}>
          {`This document cannot show all that was sealed: ${lost.join(', ')}. The sealed file holds it whole.`}
        </T>
      )}
      {snapshot.corrects && (
        <T style={{ marginTop: 6 }}>{`Corrects revision ${snapshot.corrects.revision}: ${snapshot.corrects.reason}`}</T>
      )}
      <Section title="Grade">
        <GradeTable snapshot={snapshot} />
      </Section>
      <Section title="Where it is">
        <Plans plan={plan} findings={findings} snapshot={snapshot} wording={wording} />
      </Section>
    </>
  );
  const rest = (
    <>
      <Section title="Paint thickness">
        <PaintRows snapshot={snapshot} wording={wording} unit={unit} />
        {recordsOf(records, 'colour').map(({ id, body }) => (
          <T
            key={id}
            style={{ marginTop: 3 }}
          >{`Colour, ${zoneName(body.zone, wording)} ${colourText(body, wording)}`}</T>
        ))}
        {recordsOf(records, 'waves').map(({ id, body }) => (
          <T key={id} style={{ marginTop: 3 }}>{`Waves, ${zoneName(body.zone, wording)}: ${wavesText(body)}`}</T>
        ))}
        {recordsOf(records, 'waves').length > 0 && <T style={{ marginTop: 3 }}>{WAVES_CAUTION}</T>}
        {recordsOf(records, 'mark').map(({ id, body }) => (
          <T key={id} style={{ marginTop: 3 }}>
            {`Seen ${MARKS[body.mark].speaks} factory paint, ${zoneName(body.zone, wording)}: ${markText(body.mark, wording.words)}${body.where && `, ${body.where}`}`}
          </T>
        ))}
      </Section>
      <FitRows snapshot={snapshot} records={records} wording={wording} />
      <ClaimRows records={records} wording={wording} />
      <Section title="What was not seen">
        <NotSeenBoxes snapshot={snapshot} wording={wording} />
      </Section>
      <Section title="Conditions and instruments">
        {recordsOf(records, 'visit').map(({ id, body }) => (
          <T key={id} style={{ marginBottom: 4 }}>
            {visitText(body, zone)}
          </T>
        ))}
        {carFacts(car, wording).map(([name, value]) => (
          <View key={name} style={s.row}>
            <Text style={[s.bold, { width: 110 }]}>{name}</Text>
            <T>{value}</T>
          </View>
        ))}
      </Section>
      {loose.length > 0 && (
        <Section title="More pictures">
          <View style={[s.row, { flexWrap: 'wrap' }]}>
            {loose.map((p) => (
              <Picture key={p.id} photo={p} input={input} wording={wording} named />
            ))}
          </View>
        </Section>
      )}
      <Section title="Cautions">
        {snapshot.results.cautions.map((c) => (
          <T key={c} style={{ marginBottom: 3 }}>{`•  ${CAUTION_WORDS[c]}`}</T>
        ))}
      </Section>
    </>
  );
  return (
    <Document
      title={`Lot ${snapshot.bundle.lot.number}, ${title}`}
      author={snapshot.sealedBy}
      subject="Inspection report"
      language={wording.words}
      pageMode="useOutlines"
    >
      {few ? (
        <Sheet {...edges}>
          {front}
          <FindingsRun {...run} findings={findings} first last />
          {rest}
        </Sheet>
      ) : (
        <>
          <Sheet {...edges}>{front}</Sheet>
          {runs.map((part, i) => (
            <Sheet key={part[0]!.record.id} {...edges}>
              <FindingsRun {...run} findings={part} first={i === 0} last={i === runs.length - 1} />
            </Sheet>
          ))}
          <Sheet {...edges}>{rest}</Sheet>
        </>
      )}
    </Document>
  );
}

/** Pages with the same head and foot, of one run of content. */
function Sheet({
  head,
  standing,
  foot,
  children,
}: {
  head: string;
  standing: string;
  foot: string;
  children: ReactNode;
}) {
  return (
    <Page size="A4" style={s.page}>
      <View style={s.head} fixed>
        <Text>{drawable(head)}</Text>
        <Text>{standing}</Text>
      </View>
      <View style={s.foot} fixed>
        <Text>{foot}</Text>
        <Text render={({ pageNumber, totalPages }) => `${pageNumber} of ${totalPages}`} />
      </View>
      {children}
    </Page>
  );
}

/** A run of findings under the views in which they lie; the first names the section, the last says what is left out. */
function FindingsRun({
  findings,
  photos,
  input,
  wording,
  snapshot,
  first,
  last,
}: {
  findings: readonly NumberedFinding[];
  photos: ReturnType<typeof recordsOf<'photo'>>;
  input: PdfInput;
  wording: Wording;
  snapshot: Snapshot;
  first: boolean;
  last: boolean;
}) {
  const rows = (
    <>
      {findings.length === 0 && <Text>Nothing was found in what was looked at. See below for what was not.</Text>}
      {VIEWS.filter((v) => findings.some((f) => f.view === v)).map((view) => (
        <View key={view}>
          <Text style={s.h3} minPresenceAhead={40}>
            {capital(term(VIEW_WORDS, view, wording.words))}
          </Text>
          {findings
            .filter((f) => f.view === view)
            .map((f) => (
              <FindingRow key={f.record.id} finding={f} photos={photos} input={input} wording={wording} />
            ))}
        </View>
      ))}
      {last && <Withheld snapshot={snapshot} />}
    </>
  );
  return first ? <Section title="Findings">{rows}</Section> : <View>{rows}</View>;
}

function Title({
  snapshot,
  title,
  standing,
  findings,
  photos,
}: {
  snapshot: Snapshot;
  title: string;
  standing: string;
  findings: number;
  photos: number;
}) {
  const { results } = snapshot;
  const first = results.whole[0]!;
  return (
    <View {...bookmark('Summary')}>
      <View style={[s.row, { gap: 12, alignItems: 'center' }]}>
        <View style={{ borderWidth: 2, borderColor: INK, paddingHorizontal: 9, paddingVertical: 5 }}>
          <Text style={s.h1}>{String(snapshot.bundle.lot.number)}</Text>
        </View>
        <View style={{ flex: 1 }}>
          <Text style={s.h1}>{drawable(title)}</Text>
          <Text style={s.soft}>
            {snapshot.sale.name}
            {snapshot.sale.closesOn ? `, closes ${dayText(snapshot.sale.closesOn)}` : ''}
          </Text>
        </View>
        <Stamp>{standing}</Stamp>
      </View>
      {results.gates.map((g) => (
        <T key={g} style={s.gate}>
          {g === 'structural-loss' ? STRUCTURAL_LOSS_TEXT : (GATE_WORDS[g as keyof typeof GATE_WORDS] ?? g)}
        </T>
      ))}
      <View style={[s.row, { marginTop: 12, gap: 22, backgroundColor: WASH, padding: 10 }]}>
        <View style={{ flex: 1 }}>
          <Text style={s.soft}>{`As it stands, ${first.lens} lens`}</Text>
          <Text style={{ fontFamily: face('Head'), fontSize: 17 }}>
            {bandText(first.band, results.coverage.whole.seen, snapshot.tables.grade.bandFromSeen)}
          </Text>
          <T style={s.figure}>{gradeFigures(first.grade)}</T>
        </View>
        {[
          [`${Math.round(results.coverage.whole.seen * 100)} %`, 'of places and aspects seen'],
          [String(findings), 'findings'],
          [results.presentsCleanFromM > 0 ? `${results.presentsCleanFromM} m` : '–', 'presents clean from'],
          [String(photos), 'pictures'],
        ].map(([value, name]) => (
          <View key={name} style={{ width: 74 }}>
            <Text style={[s.figure, { fontSize: 12 }]}>{value}</Text>
            <Text style={s.soft}>{name}</Text>
          </View>
        ))}
      </View>
    </View>
  );
}

const BAND_WIDTH = 170;
/** A value of a 0 to 100 scale as a band: 10 to 90 %, ticks at the band limits. */
function Band({ low, high, limits }: { low: number; high: number; limits: readonly number[] }) {
  const x = (v: number) => (v / 100) * BAND_WIDTH;
  return (
    <Svg width={BAND_WIDTH} height={9} viewBox={`0 0 ${BAND_WIDTH} 9`}>
      <Line x1={0} x2={BAND_WIDTH} y1={4.5} y2={4.5} stroke={SOFT} strokeWidth={0.6} />
      {limits.map((l) => (
        <Line key={l} x1={x(l)} x2={x(l)} y1={2.2} y2={6.8} stroke={SOFT} strokeWidth={0.6} />
      ))}
      <Rect x={x(low)} y={1.5} width={Math.max(2, x(high) - x(low))} height={6} fill={THREAD} fillOpacity={0.7} />
    </Svg>
  );
}

function GradeTable({ snapshot }: { snapshot: Snapshot }) {
  const { results, tables } = snapshot;
  const limits = tables.grade.bands.map((b) => b.from).filter((f) => f > 0);
  const rows = [
    ...results.whole.map((w) => ({
      name: `${capital(w.lens)} lens: ${LENS_WORDS[w.lens]}`,
      grade: w.grade,
      blank: false,
    })),
    ...results.axes.map((a) => ({ name: capital(AXIS_WORDS[a.axis]), grade: a.grade, blank: a.seen === 0 })),
  ];
  return (
    <View>
      {rows.map((r, i) => (
        <View
          key={r.name}
          style={[s.row, { alignItems: 'center', paddingVertical: 1.5, marginTop: i === results.whole.length ? 6 : 0 }]}
          wrap={false}
        >
          <Text style={{ width: 220 }}>{r.name}</Text>
          {r.blank ? (
            <View style={{ width: BAND_WIDTH }} />
          ) : (
            <Band low={r.grade.low ?? 0} high={r.grade.high ?? 100} limits={limits} />
          )}
          <T style={[s.figure, { width: 80, textAlign: 'right' }]}>{r.blank ? 'not seen' : gradeFigures(r.grade)}</T>
        </View>
      ))}
      <T style={[s.soft, { marginTop: 4 }]}>
        The band is the middle 80 % of what the findings and the house’s tables allow. What was not seen widens it.
      </T>
    </View>
  );
}

const PAGE_WIDTH = 511;
function Plans({
  plan,
  findings,
  snapshot,
  wording,
}: {
  plan: Plan;
  findings: readonly NumberedFinding[];
  snapshot: Snapshot;
  wording: Wording;
}) {
  const bare = (zone: string, aspects: readonly string[]) =>
    aspects.every((a) => snapshot.results.notSeen.some((n) => n.zone === zone && n.aspects.includes(a)));
  const shown = VIEWS.filter((v) => plan.lap[v].length > 0 && (v === 'outside' || findings.some((f) => f.view === v)));
  return (
    <View>
      {shown.map((view) => (
        <PlanFigure key={view} plan={plan} view={view} findings={findings} bare={bare} wording={wording} />
      ))}
    </View>
  );
}

function PlanFigure({
  plan,
  view,
  findings,
  bare,
  wording,
}: {
  plan: Plan;
  view: PlanView;
  findings: readonly NumberedFinding[];
  bare: (zone: string, aspects: readonly string[]) => boolean;
  wording: Wording;
}) {
  const box = plan.boxes[view];
  const [w, h] = [box.maxX - box.minX + 120, box.maxY - box.minY + 120];
  const width = Math.min(PAGE_WIDTH, (w / h) * (view === 'outside' ? 330 : 200));
  const r = (w / width) * 5.6;
  const stacked = new Map<string, number>();
  const pins = findings
    .filter((f) => f.view === view)
    .map((f) => {
      const zone = plan.zones.get(f.record.body.zone)!;
      const { place } = f.record.body;
      const nth = stacked.get(zone.slug) ?? 0;
      if (!place) stacked.set(zone.slug, nth + 1);
      const [x, y] = place ? toSheet(zone, place) : [zone.label[0] + nth * 2.2 * r, zone.label[1]];
      return { number: f.number, x, y };
    });
  return (
    <View wrap={false} style={{ marginBottom: 8 }}>
      <Svg width={width} height={(h / w) * width} viewBox={`${box.minX - 60} ${box.minY - 60} ${w} ${h}`}>
        {[...plan.zones.values()]
          .filter((z) => z.view === view)
          .map((z) => (
            <Path
              key={z.slug}
              d={pathOf(z.outline)}
              fill={bare(z.slug, z.aspects) ? '#ffffff' : z.metal === 'glass' ? '#e3eef2' : WASH}
              stroke={INK}
              strokeWidth={r / 6}
              {...(bare(z.slug, z.aspects) && { strokeDasharray: `${r * 0.9} ${r * 0.6}` })}
            />
          ))}
        {pins.map((p) => (
          <Circle key={p.number} cx={p.x} cy={p.y} r={r} fill="#ffffff" stroke={INK} strokeWidth={r / 5} />
        ))}
        {pins.map((p) => (
          <Text
            key={p.number}
            x={p.x}
            y={p.y + r * 0.38}
            textAnchor="middle"
            style={{ fontSize: r * 1.05, fontFamily: face('Figure') }}
          >
            {String(p.number)}
          </Text>
        ))}
      </Svg>
      <T style={s.soft}>
        {`${capital(term(VIEW_WORDS, view, wording.words))}: numbers are the findings below; dashed pieces were not seen.`}
      </T>
    </View>
  );
}

function FindingRow({
  finding,
  photos,
  input,
  wording,
}: {
  finding: NumberedFinding;
  photos: readonly StoredRecord<'photo'>[];
  input: PdfInput;
  wording: Wording;
}) {
  const { body: f } = finding.record;
  const cause = flawCause(f.flaw, wording.words);
  const pair = pairOf(finding.record, photos);
  const own = [...(pair.far ? [pair.far] : []), ...pair.near];
  const remedies = flawById(f.flaw).remedies.map((r) => REMEDY_WORDS[r]);
  return (
    <View style={{ paddingVertical: 5, borderBottomWidth: 0.6, borderBottomColor: LINE }}>
      <View style={s.row} wrap={false}>
        <Text style={[s.figure, s.bold, { width: 26, fontSize: 10 }]}>{String(finding.number)}</Text>
        <View style={{ flex: 1 }}>
          <View style={[s.row, { justifyContent: 'space-between', gap: 8 }]}>
            <T style={s.bold}>{`${zoneName(f.zone, wording)}: ${countedName(f, wording.words)}`}</T>
            <Stamp>{f.evidence}</Stamp>
          </View>
          {extentText(f) !== '' && <T>{extentText(f)}</T>}
          {f.note !== '' && <T>{f.note}</T>}
          <T style={s.soft}>{`${cause ? `Usually: ${cause}. ` : ''}Possible remedy: ${remedies.join(', or ')}.`}</T>
        </View>
      </View>
      {own.length > 0 && (
        <View style={[s.row, { flexWrap: 'wrap', marginLeft: 26, marginTop: 4 }]}>
          {own.map((p) => (
            <Picture key={p.id} photo={p} input={input} wording={wording} />
          ))}
        </View>
      )}
    </View>
  );
}

/** A picture with its caption, or the plain statement that the store does not have it. */
function Picture({
  photo,
  input,
  wording,
  named = false,
}: {
  photo: StoredRecord<'photo'>;
  input: PdfInput;
  wording: Wording;
  named?: boolean;
}) {
  const { body: p } = photo;
  const file = input.pictureFile(p.sha256);
  const caption = [named && p.zone ? zoneName(p.zone, wording) : '', p.caption || p.name].filter(Boolean).join(': ');
  return (
    <View style={{ width: 155, marginRight: 8, marginBottom: 7 }} wrap={false}>
      {file ? (
        <Image src={file} style={{ width: 155, height: 116, objectFit: 'cover' }} />
      ) : (
        <View style={{ width: 155, height: 116, borderWidth: 0.6, borderColor: LINE, justifyContent: 'center' }}>
          <Text style={[s.soft, { textAlign: 'center' }]}>picture not in the store</Text>
        </View>
      )}
      <T style={[s.soft, { fontSize: 7.5 }]}>{`${caption}${p.drawn ? ' (drawn)' : ''}`}</T>
    </View>
  );
}

function Withheld({ snapshot }: { snapshot: Snapshot }) {
  const { withheld } = snapshot.results;
  const n = withheld.reduce((sum, w) => sum + w.count, 0);
  if (n === 0) return null;
  return (
    <T style={s.box}>
      {`${n} ${n === 1 ? 'finding is' : 'findings are'} left out: ${withheld.map((w) => `${w.count}, ${w.reason}`).join('; ')}. The grade counts ${n === 1 ? 'it' : 'them'}.`}
    </T>
  );
}

/** Chance of factory paint from which nothing more is said. */
const PLAINLY_FACTORY = 0.9;

function PaintRows({ snapshot, wording, unit }: { snapshot: Snapshot; wording: Wording; unit: ThicknessUnit }) {
  const { paint } = snapshot.results;
  const zones = paint.zones.filter((z) => z.n > 0);
  const { profiles } = snapshot.tables;
  if (zones.length === 0) return <Text>No panel was measured with a thickness gauge.</Text>;
  const base = paint.baselineUm;
  const level =
    base.value === null
      ? `above ${thicknessText(base.low ?? 0, unit)}`
      : `${thicknessFigure(base.low ?? 0, unit)} to ${thicknessText(base.high ?? 0, unit)}`;
  const cells = (values: readonly string[], bold = false) => (
    <View style={[s.row, { paddingVertical: 2, borderBottomWidth: 0.5, borderBottomColor: LINE }]} wrap={false}>
      {values.map((v, i) => (
        <T
          key={`${i}${v}`}
          style={[
            i > 0 && i < 4 && !bold ? s.figure : {},
            bold ? s.bold : {},
            { fontSize: 8, paddingRight: 4 },
            i === 0 ? { width: 118 } : i < 4 ? { width: 62 } : { flex: 1 },
          ]}
        >
          {v}
        </T>
      ))}
    </View>
  );
  return (
    <View>
      <T style={{ marginBottom: 4 }}>
        {`Measured. The car’s own level is ${level}. Readings at the gauge’s ceiling count as “at least that much”, never as a figure.`}
      </T>
      {cells(
        ['Panel', `Median, ${thicknessSign(unit)}`, '8 in 10', 'Readings', ...profiles.map((p) => `${p.name} school`)],
        true,
      )}
      {zones.map((z) => (
        <View key={z.zone}>
          {cells([
            zoneName(z.zone, wording),
            z.medianUm.value === null
              ? `over ${thicknessFigure(z.medianUm.low ?? 0, unit)}`
              : thicknessFigure(z.medianUm.value, unit),
            z.medianUm.value === null
              ? 'not known'
              : `${thicknessFigure(z.medianUm.low ?? 0, unit)}–${thicknessFigure(z.medianUm.high ?? 0, unit)}`,
            `${z.n}${z.over > 0 ? `, ${z.over} over` : ''}${z.enough ? '' : ' (few)'}`,
            ...profiles.map((p) => likelyText(z.state?.[p.id])),
          ])}
        </View>
      ))}
      {zones
        .filter(
          (z) => (z.reasons?.length ?? 0) > 0 && (z.state?.[profiles[0]?.id ?? '']?.factory ?? 1) < PLAINLY_FACTORY,
        )
        .map((z) => (
          <T key={`why-${z.zone}`} style={{ marginTop: 4 }}>
            {`${zoneName(z.zone, wording)}: ${z.reasons!.map((r) => reasonText(r, unit, wording.words)).join(' ')}`}
          </T>
        ))}
    </View>
  );
}

function ClaimRows({ records, wording }: { records: readonly AnyRecord[]; wording: Wording }) {
  const claims = recordsOf(records, 'claim');
  if (claims.length === 0) return null;
  return (
    <Section title="What the seller says">
      <T style={s.soft}>In the seller’s words. A claim is no finding of the inspector.</T>
      {claims.map(({ id, body }) => (
        <View key={id} style={[s.row, { justifyContent: 'space-between', gap: 8, paddingVertical: 3 }]} wrap={false}>
          <T style={{ flex: 1 }}>{`“${body.text}”  ${body.source}, ${term(CLAIM_WORDS, body.kind, wording.words)}`}</T>
          <Stamp>told</Stamp>
        </View>
      ))}
    </Section>
  );
}

function NotSeenBoxes({ snapshot, wording }: { snapshot: Snapshot; wording: Wording }) {
  const groups = notSeenText(snapshot.results.notSeen, wording);
  if (groups.length === 0) return <Text>Every place on the plan was looked at.</Text>;
  return (
    <View>
      {groups.map(({ why, places }) => (
        <View key={why} style={s.box}>
          <Text style={s.bold}>{why}</Text>
          <T style={{ fontSize: 8.5 }}>{places}</T>
        </View>
      ))}
    </View>
  );
}

/** How the panels meet, seam by seam and panel by panel. */
function FitRows({
  snapshot,
  records,
  wording,
}: {
  snapshot: Snapshot;
  records: readonly AnyRecord[];
  wording: Wording;
}) {
  const { fit } = snapshot.results;
  const shuts = recordsOf(records, 'shut');
  const stance = recordsOf(records, 'stance').at(-1);
  if (!fit && shuts.length === 0 && !stance) return null;
  return (
    <Section title="Panel fit">
      {fit?.seams.map((s) => (
        <T key={s.seam} style={{ marginTop: 2 }}>
          {`${seamName(s.seam, wording)}: ${s.meanMm.value === null ? 'gap not measured' : `${s.meanMm.value.toFixed(1)} mm (${s.meanMm.low!.toFixed(1)} to ${s.meanMm.high!.toFixed(1)}), range ${s.rangeMm.toFixed(1)}`}${s.worstFlushMm === null ? '' : `, flush within ${Math.abs(s.worstFlushMm).toFixed(1)} mm`}`}
        </T>
      ))}
      {fit?.panels.map((p) => (
        <T key={p.zone} style={{ marginTop: 3 }}>
          {`${zoneName(p.zone, wording)} ${FIT_VERDICT_WORDS[p.verdict]}. ${p.verdict === 'adjust' ? correctionText(planOfCar(recordsOf(records, 'car')[0]?.body)?.zones.get(p.zone)?.hung, p.hinges, p.latch) : ''} (inferred)`}
        </T>
      ))}
      {fit?.hints.map((h) => (
        <T key={h.kind} style={{ marginTop: 3 }}>{`Inferred: ${hintText(h, wording)}`}</T>
      ))}
      {shuts.map((s) => (
        <T key={s.id} style={{ marginTop: 3 }}>{`${zoneName(s.body.zone, wording)} ${shutText(s.body)}.`}</T>
      ))}
      {stance && <T style={{ marginTop: 3 }}>{`Height of the wheel arches: ${stanceText(stance.body)}.`}</T>}
    </Section>
  );
}
