'use client';

import { useState } from 'react';
import type { UseFormReturn } from 'react-hook-form';
import type { Zone } from '@/core/body/zone';
import { asksOf } from '@/core/catalogue/flaws/asks';
import { flawById } from '@/core/catalogue/flaws/by-id';
import { scalePartOf } from '@/core/catalogue/flaws/iso4628';
import { OWN_WORDS } from '@/core/catalogue/flaws/own-words';
import { JOINTS } from '@/core/catalogue/joints';
import { MAGNETS } from '@/core/catalogue/spot-tests';
import type { StoredRecord } from '@/core/kinds';
import { EVIDENCE } from '@/core/kinds/common';
import { PhotoDrop } from '@/ui/device/photo-drop';
import { photoQueue } from '@/ui/device/photo-queue';
import { Labelled } from '@/ui/parts/labelled';
import { Modal } from '@/ui/parts/modal';
import { usePreferences, useWording } from '@/ui/preferences';
import { useCar, useLot } from '@/ui/records/inspection';
import { useRecordForm } from '@/ui/records/use-record-form';
import { flawCause, flawName } from '@/words/flaws';
import { JOINT_WORDS, MAGNET_WORDS } from '@/words/terms';
import { zoneName } from '@/words/zones';
import { AlongEdge } from './along-edge';
import { type FindingFields, findingBody, findingFields } from './finding-fields';
import { FindingPictures } from './finding-pictures';
import { FlawChoice } from './flaw-choice';
import { OneOf } from './one-of';
import { OutlineField } from './outline-field';
import { ScaleField } from './scale-field';

/** Enters or corrects a finding with buttons and fields, for who does not type it in the entry line. */
export function FindingSheet({
  zone,
  finding,
  place,
  onClose,
}: {
  zone: Zone;
  finding: StoredRecord<'finding'> | null;
  place: { uMm: number; vMm: number } | null;
  onClose: () => void;
}) {
  const { facts, store } = useLot();
  const { car } = useCar();
  const { words } = usePreferences().preferences;
  const wording = useWording(car?.steering);
  const [files, setFiles] = useState<File[]>([]);
  const { form, keep, problem } = useRecordForm<'finding', FindingFields>({
    store,
    kind: 'finding',
    record: finding,
    fields: findingFields(finding?.body ?? null),
    toBody: (given, before) =>
      findingBody(given, before, {
        zone: zone.slug,
        place,
        now: new Date().toISOString(),
        scaled: given.flaw !== null && scalePartOf(given.flaw) !== null,
      }),
  });
  const flaw = form.watch('flaw');
  const submit = async () => {
    const id = await keep();
    if (id === null) return;
    if (files.length > 0) void photoQueue().add(facts.id, files, { zone: zone.slug, finding: id });
    onClose();
  };
  return (
    <Modal title={`${finding ? 'Correct' : 'Finding'}: ${zoneName(zone.slug, wording)}`} onClose={onClose} wide>
      <form
        className="grid gap-4"
        onSubmit={(e) => {
          e.preventDefault();
          void submit();
        }}
      >
        {flaw === null ? (
          <FlawChoice
            zone={zone}
            onChoose={(id) => form.setValue('flaw', id)}
            onOwnWords={(said) => {
              form.setValue('flaw', OWN_WORDS);
              if (said !== '') form.setValue('note', said);
            }}
          />
        ) : (
          <>
            <div className="flex flex-wrap items-center gap-3 border-b border-line pb-3">
              <strong className="text-lg first-letter:uppercase">
                {flaw === OWN_WORDS ? 'In own words' : flawName(flaw, words)}
              </strong>
              <span className="text-sm text-soft">
                {flaw === OWN_WORDS
                  ? 'printed as written, marked as such; it judges nothing'
                  : `usually: ${flawCause(flaw, words) || 'various'}`}
              </span>
              <button type="button" className="btn btn-small ml-auto" onClick={() => form.setValue('flaw', null)}>
                Another
              </button>
            </div>
            {flaw === OWN_WORDS ? <OwnWords form={form} /> : <Extent form={form} flaw={flaw} zone={zone} />}
            {finding ? (
              <PhotoDrop zone={zone.slug} finding={finding.id} />
            ) : (
              <FindingPictures files={files} onFiles={setFiles} />
            )}
          </>
        )}
        {(flaw !== null || problem) && (
          <div className="sticky -bottom-5 z-10 -mx-5 -mb-5 grid gap-2 border-t border-line bg-card px-5 py-3">
            {problem && (
              <p role="alert" className="border-l-4 border-pin bg-wash px-3 py-2">
                {problem}
              </p>
            )}
            <button type="submit" className="btn btn-main">
              {finding ? 'Keep correction' : 'Add finding'}
            </button>
          </div>
        )}
      </form>
    </Modal>
  );
}

type Form = UseFormReturn<FindingFields>;

function KnownHow({ form }: { form: Form }) {
  return (
    <Labelled text="Known how">
      <select className="field" {...form.register('evidence')}>
        {EVIDENCE.map((e) => (
          <option key={e}>{e}</option>
        ))}
      </select>
    </Labelled>
  );
}

function OwnWords({ form }: { form: Form }) {
  return (
    <>
      <Labelled text="What is it?">
        <textarea className="field py-2" rows={3} {...form.register('note')} />
      </Labelled>
      <Labelled text="Where on it">
        <input className="field" placeholder="leading edge" {...form.register('where')} />
      </Labelled>
      <KnownHow form={form} />
    </>
  );
}

/** What is worth asking of this flaw, and no more. */
function Extent({ form, flaw, zone }: { form: Form; flaw: string; zone: Zone }) {
  const asks = asksOf(flaw);
  const part = scalePartOf(flaw);
  const { register } = form;
  return (
    <>
      {(['count', 'size', 'share', 'from'] as const).some((a) => asks.has(a)) && (
        <div className="grid grid-cols-2 gap-3 sm:grid-cols-4">
          {asks.has('count') && (
            <Labelled text={flawById(flaw).perDm2 ? 'In 10 × 10 cm' : 'Count'}>
              <input type="number" min={1} className="field figure" {...register('count', { valueAsNumber: true })} />
            </Labelled>
          )}
          {asks.has('size') && (
            <Labelled text="Size, mm">
              <input inputMode="decimal" className="field figure" {...register('sizeMm')} />
            </Labelled>
          )}
          {asks.has('share') && (
            <Labelled text="Share, %">
              <input inputMode="decimal" className="field figure" {...register('share')} />
            </Labelled>
          )}
          {asks.has('from') && (
            <Labelled text="Seen from, m">
              <input inputMode="decimal" className="field figure" {...register('visibleFromM')} />
            </Labelled>
          )}
        </div>
      )}
      {asks.has('size') && <OutlineField zone={zone} form={form} />}
      {asks.has('magnet') && (
        <OneOf
          form={form}
          name="magnet"
          legend="Magnet"
          choices={[['', 'not tried'], ...MAGNETS.map((m) => [m, MAGNET_WORDS[m].replace('a magnet ', '')] as const)]}
        />
      )}
      {asks.has('moving') && (
        <>
          <OneOf
            form={form}
            name="active"
            legend="Does it go on?"
            choices={[
              ['unknown', 'cannot say'],
              ['steady', 'steady'],
              ['active', 'active'],
            ]}
          />
          <OneOf
            form={form}
            name="treated"
            legend="Treated against it?"
            choices={[
              ['unknown', 'cannot say'],
              ['yes', 'treated'],
              ['no', 'not treated'],
            ]}
          />
        </>
      )}
      {asks.has('joint') && (
        <OneOf
          form={form}
          name="joined"
          legend="How it is joined"
          choices={[['', 'not seen'], ...JOINTS.map((j) => [j, JOINT_WORDS[j]] as const)]}
        />
      )}
      {part && <ScaleField part={part} value={form.watch('iso4628')} onChange={(v) => form.setValue('iso4628', v)} />}
      {asks.has('edge') && <AlongEdge onSay={(where) => form.setValue('where', where)} />}
      <Labelled text={asks.has('thing') ? 'Which thing' : 'Where on it'}>
        <input
          className="field"
          placeholder={asks.has('thing') ? 'clock, lock, low beam …' : 'leading edge'}
          {...register('where')}
        />
      </Labelled>
      <div className="grid gap-3 sm:grid-cols-2">
        <KnownHow form={form} />
        {asks.has('touched') && (
          <label className="flex min-h-11 items-center gap-2 self-end">
            <input type="checkbox" className="size-5 accent-thread" {...register('touchedIn')} /> touched in
          </label>
        )}
      </div>
      <Labelled text="Note">
        <textarea className="field py-2" rows={2} {...register('note')} />
      </Labelled>
      <details>
        <summary className="min-h-11 content-center text-sm font-semibold">Leave out of the report</summary>
        <Labelled text="Reason, counted in the report">
          <input className="field" placeholder="withheld by the consignor" {...register('withheld')} />
        </Labelled>
      </details>
    </>
  );
}
