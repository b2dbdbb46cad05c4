import { Settings2 } from 'lucide-react';

export const TRIGGER_NAME = 'Words, sides and units';
export const triggerClass = (compact: boolean) =>
  compact ? 'grid min-h-11 min-w-11 place-items-center rounded-cut hover:bg-wash' : 'btn btn-small';

export function TriggerFace({ compact }: { compact: boolean }) {
  return (
    <>
      <Settings2 size={18} aria-hidden="true" />
      {!compact && 'Words and units'}
    </>
  );
}
