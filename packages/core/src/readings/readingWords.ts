import { formatLength, type RulerResolution } from '../quantities/length';
import { type OwnMeasure, STAGE_WORDS, VIGOUR_WORDS } from '../bench/benchProtocol';
import { LOST_WORDS, type Reading } from './reading';

/** A reading in words: `14.2 cm, 3 leaves, pale or limp`; what was not asked is left out. */
export function readingWords(reading: Reading, resolution: RulerResolution, own: readonly OwnMeasure[] = []): string {
  const { state, valueMm, leaves, more } = reading;
  switch (state) {
    case 'lost':
      return LOST_WORDS[reading.lostReason ?? 'other'];
    case 'not-up':
      return 'not up yet';
    case 'not-checked':
      return 'could not check';
    case 'thinned':
      return 'thinned out';
    case 'moved':
      return 'moved elsewhere';
    case 'measured':
      return [
        valueMm === null ? null : formatLength(valueMm, resolution),
        more?.countUp === undefined ? null : `${more.countUp} up`,
        leaves === null ? null : `${leaves} ${leaves === 1 ? 'leaf' : 'leaves'}`,
        more?.stage ? STAGE_WORDS[more.stage] : null,
        more?.vigour ? VIGOUR_WORDS[more.vigour] : null,
        more?.rootMm === undefined ? null : `root ${more.rootMm} mm`,
        ...own.map((m) => (more?.own?.[m.id] === undefined ? null : `${m.name} ${more.own[m.id]}${m.unit && ` ${m.unit}`}`)),
      ]
        .filter((part) => part !== null)
        .join(', ');
  }
}
