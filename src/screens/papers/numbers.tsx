'use client';

import { NUMBER_PLACES } from '@/core/catalogue/papers';
import { DecodedNumber } from '@/ui/papers/decoded';
import { NumberForm } from '@/ui/papers/number-form';
import { RecordLine } from '@/ui/parts/record-line';
import { RecordPictures } from '@/ui/parts/record-pictures';
import { useCar, useJudged, useLot } from '@/ui/records/inspection';
import { capital } from '@/words/capital';
import { checkDigitText, engineText, lookAlikeText } from '@/words/chassis';
import { NUMBER_PLACE_WORDS, numberText } from '@/words/papers';

/** Numbers as they are read, taken apart and laid beside each other. */
export function Numbers() {
  const { mayEdit } = useLot();
  const { car } = useCar();
  const identity = useJudged((j) => j.judgement?.identity ?? null);
  if (!identity) return null;
  const { decoded, chassis17, numbers, engine, engineNumber } = identity;
  const bad = engine.is === 'another' || engine.is === 'wrong-type';
  return (
    <section className="grid gap-3 border-b border-line p-4" aria-label="Numbers">
      <h2 className="text-lg font-bold">Numbers</h2>
      <div className="grid gap-2">
        <p className="text-sm">
          Chassis number, as stated: <span className="figure font-semibold">{car?.chassisNumber || 'not read'}</span>
        </p>
        {decoded && <DecodedNumber decoded={decoded} />}
        {car?.chassisNumber && !decoded && !chassis17 && (
          <p className="text-sm text-soft">
            No scheme of this make is known for it.{' '}
            <a className="underline underline-offset-4" href="/numbers/number-templates">
              Enter the make’s scheme
            </a>
            .
          </p>
        )}
        {decoded && !decoded.fits && (
          <p className="border-l-4 border-pin pl-2 text-sm font-semibold">
            It does not read whole by the make’s scheme. Read it again; what is marked cannot be.
          </p>
        )}
        {chassis17 && <p className="text-sm">{checkDigitText(chassis17.checkDigit)}</p>}
      </div>
      <p className={`border-l-4 pl-2 text-sm ${bad ? 'border-pin font-semibold' : 'border-ink'}`}>
        {engineNumber && (
          <>
            Engine <span className="figure font-semibold">{engineNumber}</span>.{' '}
          </>
        )}
        {engineText(engine)}
      </p>
      {numbers.length > 0 && (
        <ul>
          {numbers.map(({ record, against, compared }) => (
            <RecordLine key={record.id} id={record.id} name={NUMBER_PLACE_WORDS[record.body.place]}>
              <strong>{capital(NUMBER_PLACE_WORDS[record.body.place])}</strong>:{' '}
              <span className="figure">{numberText(record.body)}</span>
              {compared?.same && <span className="block text-soft">The same as the chassis number.</span>}
              {compared && !compared.same && (
                <span className="block font-semibold text-pin">
                  {compared.ask.length > 0
                    ? `Look again: ${lookAlikeText(compared)}`
                    : `Differs from the chassis number ${against}.`}
                </span>
              )}
              <RecordPictures record={record.id} zone={record.body.zone} says="Photo of the number" />
            </RecordLine>
          ))}
        </ul>
      )}
      {mayEdit && <NumberForm places={NUMBER_PLACES} />}
    </section>
  );
}
