import { clockInZone, dayInZone } from '../../calendar/days';

/** An instant as the clock of a zone shows it, with its distance from UTC: `2026-03-09T10:00:00.000+01:00`. */
export function onClockOf(timeZone: string): (instant: string) => string {
  return (instant) => {
    const at = new Date(instant);
    const [day, clock] = [dayInZone(at, timeZone), clockInZone(at, timeZone)];
    const behind = at.toISOString().slice(17, 23);
    const minutes = Math.round((Date.parse(`${day}T${clock}:00Z`) - Math.floor(at.getTime() / 60_000) * 60_000) / 60_000);
    const two = (n: number) => String(n).padStart(2, '0');
    const offset = `${minutes < 0 ? '-' : '+'}${two(Math.floor(Math.abs(minutes) / 60))}:${two(Math.abs(minutes) % 60)}`;
    return `${day}T${clock}:${behind}${offset}`;
  };
}
