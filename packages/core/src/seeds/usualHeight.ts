import { type Species } from './catalogue';

/** How tall a kind usually is so many days after sowing at 21 °C, mm; 0 before it is up, no taller than what is known. */
export function usualHeightMm({ emergenceDays, heightCm }: Species, daysFromSowing: number): number {
  const up = daysFromSowing - (emergenceDays[0] + emergenceDays[1]) / 2;
  if (up <= 0) return 0;
  const known = [{ day: 0, mm: 0 }, ...heightCm.map(({ day, range }) => ({ day, mm: 5 * (range[0] + range[1]) }))].sort(
    (a, b) => a.day - b.day,
  );
  const after = known.findIndex((k) => k.day >= up);
  if (after === -1) return known[known.length - 1]!.mm;
  const [low, high] = [known[Math.max(0, after - 1)]!, known[after]!];
  return high.day === low.day ? high.mm : low.mm + ((high.mm - low.mm) * (up - low.day)) / (high.day - low.day);
}
