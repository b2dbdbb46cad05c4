'use client';

import { Download, Upload } from 'lucide-react';
import { useRouter } from 'next/navigation';
import { useMemo, useRef, useState } from 'react';
import { readTableCsv } from '@/core/csv/table-file';
import { TABLES, type TableName, type Tables } from '@/core/grade/all-tables';
import { type Leaf, leafAt, leavesOf, pathText, type Scalar, withLeaf } from '@/core/model/leaves';
import { ReaderMenu } from '@/ui/parts/reader-menu';
import { usePreferences } from '@/ui/preferences';
import { PlainPage } from '@/ui/shell/plain-page';
import { told } from '@/ui/told';
import { momentText } from '@/words/dates';
import { plural } from '@/words/plural';
import { tableWords } from '@/words/tables';
import { LeafRows, shownAs, typedAs } from './leaf-rows';
import { TABLE_TOOLS } from './table-tools';
import { useTableTrial } from './use-table-trial';
import { DescribedCars, OwnLots } from './what-it-moves';

export interface ChangeShown {
  readonly id: number;
  readonly at: string;
  readonly who: string;
  readonly before: unknown;
  readonly after: unknown;
}

interface Props {
  readonly name: TableName;
  readonly tables: Tables;
  readonly shipped: unknown;
  readonly mayEdit: boolean;
  readonly history: readonly ChangeShown[];
}

/** What is wrong with a value as this table; empty where nothing is. */
function faultOf(name: TableName, value: unknown): string {
  const read = TABLES[name].schema.safeParse(value);
  if (read.success) return '';
  const { path, message } = read.error.issues[0]!;
  return `${pathText(path.filter((p) => typeof p !== 'symbol'))}: ${message}`;
}

const differing = (a: unknown, b: unknown) =>
  leavesOf(a).filter(({ path, value }) => shownAs(leafAt(b, path)) !== shownAs(value)).length;

/** One table of numbers: read, changed, tried, taken out and in, its history, and the way back to the shipped one. */
export function OneTable({ name, tables, shipped, mayEdit, history }: Props) {
  const router = useRouter();
  const own = tables[name];
  const [value, setValue] = useState<unknown>(own);
  const [drafts, setDrafts] = useState<ReadonlyMap<string, string>>(new Map());
  const [problem, setProblem] = useState('');
  const fault = useMemo(() => faultOf(name, value), [name, value]);
  const { trial, trying, stage, problem: refused, begin, stop } = useTableTrial(name, tables, value);
  const changed = differing(value, own) + differing(own, value) > 0;
  const bad = [...drafts.keys()].length > 0;
  const load = (next: unknown) => {
    setValue(next);
    setDrafts(new Map());
  };
  const onType = (leaf: Leaf, text: string) => {
    const key = leaf.path.join('/');
    const said = typedAs(text, leaf.value as Scalar);
    const rest = new Map(drafts);
    // What is no such value stands as typed until it is one.
    if (said === undefined) rest.set(key, text);
    else rest.delete(key);
    setDrafts(rest);
    if (said !== undefined) setValue(withLeaf(value, leaf.path, said));
  };
  const Tool = TABLE_TOOLS[name];
  const words = tableWords(name, usePreferences().preferences.words);
  const keep = async () => {
    if (!trial) return;
    const body = { value: trial.value, ...(trial.yardstick && { yardstick: trial.yardstick }) };
    if (await told(`/api/v1/tables/${name}`, 'PUT', body, 'Kept. Sealed reports stay as they are.')) router.refresh();
  };
  return (
    <PlainPage title={words.name} about={words.says} width="table" menu={<ReaderMenu compact />}>
      <div className="grid items-start gap-5 lg:grid-cols-[1.35fr_1fr]">
        <LeafRows table={value} shipped={shipped} drafts={drafts} mayEdit={mayEdit} onType={onType} />
        <aside
          className="sheet grid gap-4 p-4 lg:sticky lg:top-4 lg:max-h-[calc(100dvh-2rem)] lg:overflow-y-auto"
          aria-label="What to do with it"
        >
          <InOut name={name} mayEdit={mayEdit} onRead={load} onProblem={setProblem} />
          {Tool && <Tool value={value} mayEdit={mayEdit} onChange={load} />}
          {(bad || fault || problem || refused) && (
            <p role="alert" className="border-l-4 border-pin pl-2 text-sm">
              {bad ? 'What is marked is no such number. Nothing was kept.' : problem || refused || fault}
            </p>
          )}
          {mayEdit && (
            <div className="flex flex-wrap items-center gap-2">
              <button
                type="button"
                className="btn"
                disabled={!changed || bad || fault !== '' || trying}
                onClick={begin}
              >
                Try on our lots
              </button>
              <button type="button" className="btn btn-main" disabled={!trial} onClick={() => void keep()}>
                Keep this table
              </button>
              {differing(value, shipped) + differing(shipped, value) > 0 && (
                <button type="button" className="btn btn-small" onClick={() => load(shipped)}>
                  Look at the shipped one
                </button>
              )}
              {changed && (
                <button type="button" className="btn btn-small" onClick={() => load(own)}>
                  Undo
                </button>
              )}
              {trying && (
                <p className="flex w-full items-center gap-3 text-sm" role="status">
                  Trying: {stage ?? 'your lots'}
                  <button type="button" className="btn btn-small" onClick={stop}>
                    Stop
                  </button>
                </p>
              )}
              <p className="w-full text-xs text-soft">
                {plural(differing(value, shipped), 'number')} differ from the shipped ones. A table is tried before it
                can be kept.
              </p>
            </div>
          )}
          {trial && <OwnLots lots={trial.lots} />}
          {trial && <DescribedCars now={trial.described} before={trial.before} />}
          {mayEdit && <History history={history} shipped={shipped} onBack={load} />}
        </aside>
      </div>
    </PlainPage>
  );
}

/** The table as a file, and back from one. */
function InOut({
  name,
  mayEdit,
  onRead,
  onProblem,
}: {
  name: TableName;
  mayEdit: boolean;
  onRead: (value: unknown) => void;
  onProblem: (says: string) => void;
}) {
  const file = useRef<HTMLInputElement>(null);
  const read = async (picked: File) => {
    const text = await picked.text();
    if (!picked.name.endsWith('.json')) {
      const { table, bad } = readTableCsv(text);
      if (bad.length === 0) onRead(table);
      return onProblem(
        bad
          .map((b) => `line ${b.line} ${b.message}`)
          .slice(0, 3)
          .join('; '),
      );
    }
    try {
      onRead(JSON.parse(text));
      onProblem('');
    } catch {
      onProblem(`${picked.name} is no JSON. Nothing was read.`);
    }
  };
  return (
    <div className="flex flex-wrap gap-2">
      <a className="btn btn-small" href={`/api/v1/tables/${name}?format=csv`} download>
        <Download size={14} aria-hidden="true" /> CSV
      </a>
      <a className="btn btn-small" href={`/api/v1/tables/${name}?format=json`} download>
        <Download size={14} aria-hidden="true" /> JSON
      </a>
      {mayEdit && (
        <>
          <input
            ref={file}
            type="file"
            accept=".csv,.json"
            className="sr-only"
            aria-label="Table as CSV or JSON"
            onChange={(e) => {
              const picked = e.target.files?.[0];
              e.target.value = '';
              if (picked) void read(picked);
            }}
          />
          <button type="button" className="btn btn-small" onClick={() => file.current?.click()}>
            <Upload size={14} aria-hidden="true" /> From a file
          </button>
        </>
      )}
    </div>
  );
}

/** Who changed the table when; any state of before can be looked at again, and kept. */
function History({
  history,
  shipped,
  onBack,
}: {
  history: readonly ChangeShown[];
  shipped: unknown;
  onBack: (value: unknown) => void;
}) {
  return (
    <section aria-labelledby="history" className="grid gap-1">
      <h2 id="history" className="text-lg font-bold">
        How it changed
      </h2>
      {history.length === 0 && <p className="text-sm text-soft">Never, as far as was written down.</p>}
      <ul className="grid gap-1 text-sm">
        {history.map((h) => {
          const [before, after] = [h.before ?? shipped, h.after ?? shipped];
          return (
            <li key={h.id} className="flex flex-wrap items-center gap-x-3 border-t border-line pt-1">
              <span className="min-w-0 flex-1">
                {h.who}, {momentText(h.at)}
                <span className="block text-soft">
                  {h.after === null
                    ? 'back to the shipped table'
                    : `${plural(differing(after, before), 'number')} changed`}
                </span>
              </span>
              <button type="button" className="btn btn-small" onClick={() => onBack(before)}>
                As before
              </button>
            </li>
          );
        })}
      </ul>
    </section>
  );
}
