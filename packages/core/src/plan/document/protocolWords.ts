import { type Protocol } from './planDocument';

type Words = { [K in keyof Protocol]?: Partial<Record<Protocol[K] & string, { name: string; does: string }>> };

/** What each choice is called and, in one line, what it does to the records. */
export const PROTOCOL_WORDS = {
  sprouted: {
    'root-2mm': {
      name: 'the root tip is 2 mm long',
      does: 'Seen days earlier than a shoot, but only where seeds lie open to view.',
    },
    shoot: { name: 'a shoot shows above the soil', does: 'Nobody has to dig; the depth of sowing is part of the time.' },
    'seed-leaves': { name: 'the seed leaves are open', does: 'Easy to agree on, and a day or more later than the shoot.' },
  },
  height: {
    'growing-tip': {
      name: 'from the soil to the growing tip, stem held straight',
      does: 'The same plant gives the same number in any hand.',
    },
    'highest-point': {
      name: 'from the soil to the highest point as it stands',
      does: 'Nothing is touched; a plant that wilts becomes shorter.',
    },
    'longest-leaf': {
      name: 'from the soil to the tip of the longest leaf',
      does: 'Right for grasses; a bitten leaf takes centimetres away.',
    },
  },
  beforeSprouting: {
    exclude: { name: 'no height at all', does: 'The mean speaks of plants that are up; the others are named beside it.' },
    zero: { name: 'a height of zero', does: 'Late plants pull the mean down: it says how tall the pots are.' },
  },
  afterLoss: {
    exclude: { name: 'leaves the means from that day, and is counted', does: 'The mean speaks of survivors, and says so.' },
    carry: { name: 'stays at its last height', does: 'Losses do not move the mean, and growth looks slower than it was.' },
    zero: { name: 'counts as zero', does: 'A treatment that kills looks short.' },
  },
  seedlings: {
    tagged: { name: 'the tagged ones', does: 'The same seedling is followed from day to day.' },
    tallest: { name: 'the tallest', does: 'Quick, and always a little above the middle.' },
    all: { name: 'all of them', does: 'Most work, least doubt; the mean of the container counts.' },
  },
  seedsToHole: {
    one: { name: 'one, with some pots in reserve', does: 'No thinning; some containers stay empty.' },
    few: { name: 'two or three', does: 'Few blanks; someone has to thin.' },
    'nineteen-of-twenty': {
      name: 'enough that 19 of 20 have a plant, then thin',
      does: 'Blanks are planned for with this kind’s own numbers.',
    },
  },
  depth: {
    packet: { name: 'as the packet says', does: 'Made for open ground; deep for a small cup.' },
    widths: { name: 'two to three times the seed’s width', does: 'Works for most seeds that are not tiny.' },
    thickness: { name: 'as deep as the seed is thick', does: 'Early to see, quick to dry out.' },
    surface: { name: 'on the surface', does: 'For seeds that need light; must never dry.' },
  },
  firm: {
    press: { name: 'press gently', does: 'No air pockets: soil touches the seed on all sides.' },
    loose: { name: 'leave it loose', does: 'More air; it settles later, and ruler readings with it.' },
  },
  water: {
    'damp-before': { name: 'dampen the soil before filling', does: 'All containers start with the same water.' },
    'by-touch': { name: 'by touch', does: 'Each gets what it needs, so amounts differ and belong on record.' },
    'fixed-volume': { name: 'a fixed amount each', does: 'Fair in water, not in need: big plants may thirst.' },
    'by-weight': { name: 'by weight', does: 'The fairest, with a scale and some minutes more.' },
  },
  lightBefore: {
    'warm-covered': { name: 'warm and out of the sun, covered', does: 'Even warmth; move into light the day shoots show.' },
    'bright-window': { name: 'at the bright window from day one', does: 'One move less; sun can overheat a closed cover.' },
  },
  openBag: {
    never: { name: 'never, look through it', does: 'Damp stays and mould stays in.' },
    mist: { name: 'open to mist and count', does: 'Counts are surer; damp is lost and mould can spread.' },
  },
  report: {
    'container-mean': {
      name: 'the mean of each container',
      does: 'Every plant is kept; the container is what was treated, so it is what counts.',
    },
    tallest: { name: 'the tallest of each container', does: 'Easy for the young; hides the ones that failed.' },
  },
} satisfies Words;

/** A choice on which practitioners differ. */
export type ProtocolName = keyof typeof PROTOCOL_WORDS;
