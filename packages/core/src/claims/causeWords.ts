import { formatDay } from '../calendar/days';
import { type Cause } from '../compare/causes/cause';
import { placesWords } from '../plan/layout/splitWords';
import { capital } from '../words/capital';
import { listInWords } from '../words/listInWords';
import { counted, plural } from '../words/plural';
import { type ClaimSubject, ofGroup } from './claimSubject';
import { oftenInWords } from './luckWords';

/** A question to the reader, and what the records say to it. */
export interface CauseWords {
  asks: string;
  says: string;
  /** What one press would change; null where there is nothing to switch. */
  press: string | null;
}

const some = (codes: readonly string[]) =>
  `${listInWords(codes.slice(0, 6))}${codes.length > 6 ? ` and ${codes.length - 6} more` : ''}`;

/** Words for what else could explain it; together with `claimFinding` the only place that speaks of a comparison. */
export function causeWords(
  cause: Cause,
  subject: Pick<ClaimSubject, 'container' | 'shown' | 'kind' | 'joined' | 'question'>,
): CauseWords {
  const { container, shown, kind } = subject;
  const pots = plural(container);
  const said = (asks: string, says: string, press: string | null = null): CauseWords => ({ asks, says, press });
  switch (cause.code) {
    case 'place': {
      const where = cause.along === 'row' ? 'between the window row and the other' : 'from one end of a team’s row to the other';
      const size = shown.size(cause.difference) || 'a step';
      return cause.verdict === 'ask'
        ? said(
            'A better place?',
            `What treatment and team leave differs by ${size} ${where}; luck does that ${oftenInWords(cause.p)}. Look at the tray below.`,
          )
        : said(
            'A better place?',
            `No slope across the tray stands out: ${size} ${where}, as luck does ${oftenInWords(cause.p)}.`,
          );
    }
    case 'place-unknown':
      return said('A better place?', 'Where each stood is not in these records. Light, warmth and hands differ along a sill.');
    case 'team':
      return said(
        'A team that reads otherwise?',
        `${cause.team}: ${shown.signed(cause.offset)} against the other teams (${shown.signed(cause.low)} to ${shown.signed(cause.high)}). Comparing within teams keeps that out of the differences; ask how they hold the ruler.`,
      );
    case 'teams-alike':
      return said(
        'A team that reads otherwise?',
        `No team stands apart: the furthest lies ${shown.size(cause.most) || 'less than a step'} from the others.`,
      );
    case 'no-teams':
      return said('A careful and a careless hand?', 'No teams are known here, so a measurer could look like a treatment.');
    case 'apart':
      return said(
        'The team, not the treatment?',
        subject.question.between === 'teams'
          ? `${listInWords(cause.groups)}: no treatment was with it and with the other teams too, so team and treatment cannot be told apart.`
          : `${listInWords(cause.groups)}: no team has it beside what it is compared with, so team and treatment cannot be told apart.`,
      );
    case 'losses': {
      const lost = cause.by.filter((b) => b.lost > 0);
      if (lost.length === 0) return said('Only the strong ones left?', 'None was lost.');
      const counts = listInWords(lost.map((b) => `${b.lost} of ${b.of} ${ofGroup(b.label, subject)}`));
      const press =
        cause.change?.afterLoss === undefined
          ? null
          : cause.change.afterLoss === 'carry'
            ? 'Count the lost as last seen'
            : 'Leave the lost out';
      return said(
        'Only the strong ones left?',
        `Lost: ${counts}.${cause.uneven ? ' What is measured may be the stronger ones.' : ' That is about alike.'}`,
        press,
      );
    }
    case 'survivors':
      return said(
        'Only the early ones measured?',
        `In no mean, since not up: ${listInWords(cause.by.filter((b) => b.out > 0).map((b) => `${b.out} of ${b.of} ${ofGroup(b.label, subject)}`))}. These are the survivors and the early ones.`,
        cause.change ? 'Count what is not up as zero' : null,
      );
    case 'looks':
      if (cause.missing.length > 0) return said('Looked at less often?', `Nobody looked at ${some(cause.missing)} here.`);
      return cause.uneven
        ? said(
            'Looked at less often?',
            `Over ${counted(cause.days, 'check day')} one treatment was looked at less often than another.`,
          )
        : said('Looked at less often?', `All were looked at alike, on ${counted(cause.days, 'check day')}.`);
    case 'sowing':
      if (cause.by.length === 0) return said('Sown otherwise?', 'Nothing went otherwise on sowing day, as far as was noted.');
      return said(
        'Sown otherwise?',
        `${listInWords(cause.by.map((b) => `${some(b.containers)} (${listInWords(b.words)})`))}${cause.uneven ? ': not in all treatments' : ': in every treatment'}.`,
      );
    case 'exception':
      return said('Not quite fair?', cause.sentence);
    case 'room':
      return cause.cold
        ? said(
            'Colder days?',
            `Down to ${cause.coldest.toFixed(0)} °C on ${formatDay(cause.day)}${cause.weekend ? ', a weekend' : ''}: cold for ${kind}. It fell on all in the room alike.`,
          )
        : said(
            'Colder days?',
            `Never below ${cause.coldest.toFixed(0)} °C in the room (${formatDay(cause.day)}), and all stood in it.`,
          );
    case 'room-unknown':
      return said('Colder days?', 'Nobody read the room’s temperature in these days.');
    case 'doubts':
      return said(
        'A slip at the bench?',
        `A question about a reading is still open: ${some(cause.containers)}.`,
        cause.change?.doubts === 'left-out' ? 'See it without them' : 'Count them again',
      );
    case 'ages':
      return said(
        'Older, not better?',
        `On this day some are ${counted(cause.youngest, 'day')} old and others ${counted(cause.oldest, 'day')} old.`,
        `Compare all at ${counted(cause.youngest, 'day')} old`,
      );
    case 'kinds':
      return said(
        'More than one thing differs?',
        'Kinds of seed differ in many things at once: this compares them, and gives no single cause.',
      );
    case 'gaps':
      return cause.containers === 0
        ? said('Over a weekend?', 'Somebody looked every day, so each is known to the day.')
        : said(
            'Over a weekend?',
            `For ${cause.containers} of ${cause.of} ${pots} the day is only known to lie between two looks, up to ${cause.longest.toFixed(0)} days apart. They are counted as spans, not as Mondays.`,
          );
    case 'lot':
      return said('Chosen places?', `${capital(placesWords(cause.split, container))}.`);
  }
}
