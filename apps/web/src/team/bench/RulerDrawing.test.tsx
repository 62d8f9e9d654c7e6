import { render } from '@testing-library/react';
import { RulerDrawing } from './RulerDrawing';

const PLANT = { code: 'A1', treatment: 'A', label: 'light', habit: 'broad' as const };

const draw = (mm: number | null, cubes: boolean) =>
  render(<RulerDrawing plant={PLANT} resolution="cm" mm={mm} last={null} state="measured" leaves={null} cubes={cubes} />)
    .container;

test('for the youngest as many counting cubes stand beside the ruler as the plant has centimetres', () => {
  const stack = draw(70, true).querySelector('[data-cubes]')!;
  expect(stack.getAttribute('data-cubes')).toBe('7');
  const heights = [...stack.querySelectorAll('rect')].map((r) => Number(r.getAttribute('height')));
  expect(heights).toHaveLength(7);
  // All of one size: a centimetre of the ruler each.
  expect(Math.max(...heights) - Math.min(...heights)).toBeLessThan(1e-6);
});

test('others read the ruler alone, and nothing is piled up before something is measured', () => {
  expect(draw(70, false).querySelector('[data-cubes]')).toBeNull();
  expect(draw(null, true).querySelector('[data-cubes]')).toBeNull();
});
