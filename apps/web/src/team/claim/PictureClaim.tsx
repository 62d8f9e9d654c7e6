import { say } from '@bright-sprout/words/say';
import { partsText } from '@bright-sprout/core/conclude/claim/claimEntries';
import {
  type ClaimParts,
  claimText,
  type ClaimVocabulary,
  type Verb,
  verbWords,
} from '@bright-sprout/core/conclude/claim/claimParts';
import { PlantDrawing } from '../../drawing/PlantDrawing';
import { SOIL } from '../../compare/figures/figureKit';
import { MarkShape } from '../../marks/TreatmentMark';

/** Heights of the two plants on each button, mm: this one, and the one beside it. */
const PICTURES: { verb: Verb | 'cannot'; heights: [number, number] }[] = [
  { verb: 'less', heights: [26, 58] },
  { verb: 'more', heights: [58, 26] },
  { verb: 'alike', heights: [44, 44] },
  { verb: 'cannot', heights: [0, 0] },
];

/** The claim for those who do not read yet: tapped in pictures, and read aloud below. */
export function PictureClaim({
  parts,
  vocabulary,
  onChange,
}: {
  parts: ClaimParts;
  vocabulary: ClaimVocabulary;
  onChange: (text: string) => void;
}) {
  const { groups, subject } = vocabulary;
  const change = (part: Partial<ClaimParts>) => onChange(partsText({ ...parts, ...part }));
  const control = groups.find((g) => g.treatment.control)?.key ?? groups[0]?.key ?? '';
  const others = (key: string) => groups.find((g) => g.key !== key && g.key !== control)?.key ?? '';
  const group = (key: string, role: 'of' | 'against') => (
    <div
      className="claim-pictures"
      role="group"
      aria-label={role === 'of' ? say('teamClaim.thesePlants') : say('teamClaim.besidePlants')}
    >
      {groups
        .filter((g) => role === 'of' || g.key !== parts.of)
        .map((g) => (
          <button
            key={g.key}
            type="button"
            className="btn"
            aria-pressed={key === g.key}
            onClick={() =>
              role === 'of'
                ? change({
                    of: g.key,
                    against:
                      parts.against !== '' && parts.against !== g.key
                        ? parts.against
                        : g.key === control
                          ? others(g.key)
                          : control,
                  })
                : change({ against: g.key })
            }
          >
            <svg width="44" height="44" viewBox="-22 -22 44 44" aria-hidden="true">
              <MarkShape code={g.treatment.code} size={40} onDark={key === g.key} />
            </svg>
            {g.label}
          </button>
        ))}
    </div>
  );
  const sentence = claimText(parts, vocabulary);
  return (
    <>
      <p className="mb-1">{say('teamClaim.whichPlantsAsked')}</p>
      {group(parts.of, 'of')}
      {parts.of !== '' && (
        <>
          <p className="mb-1">{say('teamClaim.whatDidTheyDo')}</p>
          <div className="claim-pictures" role="group" aria-label={say('teamClaim.whatTheyDid')}>
            {PICTURES.map(({ verb, heights }) => {
              const chosen = verb === 'cannot' ? parts.lead === 'cannot' : parts.lead !== 'cannot' && parts.verb === verb;
              return (
                <VerbPicture
                  key={verb}
                  verb={verb}
                  heights={heights}
                  chosen={chosen}
                  words={
                    verb === 'cannot'
                      ? say('teamClaim.cannotTell')
                      : verb === 'alike'
                        ? say('teamClaim.theSame')
                        : verbWords(verb, subject)
                  }
                  onChoose={() =>
                    change(verb === 'cannot' ? { lead: 'cannot', verb: parts.verb || 'less' } : { lead: 'saw', verb })
                  }
                />
              );
            })}
          </div>
          <p className="mb-1">{say('teamClaim.besideWhichPlants')}</p>
          {group(parts.against, 'against')}
        </>
      )}
      {sentence !== '' && (
        <p className="claim-sentence" role="status">
          {sentence}
        </p>
      )}
    </>
  );
}

/** Two plants beside each other, as one says that they stood. */
function VerbPicture({
  verb,
  heights,
  chosen,
  words,
  onChoose,
}: (typeof PICTURES)[number] & { chosen: boolean; words: string; onChoose: () => void }) {
  return (
    <button type="button" className="btn" aria-pressed={chosen} onClick={onChoose}>
      <svg width="84" height="70" viewBox="0 0 84 70" aria-hidden="true">
        {verb === 'cannot' ? (
          <text x="42" y="56" textAnchor="middle" fontSize="58" fontWeight="800" fill="currentColor">
            ?
          </text>
        ) : (
          heights.map((h, i) => (
            <g key={i} transform={`translate(${24 + 36 * i} 64)`}>
              <PlantDrawing habit="grass" heightMm={h} leaves={null} face={`${i}`} scale={1} />
            </g>
          ))
        )}
        {verb !== 'cannot' && <rect y="64" width="84" height="5" fill={SOIL} />}
      </svg>
      {words}
    </button>
  );
}
