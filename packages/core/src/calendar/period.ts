/** A lesson's times on a clock of 24 hours. */
export interface Period {
  begins: TimeOfDay;
  ends: TimeOfDay;
}

export interface TimeOfDay {
  hour: number;
  minute: number;
}

const WRITTEN = /^\s*(\d{1,2})[:.](\d{2})\s*[–-]\s*(\d{1,2})[:.](\d{2})\s*$/;

/** `10:15–11:00`, also with a plain hyphen or with dots: two times of a day, the later one last; null for anything else. */
export function parsePeriod(text: string): Period | null {
  const found = WRITTEN.exec(text)?.slice(1).map(Number) as [number, number, number, number] | undefined;
  if (!found) return null;
  const [begins, ends] = [
    { hour: found[0], minute: found[1] },
    { hour: found[2], minute: found[3] },
  ];
  const isTime = ({ hour, minute }: TimeOfDay) => hour < 24 && minute < 60;
  const inDay = ({ hour, minute }: TimeOfDay) => 60 * hour + minute;
  return isTime(begins) && isTime(ends) && inDay(begins) < inDay(ends) ? { begins, ends } : null;
}
