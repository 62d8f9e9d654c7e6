import { type GradeBand } from './gradeBand';

/** A word of the unit with one sentence about it, for younger and for older readers. */
export interface UnitWord {
  word: string;
  young: string;
  older: string;
}

const WORDS: readonly (UnitWord & { from: GradeBand })[] = [
  {
    word: 'root tip',
    from: 'early',
    young: 'The pointed end of the root. It grows down first.',
    older: 'The growing end of the root, mostly the first part to leave the seed.',
  },
  {
    word: 'shoot',
    from: 'early',
    young: 'The part that grows up to the light.',
    older: 'Stem and leaves together: what grows upwards out of the seed.',
  },
  {
    word: 'seed leaf',
    from: 'early',
    young: 'The first leaf. It was inside the seed already.',
    older: 'A leaf that was in the seed already and feeds the seedling; grasses have one, broad-leaved plants two.',
  },
  {
    word: 'true leaf',
    from: 'primary',
    young: 'A leaf that comes after the seed leaves and looks like the grown plant’s.',
    older: 'A leaf made after the seed leaves, in the shape the kind has later on.',
  },
  {
    word: 'germinate',
    from: 'primary',
    young: 'A seed wakes up and its root comes out.',
    older: 'To begin growing: by convention once the root tip is 2 mm long.',
  },
  {
    word: 'emerge',
    from: 'middle',
    young: 'To come up out of the soil.',
    older: 'To break through the surface; it comes after germination, which nobody sees in soil.',
  },
  {
    word: 'control',
    from: 'primary',
    young: 'The pots to which we did nothing special.',
    older: 'What everything else is held against: the same in all but the thing that is changed.',
  },
  {
    word: 'fair test',
    from: 'primary',
    young: 'Only one thing is different.',
    older: 'One factor is changed, and everything else is alike or left to lots.',
  },
  {
    word: 'mean',
    from: 'primary',
    young: 'All added up and shared out evenly.',
    older: 'The sum of the values divided by how many there are.',
  },
  {
    word: 'range',
    from: 'primary',
    young: 'From the smallest to the largest.',
    older: 'From the smallest to the largest value; it grows with the number of values.',
  },
  {
    word: 'replicate',
    from: 'middle',
    young: 'One more pot with the same treatment.',
    older: 'A container that was treated on its own: seedlings in one container are not replicates of each other.',
  },
  {
    word: 'evidence',
    from: 'primary',
    young: 'What we saw and measured.',
    older: 'Records that would look different if the claim were wrong.',
  },
  {
    word: 'interval',
    from: 'middle',
    young: 'From here to there: somewhere in it is the true number.',
    older: 'A range made so that it holds the true value in 95 of 100 such classes.',
  },
  {
    word: 'interaction',
    from: 'upper',
    young: 'Two things together do something that neither does alone.',
    older: 'What one factor does depends on the level of the other.',
  },
  {
    word: 'confounded',
    from: 'upper',
    young: 'Two things changed at once, so we cannot tell which did it.',
    older: 'Two things vary together, so that their effects cannot be told apart.',
  },
];

const BANDS: readonly GradeBand[] = ['early', 'primary', 'middle', 'upper'];

/** Words of the unit that a band meets, with the sentence for its age. */
export function unitWords(band: GradeBand): { word: string; says: string }[] {
  const at = BANDS.indexOf(band);
  return WORDS.filter((w) => BANDS.indexOf(w.from) <= at).map(({ word, young, older }) => ({
    word,
    says: at <= 1 ? young : older,
  }));
}
