import { icon } from '@/ui/icons/icon';

export const TRIGGER_NAME = 'Words, sides and units';
export const triggerClass = (compact: boolean) =>
  compact ? 'grid min-h-11 min-w-11 place-items-center rounded-cut hover:bg-wash' : 'btn btn-small';

export function TriggerFace({ compact }: { compact: boolean }) {
  return (
    <>
      {icon('settings-2', 'size-4.5')}
      {!compact && 'Words and units'}
    </>
  );
}
