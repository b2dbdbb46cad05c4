'use client';

import { useMemo, useState } from 'react';
import type { Zone } from '@/core/body/zone';
import { SPOT_TESTS, type SpotTest, TEST_RESULTS } from '@/core/catalogue/spot-tests';
import type { JudgedSpot } from '@/core/metal/model';
import { readSpot, type SpotResults } from '@/core/metal/read-spot';
import { Modal } from '@/ui/parts/modal';
import { TakeOut } from '@/ui/parts/take-out';
import { useWording } from '@/ui/preferences';
import { useCar, useJudged, useLot, useRecords } from '@/ui/records/inspection';
import { readingText, reasonText, resultsText, resultWord, SPOT_MEANS, spotResults, TEST_WORDS } from '@/words/metal';
import { zoneName } from '@/words/zones';
import type { CardProps, ZoneCardDefinition } from '../walking';

const NONE: readonly JudgedSpot[] = [];

/** What was tried on the metal here, and what it says together. */
export function Spot({ zone, walking }: CardProps) {
  const { mayEdit } = useLot();
  const [open, setOpen] = useState(false);
  const records = useRecords('spot', (s) => s.body.zone === zone.slug);
  const judged = useJudged((j) => j.judgement?.metal.spots ?? NONE);
  return (
    <section aria-label="Tests of the metal" className="grid gap-2">
      {records.length > 0 && (
        <ul className="divide-y divide-line border-y border-line">
          {records.map((r) => {
            const reading = judged.find((s) => s.id === r.id)?.reading;
            return (
              <li key={r.id} className="flex items-start gap-2 py-2 text-sm">
                <span className="min-w-0 flex-1">
                  {reading && <strong className="block first-letter:uppercase">{readingText(reading)}</strong>}
                  <span className="text-soft">
                    {[resultsText(spotResults(r.body)), r.body.where].filter(Boolean).join(' · ')}
                  </span>
                </span>
                <TakeOut record={r.id} says="Take this test out" raised />
              </li>
            );
          })}
        </ul>
      )}
      {mayEdit && (
        <button type="button" className="btn" onClick={() => setOpen(true)}>
          Test the metal here
        </button>
      )}
      {open && <SpotSheet zone={zone} place={walking.place} onClose={() => setOpen(false)} />}
    </section>
  );
}

/** How many times likelier a result must make something to be given as a reason. */
const TELLING = 1.3;
/** Tests that somebody does by hand; the film comes from the gauge. */
const BY_HAND = SPOT_TESTS.filter((t): t is Exclude<SpotTest, 'film'> => t !== 'film');

/** Each test with its results to touch; what they say together stands below while one goes on. */
function SpotSheet({
  zone,
  place,
  onClose,
}: {
  zone: Zone;
  place: CardProps['walking']['place'];
  onClose: () => void;
}) {
  const { store, facts } = useLot();
  const { car } = useCar();
  const wording = useWording(car?.steering);
  const [results, setResults] = useState<SpotResults>({});
  const [where, setWhere] = useState('');
  const [problem, setProblem] = useState('');
  const reading = useMemo(
    () => readSpot(results, zone.metal, facts.tables.spotTests),
    [results, zone.metal, facts.tables],
  );
  const mayPress = car?.leave.press === 'yes';
  const untouched = Object.keys(results).length === 0;
  const toggle = (test: SpotTest, result: string) =>
    setResults(({ [test]: before, ...rest }) => (before === result ? rest : { ...rest, [test]: result }));
  const keep = () => {
    const body = { zone: zone.slug, place, where: where.trim(), ...results, at: new Date().toISOString() };
    const put = store.put([{ kind: 'spot', body }]);
    if (put.ok) onClose();
    else setProblem(put.message);
  };
  return (
    <Modal title={`Test the metal: ${zoneName(zone.slug, wording)}`} onClose={onClose} wide>
      <div className="grid gap-3">
        <p className="text-sm text-soft">
          Touch what each test gave; leave out what you did not try.{' '}
          {place
            ? 'It is kept at the place touched on the plan, with the readings near it.'
            : 'Touch the plan first to say where on the panel.'}
        </p>
        {BY_HAND.map((test) => {
          const noLeave = test === 'press' && !mayPress;
          return (
            <fieldset key={test} className="grid gap-1 border-t border-line pt-2 sm:grid-cols-[7rem_1fr]">
              <legend className="contents">
                <span
                  className={`self-center text-sm font-bold ${reading.ok && reading.next === test ? 'bg-tape px-1' : ''}`}
                >
                  {TEST_WORDS[test]}
                </span>
              </legend>
              {noLeave ? (
                <p className="text-sm text-soft">Only with the owner’s leave: it is not given at intake.</p>
              ) : (
                <div className="flex flex-wrap gap-1.5">
                  {TEST_RESULTS[test].map((result) => (
                    <button
                      key={result}
                      type="button"
                      className="btn btn-small min-h-11"
                      aria-pressed={results[test] === result}
                      onClick={() => toggle(test, result)}
                    >
                      {resultWord(test, result)}
                    </button>
                  ))}
                </div>
              )}
            </fieldset>
          );
        })}
        <label className="grid gap-1 text-sm font-semibold">
          Where
          <input
            className="field font-normal"
            maxLength={160}
            placeholder="bottom, behind the wheel"
            value={where}
            onChange={(e) => setWhere(e.target.value)}
          />
        </label>
        {reading.ok && reading.against.length === 0 && (
          <ul className="list-disc pl-4 text-sm text-soft" aria-label="Why">
            {reading.reasons
              .filter((r) => r.ratio > TELLING)
              .map((r) => (
                <li key={r.test}>{reasonText(r)}</li>
              ))}
          </ul>
        )}
        {problem && <p role="alert">{problem}</p>}
        <div className="sticky -bottom-5 -mx-5 -mb-5 grid gap-2 border-t border-line bg-card p-4 sm:grid-cols-[1fr_9rem] sm:items-center">
          <div role="status" className="min-h-12 text-sm">
            {untouched ? (
              <p className="text-soft">What the tests say together stands here.</p>
            ) : (
              <>
                <p className="text-base leading-tight font-bold first-letter:uppercase">{readingText(reading)}</p>
                {reading.ok && reading.against.length > 0 && (
                  <p className="border-l-4 border-pin pl-2">
                    {reading.against.map(([a, b]) => `${reasonText(a)}. But ${reasonText(b).toLowerCase()}.`).join(' ')}
                  </p>
                )}
                <p>
                  {reading.ok && SPOT_MEANS[reading.verdict]}{' '}
                  {reading.ok && reading.next && (
                    <>
                      Tells most next: <strong>{TEST_WORDS[reading.next].toLowerCase()}</strong>.
                    </>
                  )}
                </p>
              </>
            )}
          </div>
          <button type="button" className="btn btn-main" disabled={untouched} onClick={keep}>
            Keep
          </button>
        </div>
      </div>
    </Modal>
  );
}

const METALS = new Set(['steel', 'aluminium', 'mixed']);
export const spot: ZoneCardDefinition = {
  place: 45,
  applies: (zone) => METALS.has(zone.metal) && zone.aspects.includes('corrosion'),
  Card: Spot,
};
