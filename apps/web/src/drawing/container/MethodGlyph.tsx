import { type GrowingMethod, usualFillMl } from '@bright-sprout/core/seeds/catalogue';
import { containerShape } from '@bright-sprout/core/seeds/containerShape';
import { ContainerCut } from './ContainerCut';
import { standing } from './geometry';

/** A way of growing as a small picture of one of its containers. */
export function MethodGlyph({ method }: { method: GrowingMethod }) {
  return (
    <svg viewBox="0 8 148 130" width="56" height="50" aria-hidden="true">
      <ContainerCut at={standing(containerShape(method, usualFillMl(method)))} filling={{ dark: true, chalk: 0, other: 0 }} />
    </svg>
  );
}
