'use client';

import { useState } from 'react';
import { checkDigitOf, readChassis17 } from '@/core/identity/chassis-17';
import { expectedEngine } from '@/core/identity/engine';
import { decodeNumber, decodersFor, type NumberTemplate, templateSchema } from '@/core/identity/template';
import { numberTemplates } from '@/core/identity/templates';
import { DecodedNumber } from '@/ui/papers/decoded';
import { Choice, Labelled } from '@/ui/parts/labelled';
import { checkDigitText } from '@/words/chassis';
import type { TableToolProps } from './table-tools';

const KIND_WORDS = {
  fixed: 'always these characters',
  lookup: 'one of a list',
  year: 'digits of the year',
  'year-letter': 'a letter for each year',
  sequence: 'running number',
  any: 'not known',
} as const;
type FieldKind = keyof typeof KIND_WORDS;
interface Row {
  readonly name: string;
  readonly is: FieldKind;
  readonly length: string;
  /** Characters, or the list: `H=Halyard, M=Marten`. */
  readonly text: string;
}
const EMPTY: Row = { name: '', is: 'fixed', length: '', text: '' };

/** A field as the form says it; what is not whole yet is for the schema to refuse. */
function fieldOf({ name, is, length, text }: Row): object {
  const base = { name: name.trim(), is };
  if (is === 'fixed') return { ...base, text: text.trim() };
  if (is === 'year-letter') {
    const [letters = '', from = ''] = text.split(/\s+/);
    return { ...base, letters, from: Number(from) };
  }
  if (is !== 'lookup') return { ...base, length: Number(length) };
  const means = text
    .split(',')
    .map((p) => p.split('=').map((x) => x.trim()))
    .flatMap(([code, says]) => (code && says ? [{ code, says }] : []));
  return { ...base, length: Number(length) || means[0]?.code.length, means };
}

const slug = (text: string) =>
  text
    .toLowerCase()
    .replaceAll(/[^a-z0-9]+/g, '-')
    .replaceAll(/^-+|-+$/g, '');

/** A number tried on the schemes of the table as it stands, and a new scheme with its fields read live. */
export function SchemeEditor({ value, mayEdit, onChange }: TableToolProps) {
  const [number, setNumber] = useState('');
  const table = numberTemplates.schema.safeParse(value);
  const decoded = table.success && number.trim() ? decodersFor(number, '', table.data.templates) : [];
  const iso = readChassis17(number);
  const template = table.success ? table.data.templates.find((t) => t.id === decoded[0]?.template) : undefined;
  const engine = template ? expectedEngine(number, template) : null;
  return (
    <section className="grid gap-3" aria-label="Try a number">
      <Labelled text="Try a number">
        <input
          className="field figure font-normal"
          value={number}
          autoCapitalize="characters"
          spellCheck={false}
          onChange={(e) => setNumber(e.target.value)}
        />
      </Labelled>
      <div role="status" className="grid gap-2 text-sm">
        {decoded[0] && <DecodedNumber decoded={decoded[0]} />}
        {engine && (
          <p>
            Its engine’s number would be <span className="figure font-semibold">{engine}</span>.
          </p>
        )}
        {iso.ok && <p>{checkDigitText(iso.checkDigit)}</p>}
        {iso.ok && <p className="text-soft">Reckoned check digit: {checkDigitOf(number.toUpperCase())}.</p>}
        {number.trim() !== '' && decoded.length === 0 && !iso.ok && <p>No scheme of the table reads it.</p>}
      </div>
      {mayEdit && table.success && (
        <NewScheme
          number={number}
          onAdd={(t) => onChange({ ...table.data, templates: [...table.data.templates, t] })}
        />
      )}
    </section>
  );
}

/** A new scheme, field by field; the number above is read by it as it grows. */
function NewScheme({ number, onAdd }: { number: string; onAdd: (t: NumberTemplate) => void }) {
  const [about, setAbout] = useState({ make: '', from: '', to: '', engine: '' });
  const [rows, setRows] = useState<readonly Row[]>([EMPTY]);
  const parsed = templateSchema.safeParse({
    id: slug(`${about.make} ${about.from}`),
    make: about.make.trim(),
    from: Number(about.from),
    to: Number(about.to),
    engine: about.engine.trim(),
    fields: rows.map(fieldOf),
  });
  const live = parsed.success && number.trim() ? decodeNumber(number, parsed.data) : null;
  const set = (i: number, change: Partial<Row>) =>
    setRows((all) => all.map((r, k) => (k === i ? { ...r, ...change } : r)));
  const field = (key: keyof typeof about, text: string, placeholder = '') => (
    <Labelled text={text}>
      <input
        className="field font-normal"
        placeholder={placeholder}
        value={about[key]}
        onChange={(e) => setAbout((a) => ({ ...a, [key]: e.target.value }))}
      />
    </Labelled>
  );
  return (
    <details className="border border-line p-3">
      <summary className="cursor-pointer py-1 font-semibold">A new scheme</summary>
      <div className="mt-2 grid gap-2">
        <div className="grid grid-cols-2 gap-2">
          {field('make', 'Make')}
          {field('engine', 'Engine, by rule', 'Q{model} {serial}')}
          {field('from', 'From, year')}
          {field('to', 'To, year')}
        </div>
        {rows.map((r, i) => (
          <fieldset key={i} className="grid grid-cols-2 gap-2 border-t border-line pt-2">
            <legend className="text-sm font-bold">Field {i + 1}</legend>
            <Labelled text="Name">
              <input className="field font-normal" value={r.name} onChange={(e) => set(i, { name: e.target.value })} />
            </Labelled>
            <Choice name="What it is" words={KIND_WORDS} value={r.is} onChange={(is) => is && set(i, { is })} />
            {r.is !== 'fixed' && r.is !== 'year-letter' && (
              <Labelled text="Characters">
                <input
                  className="field figure font-normal"
                  inputMode="numeric"
                  value={r.length}
                  onChange={(e) => set(i, { length: e.target.value })}
                />
              </Labelled>
            )}
            {(r.is === 'fixed' || r.is === 'lookup' || r.is === 'year-letter') && (
              <Labelled
                text={
                  r.is === 'fixed' ? 'Which' : r.is === 'lookup' ? 'H=Halyard, M=Marten' : 'Letters, then first year'
                }
              >
                <input
                  className="field font-normal"
                  value={r.text}
                  onChange={(e) => set(i, { text: e.target.value })}
                />
              </Labelled>
            )}
          </fieldset>
        ))}
        <div className="flex flex-wrap gap-2">
          <button type="button" className="btn btn-small" onClick={() => setRows((all) => [...all, EMPTY])}>
            One more field
          </button>
          {rows.length > 1 && (
            <button type="button" className="btn btn-small" onClick={() => setRows((all) => all.slice(0, -1))}>
              Without the last
            </button>
          )}
        </div>
        <div role="status" className="text-sm">
          {live && <DecodedNumber decoded={live} />}
          {parsed.success && number.trim() !== '' && !live && <p>The number above is of another length.</p>}
          {!parsed.success && (
            <p className="text-soft">
              Not whole yet: {parsed.error.issues[0]!.path.join(' › ')}, {parsed.error.issues[0]!.message}
            </p>
          )}
        </div>
        <button
          type="button"
          className="btn"
          disabled={!parsed.success}
          onClick={() => parsed.success && onAdd(parsed.data)}
        >
          Add it to the table
        </button>
      </div>
    </details>
  );
}
