import type { IconName } from './names';

/** An icon beside words that say the same; as large as its class says, 16 px else. To be called, not drawn as a component. */
export const icon = (name: IconName, className = 'size-4') => (
  <span className={`icon icon-${name} ${className}`} aria-hidden="true" />
);
