import { type FilmView, type FrameView } from '@bright-sprout/contracts/answers/films';
import { type InvestigationView } from '@bright-sprout/contracts/answers/investigations';
import { addDays, daysBetween, type IsoDay, weekday } from '@bright-sprout/core/calendar/days';
import { type FrameCounted } from '../../../workers/filmQuestion';

/** A day of a film: with its picture, or without one. */
export interface FilmDay {
  day: IsoDay;
  number: number;
  weekend: boolean;
  frame: FrameView | null;
}

const SATURDAY = 6;

/** Pictures that the teacher has looked at; of several of one day the newest. */
export function framesOfDays(frames: readonly FrameView[]): Map<IsoDay, FrameView> {
  const byDay = new Map<IsoDay, FrameView>();
  for (const frame of frames) if (frame.seen) byDay.set(frame.day, frame);
  return byDay;
}

/** Every day from sowing to the last picture, or to today where it still grows. */
export function filmDays({ frames }: Pick<FilmView, 'frames'>, sownOn: IsoDay, today: IsoDay | null): FilmDay[] {
  const byDay = framesOfDays(frames);
  const last = [...byDay.keys(), ...(today === null ? [] : [today])].reduce((a, b) => (a > b ? a : b), sownOn);
  return Array.from({ length: daysBetween(sownOn, last) + 1 }, (_, number) => {
    const day = addDays(sownOn, number);
    const at = weekday(day);
    return { day, number, weekend: at >= SATURDAY || at === 0, frame: byDay.get(day) ?? null };
  });
}

/** What a section is called: the code of its container. */
export function codesOf(film: Pick<FilmView, 'cells'>, { containers, reserve }: InvestigationView): (string | null)[] {
  const codes = new Map([...containers, ...reserve].map((c) => [c.id, c]));
  return film.cells.map((id) => (id === null ? null : (codes.get(id)?.code ?? null)));
}

/** A treatment through the days of a film, with its sections. */
export interface TreatmentGreen {
  code: string;
  label: string;
  days: { day: number; share: number }[];
  sections: { code: string; days: { day: number; share: number }[] }[];
}

/** Share of green day by day: of each section, and as their mean of each treatment. */
export function greenByTreatment(
  film: Pick<FilmView, 'cells'>,
  { containers, treatments }: Pick<InvestigationView, 'containers' | 'treatments'>,
  days: readonly FilmDay[],
  counted: readonly FrameCounted[],
): TreatmentGreen[] {
  const green = new Map(counted.map((c) => [c.id, c.green]));
  const sectionDays = (cell: number) =>
    days.flatMap(({ number, frame }) => {
      const share = frame ? (green.get(frame.id)?.[cell] ?? null) : null;
      return share === null ? [] : [{ day: number, share }];
    });
  return treatments.flatMap(({ code, label }) => {
    const sections = containers
      .filter((c) => c.treatment === code && film.cells.includes(c.id))
      .map((c) => ({ code: c.code, days: sectionDays(film.cells.indexOf(c.id)) }));
    if (sections.length === 0) return [];
    const numbers = [...new Set(sections.flatMap((s) => s.days.map((d) => d.day)))].sort((a, b) => a - b);
    const mean = (day: number) => {
      const own = sections.flatMap((s) => s.days.filter((d) => d.day === day).map((d) => d.share));
      return { day, share: own.reduce((a, b) => a + b, 0) / own.length };
    };
    return [{ code, label, sections, days: numbers.map(mean) }];
  });
}
