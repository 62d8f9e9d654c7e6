import { memo } from 'react';
import { drawGhost, drawPlant, pathText, type PlantFacts, type Shape } from './plant';

export function Shapes({ shapes }: { shapes: Shape[] }) {
  return shapes.map((s, i) => (
    <path
      key={i}
      d={pathText(s)}
      fill={s.fill}
      stroke={s.stroke}
      strokeWidth={s.width}
      strokeLinejoin="round"
      strokeLinecap="round"
    />
  ));
}

/** A plant standing at the origin of the surrounding drawing. */
export const PlantDrawing = memo(function PlantDrawing({
  scale,
  ghost = false,
  ...facts
}: PlantFacts & { scale: number; ghost?: boolean }) {
  return <Shapes shapes={ghost ? drawGhost(facts, scale) : drawPlant(facts, scale)} />;
});
