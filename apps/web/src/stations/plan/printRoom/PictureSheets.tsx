import { say } from '@bright-sprout/words/say';
import { type InvestigationView } from '@bright-sprout/contracts/answers/investigations';
import { choicesOf, type Measure } from '@bright-sprout/core/measures/measure';
import { RESOLUTION_UNIT } from '@bright-sprout/core/quantities/length';
import { type LogRow } from '@bright-sprout/core/readings/logRows';
import { speciesById } from '@bright-sprout/core/seeds/catalogue';
import { type ReactNode } from 'react';
import { CHOICE, choiceShape } from '../../../drawing/ChoiceDrawing';
import { PlantDrawing } from '../../../drawing/PlantDrawing';
import { seedRadii } from '../../../drawing/seed';
import { PlaceInSoil, SeedOnPaper } from '../../../drawing/SproutDrawing';
import { MarkShape } from '../../../marks/TreatmentMark';
import { habitOf } from '../../../records/habitOf';
import { MARGIN, mm, type Paper } from '../../../print/paper';
import { wrapText } from '../../../print/wrapText';
import { type DayOfSheet } from './dayOfSheet';

const ROW = mm(23);
const NAME = mm(34);
const HEAD = mm(13);

interface Answer {
  measure: Measure;
  row: LogRow;
  investigation: InvestigationView;
  width: number;
}

/** For those who do not write yet: a band of pictures to tick for every measure, and a box where a number is written. */
export function pictureBlocks(
  { records: { investigation }, rows, heading }: DayOfSheet,
  measures: readonly Measure[],
  paper: Paper,
): { height: number; node: ReactNode }[] {
  const width = paper.width - 2 * mm(MARGIN);
  return measures.map((measure) => {
    // What is of the container is asked once, at its first plant.
    const asked = rows.filter((r) => measure.of === 'plant' || r.plant === '1');
    return {
      height: HEAD + ROW * asked.length + mm(6),
      node: (
        <>
          <text y="24" fontSize="24" className="paper-heading">
            {heading}
          </text>
          <text x={width} y="24" textAnchor="end" fontSize="22">
            {measure.question('early', {
              habit: habitOf(investigation, asked[0] ?? rows[0]!),
              sprouted: investigation.bench.sprouted,
            })}
          </text>
          <path d={`M0 ${HEAD - 8}H${width}`} stroke="#2A1B2E" strokeWidth="2" />
          {asked.map((row, r) => (
            <g key={row.name} transform={`translate(0 ${HEAD + ROW * r})`}>
              <g transform={`translate(24 ${ROW / 2})`}>
                <MarkShape code={row.treatment} size={30} />
              </g>
              <text x="50" y={ROW / 2 + 14} fontSize={row.name.length > 4 ? 26 : 40} className="paper-heading">
                {row.name}
              </text>
              <g transform={`translate(${NAME} 0)`}>
                <Answers measure={measure} row={row} investigation={investigation} width={width - NAME} />
              </g>
              <path d={`M0 ${ROW}H${width}`} stroke="#C9C5D1" strokeWidth="1.4" />
            </g>
          ))}
        </>
      ),
    };
  });
}

function Answers(props: Answer) {
  const { measure } = props;
  if (measure.choices.length > 0) return <Choices {...props} />;
  if (measure.code === 'height') return <Heights {...props} />;
  if (measure.quantity === 'count-of') return <Seeds {...props} />;
  const unit = measure.quantity === 'count' ? '' : (measure.shownIn[0] ?? measure.unit);
  return (
    <>
      <NotUp {...props} x={0} />
      <NumberBox x={props.width * 0.25} width={props.width * 0.32} unit={unit} />
    </>
  );
}

/** A box to tick beside a picture. */
const Tick = ({ x }: { x: number }) => (
  <rect x={x} y={ROW / 2 - 14} width="28" height="28" fill="#FFFFFF" stroke="#2A1B2E" strokeWidth="2" />
);

function NumberBox({ x, width, unit }: { x: number; width: number; unit: string }) {
  return (
    <>
      <rect x={x} y="20" width={width} height={ROW - 40} fill="none" stroke="#2A1B2E" strokeWidth="2" />
      {unit && (
        <text x={x + width + 8} y={ROW / 2 + 8} fontSize="20">
          {unit}
        </text>
      )}
    </>
  );
}

/** Nothing to be seen yet: the closed hole in soil, the seed as it was laid on paper. */
function NotUp({ investigation, row, x }: Answer & { x: number }) {
  return (
    <>
      <g transform={`translate(${x + 34} ${ROW / 2})`}>
        <SeedPlace investigation={investigation} row={row} up={false} />
      </g>
      <Tick x={x + 72} />
    </>
  );
}

function SeedPlace({ investigation, row, up }: Pick<Answer, 'investigation' | 'row'> & { up: boolean }) {
  const treatment = investigation.treatments.find((t) => t.code === row.treatment);
  const species = speciesById(treatment?.speciesId ?? investigation.speciesId);
  return investigation.bench.care.paper ? (
    <SeedOnPaper radii={species ? seedRadii(species) : null} sprouted={up} />
  ) : (
    <PlaceInSoil grass={habitOf(investigation, row) === 'grass'} up={up} />
  );
}

const DRAWN_MM = [8, 30, 70];

/** Not up, small, larger, tall; and how tall in whole units. */
function Heights(props: Answer) {
  const { investigation, row, width } = props;
  const { paper } = investigation.bench.care;
  const cell = width / 5;
  return (
    <>
      <NotUp {...props} x={0} />
      {DRAWN_MM.map((h, i) => (
        <g key={h} transform={`translate(${cell * (i + 1)} 0)`}>
          <g transform={`translate(34 ${ROW - 16})`}>
            {/* In a bag or a jar there is no soil to stand in. */}
            {!paper && <path d="M-30 0H30" stroke="#6D5C63" strokeWidth="5" />}
            <PlantDrawing
              habit={habitOf(investigation, row)}
              heightMm={h}
              leaves={null}
              face={row.name}
              scale={h > 40 ? 1.05 : h > 10 ? 1.7 : 3}
            />
          </g>
          <Tick x={72} />
        </g>
      ))}
      <NumberBox x={cell * 4 + 6} width={cell - 52} unit={RESOLUTION_UNIT[investigation.resolution]} />
    </>
  );
}

/** Room in which it is ticked that none is up: a line left empty says that nobody looked. */
const NONE = mm(31);

/** So many seeds are drawn one by one; more are counted. */
const MOST_DRAWN = 12;

function Seeds(props: Answer) {
  const { investigation, row, width } = props;
  const sown = investigation.containers.find((c) => c.id === row.containerId)?.seedsSown ?? 1;
  if (sown > MOST_DRAWN)
    return (
      <>
        <NotUp {...props} x={0} />
        <g transform={`translate(${NONE + 34} ${ROW / 2})`}>
          <SeedPlace investigation={investigation} row={row} up />
        </g>
        <NumberBox x={NONE + 76} width={width * 0.25} unit={say('printRoom.ofSown', { sown })} />
      </>
    );
  const across = sown > 6 ? Math.ceil(sown / 2) : sown;
  const [cell, down] = [Math.min(88, (width - NONE) / across), Math.ceil(sown / across)];
  const seeds = Array.from({ length: sown }, (_, i) => (
    <g
      key={i}
      transform={`translate(${NONE + cell * (i % across)} ${(ROW / down) * Math.floor(i / across) + ROW / down / 2}) scale(${down > 1 ? 0.7 : 1})`}
    >
      <g transform="translate(30 0)">
        <SeedPlace investigation={investigation} row={row} up />
      </g>
      <rect x="60" y="-13" width="26" height="26" fill="#FFFFFF" stroke="#2A1B2E" strokeWidth="2" />
    </g>
  ));
  return (
    <>
      <NotUp {...props} x={0} />
      <path d={`M${NONE - 12} 12V${ROW - 12}`} stroke="#C9C5D1" strokeWidth="1.4" />
      {seeds}
    </>
  );
}

/** Each choice as it is drawn at the bench, with its words. */
function Choices({ measure, investigation, row, width }: Answer) {
  const choices = choicesOf(measure, habitOf(investigation, row));
  const across = Math.min(5, choices.length);
  const down = Math.ceil(choices.length / across);
  const [wide, high] = [width / across, ROW / down];
  return choices.map(({ code, words }, i) => {
    const shape = choiceShape(measure, code);
    const room = shape ? CHOICE.width + 34 : 34;
    const lines = wrapText(words, wide - room - 6, { size: 15, heading: false }).slice(0, 2);
    return (
      <g key={code} transform={`translate(${wide * (i % across)} ${high * Math.floor(i / across) + high / 2})`}>
        <rect y="-12" width="24" height="24" fill="#FFFFFF" stroke="#2A1B2E" strokeWidth="2" />
        {shape && (
          <g color="#2A1B2E" transform={`translate(30 ${-CHOICE.height / 2})`}>
            {shape}
          </g>
        )}
        {lines.map((line, k) => (
          <text key={k} x={room} y={5 + 17 * (k - (lines.length - 1) / 2)} fontSize="15">
            {line}
          </text>
        ))}
      </g>
    );
  });
}
