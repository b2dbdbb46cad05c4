'use client';

import { Ban, Camera, Check, CircleDot } from 'lucide-react';
import { memo, useEffect } from 'react';
import { useDropzone } from 'react-dropzone';
import type { Aspect, Zone } from '@/core/body/zone';
import { BLOCKED_BY, type BlockedBy } from '@/core/kinds/look';
import { photoQueue } from '@/ui/device/photo-queue';
import { useJudged, useLot } from '@/ui/records/inspection';
import { BLOCKED_WORDS } from '@/words/terms';
import type { CardProps } from './walking';

const TYPES = 'image/jpeg,image/png,image/webp,image/heic,image/heif';
const ACT =
  'btn min-h-14 flex-col gap-0.5 px-1 text-[13px] leading-tight sm:min-h-12 sm:flex-row sm:gap-2 sm:px-3 sm:text-[15px]';

/**
 * The aspects of a zone that an eye could still look at, those with findings among them: that beside them all is clean has
 * to be said; and those that could still be blocked.
 */
function useOpenAspects(zone: Zone): { readonly byEye: readonly Aspect[]; readonly open: readonly Aspect[] } {
  const cells = useJudged((j) => j.judgement?.coverage.cells.filter((c) => c.zone.slug === zone.slug) ?? []);
  return {
    byEye: cells.filter((c) => !c.looked && c.aspect !== 'function').map((c) => c.aspect),
    open: cells.filter((c) => c.status === 'unseen' || c.status === 'blocked').map((c) => c.aspect),
  };
}

/** The acts of the walk, always within the thumb's reach: seen and clean, a finding, a picture, blocked and why. */
export const Acts = memo(function Acts({ zone, walking }: CardProps) {
  const { facts, store, mayEdit } = useLot();
  const { byEye, open } = useOpenAspects(zone);
  const { asking, ask, camera } = walking;
  const { getInputProps, open: openCamera } = useDropzone({
    onDrop: (files) => void photoQueue().add(facts.id, files, { zone: zone.slug, finding: null }),
    noClick: true,
    noKeyboard: true,
  });
  useEffect(() => {
    camera.current = openCamera;
    return () => {
      camera.current = null;
    };
  }, [camera, openCamera]);
  if (!mayEdit) return null;
  const look = (aspects: readonly Aspect[], outcome: 'clean' | 'blocked', why: BlockedBy | null) => {
    const at = new Date().toISOString();
    store.put(aspects.map((aspect) => ({ kind: 'look', body: { zone: zone.slug, aspect, outcome, why, at } })));
    ask(null);
  };
  return (
    <section aria-label="Acts" className="shrink-0 border-t border-line bg-card p-2">
      {asking?.what === 'blocked' && (
        <fieldset className="mb-2 grid gap-1.5 border border-line p-2">
          <legend className="px-1 text-sm font-semibold">
            {asking.aspects.length === 1 && asking.aspects[0] === 'function' ? 'Not tried: why?' : 'Why?'}
          </legend>
          <div className="flex flex-wrap gap-1.5">
            {BLOCKED_BY.map((why) => (
              <button
                key={why}
                type="button"
                className="btn btn-small min-h-11 font-medium"
                onClick={() => look(asking.aspects, 'blocked', why)}
              >
                {BLOCKED_WORDS[why]}
              </button>
            ))}
          </div>
        </fieldset>
      )}
      <input
        {...getInputProps({
          accept: TYPES,
          'aria-label': 'Pictures of this place',
          capture: 'environment',
        } as object)}
      />
      <div className="grid grid-cols-4 gap-1.5 lg:grid-cols-2">
        <button type="button" className={ACT} disabled={byEye.length === 0} onClick={() => look(byEye, 'clean', null)}>
          <Check size={20} aria-hidden="true" /> Seen, clean
        </button>
        <button type="button" className={ACT} onClick={() => ask({ what: 'finding', finding: null })}>
          <CircleDot size={20} aria-hidden="true" /> Add finding
        </button>
        <button type="button" className={ACT} onClick={openCamera}>
          <Camera size={20} aria-hidden="true" /> Picture
        </button>
        <button
          type="button"
          className={ACT}
          aria-expanded={asking?.what === 'blocked'}
          disabled={open.length === 0}
          onClick={() => ask(asking?.what === 'blocked' ? null : { what: 'blocked', aspects: open })}
        >
          <Ban size={20} aria-hidden="true" /> Blocked
        </button>
      </div>
    </section>
  );
});
