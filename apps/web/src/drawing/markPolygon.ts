import { treatmentLook } from '../theme/treatments';

/** Turns a silhouette's outline into corner points about its middle, in pixels; measured by the browser itself. */
export function markPolygon(code: string, size: number): string {
  const look = treatmentLook(code);
  const scale = size / 24;
  return look.path
    .split(/(?=M)/)
    .map((part) => {
      const outline = document.createElementNS('http://www.w3.org/2000/svg', 'path');
      outline.setAttribute('d', part);
      const length = outline.getTotalLength();
      const points = Array.from({ length: 40 }, (_, i) => outline.getPointAtLength((length * i) / 40));
      return `M${points.map((p) => `${((p.x - 12) * scale).toFixed(2)} ${((12 - p.y) * scale).toFixed(2)}`).join('L')}Z`;
    })
    .join('');
}
