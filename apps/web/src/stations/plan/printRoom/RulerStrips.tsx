import { say } from '@bright-sprout/words/say';
import { PAPERS } from '@bright-sprout/core/paper/labelGrid';
import { type RulerResolution } from '@bright-sprout/core/quantities/length';
import { MARGIN, mm, type Paper, PER_MM } from '../../../print/paper';
import { type Printable } from './printable';

interface Scale {
  units: number;
  unitMm: number;
  words: string;
  /** Parts that one unit is divided into, and the length of the tick at each of them, mm. */
  parts: number;
  tick: (part: number) => number;
}

const CENTIMETRES: Scale = {
  units: 20,
  unitMm: 10,
  words: 'cm',
  parts: 10,
  tick: (part) => (part === 0 ? 9 : part === 5 ? 6.5 : 4),
};
const INCHES: Scale = {
  units: 8,
  unitMm: 25.4,
  get words() {
    return say('printRoom.inches');
  },
  parts: 8,
  tick: (part) => (part === 0 ? 9 : part === 4 ? 7 : part % 2 === 0 ? 5.5 : 3.5),
};

const WIDE_MM = 24;

/** Strips to cut out that stand in a pot, in the class's unit; true to size where the paper is printed as it is. */
export function rulerPages(resolution: RulerResolution, paper: Paper): Printable['pages'] {
  const scale = resolution === 'quarter-in' ? INCHES : CENTIMETRES;
  const name = `${scale.units} ${scale.words}`;
  const long = scale.units * scale.unitMm;
  const top = mm((PAPERS[paper.name].height - long) / 2);
  const ticks = Array.from({ length: scale.units * scale.parts + 1 }, (_, i) => {
    const at = mm(long - (i / scale.parts) * scale.unitMm);
    return `M0 ${at}h${mm(scale.tick(i % scale.parts))}`;
  });
  return [
    {
      label: say('printRoom.threeRulerStrips', { name }),
      content: (
        <>
          <text x={mm(MARGIN)} y={mm(MARGIN + 4)} fontSize="20" className="paper-heading">
            {say('printRoom.rulerStrips', { name })}
          </text>
          <text x={mm(MARGIN)} y={mm(MARGIN + 10)} fontSize="15">
            {say('printRoom.printFittedPageHold')}
          </text>
          {[0, 1, 2].map((k) => (
            <g key={k} transform={`translate(${mm(28 + k * 55)} ${top})`}>
              <rect
                width={mm(WIDE_MM)}
                height={mm(long)}
                fill="none"
                stroke="#2A1B2E"
                strokeWidth="1.4"
                className="ruler-strip"
              />
              <path d={ticks.join('')} stroke="#2A1B2E" strokeWidth={PER_MM * 0.2} />
              {Array.from({ length: scale.units }, (_, i) => i + 1).map((n) => (
                <text
                  key={n}
                  x={mm(16.5)}
                  y={mm(long - n * scale.unitMm) + (n === scale.units ? 22 : 8)}
                  textAnchor="middle"
                  fontSize="22"
                  className="paper-heading"
                >
                  {n}
                </text>
              ))}
              <text x={mm(12)} y={mm(long) + 22} textAnchor="middle" fontSize="14" className="paper-second">
                {say('printRoom.soilLine')}
              </text>
            </g>
          ))}
        </>
      ),
    },
  ];
}
