/** A round axis from 0 for amounts up to a largest: its end, its ticks, and the step by which a mark moves. */
export interface AmountScale {
  top: number;
  tick: number;
  step: number;
}

const TICKS = 6;
const ROUNDING = 1e-9;

/**
 * Room is left beyond the largest, for the next step.
 * @param whole plants and days are not halved
 */
export function amountScale(largest: number, whole = false): AmountScale {
  const wanted = Math.max(largest, 1e-6) * 1.5;
  const power = 10 ** Math.floor(Math.log10(wanted / TICKS));
  const fits = [1, 2, 2.5, 5, 10].map((m) => m * power).find((t) => wanted / t <= TICKS + ROUNDING)!;
  const tick = whole ? Math.ceil(fits) : fits;
  return {
    top: Number((Math.ceil(wanted / tick - ROUNDING) * tick).toPrecision(6)),
    tick,
    step: whole ? Math.max(1, Math.round(tick / 5)) : tick / 5,
  };
}

/** The nearest place that a mark can have. */
export function snapped(amount: number, { top, step }: AmountScale): number {
  const at = Math.min(top, Math.max(0, Math.round(amount / step) * step));
  return Number(at.toPrecision(6));
}
