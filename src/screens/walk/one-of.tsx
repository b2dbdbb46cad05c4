import type { UseFormReturn } from 'react-hook-form';
import { Keys } from '@/ui/parts/choice-keys';
import type { FindingFields } from './finding-fields';

/** One of a few answers of the finding's form. */
export function OneOf<N extends 'magnet' | 'active' | 'treated' | 'joined'>({
  form,
  name,
  legend,
  choices,
}: {
  form: UseFormReturn<FindingFields>;
  name: N;
  legend: string;
  choices: readonly (readonly [FindingFields[N], string])[];
}) {
  const held = form.watch(name as 'magnet') as FindingFields[N];
  return (
    <Keys
      legend={legend}
      choices={choices}
      held={held}
      onSay={(value) => form.setValue(name as 'magnet', value as FindingFields['magnet'])}
    />
  );
}
