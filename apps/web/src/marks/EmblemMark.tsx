import { type Emblem } from '@bright-sprout/contracts/access';
import { EMBLEM_PATHS } from '../theme/emblems';

export function EmblemMark({ emblem, size = 28 }: { emblem: Emblem; size?: number }) {
  return (
    <svg width={size} height={size} viewBox="0 0 24 24" aria-hidden="true" className="flex-none">
      <path d={EMBLEM_PATHS[emblem]} fillRule="evenodd" fill="currentColor" />
    </svg>
  );
}
