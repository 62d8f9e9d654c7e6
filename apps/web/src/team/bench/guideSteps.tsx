import { say } from '@bright-sprout/words/say';
import { spoken } from '@bright-sprout/words/spoken';
import { type BenchProtocol } from '@bright-sprout/core/bench/benchProtocol';
import { SEED_COUNTS } from '@bright-sprout/core/measures/builtIn/counts';
import { type RulerResolution } from '@bright-sprout/core/quantities/length';
import { type ReactNode } from 'react';
import { SeedOnPaper } from '../../drawing/SproutDrawing';

interface GuideStep {
  words: string;
  drawing: ReactNode;
}

/** A ruler whose blank end lies in the soil, with 0 at its line. */
const ruler = (x: number, zero: number) => (
  <>
    <rect x={x} y={12} width="22" height={zero + 2} fill="#F5F7FA" stroke="#2A1B2E" strokeWidth="1.5" />
    {Array.from({ length: 9 }, (_, i) => (
      <path key={i} d={`M${x + 22} ${zero - i * 10}h${i % 5 ? -6 : -11}`} stroke="#2A1B2E" strokeWidth="1.2" />
    ))}
    <text x={x + 3} y={zero + 4} className="guide-zero">
      0
    </text>
  </>
);

const soil = <path d="M4 104H146V122H4Z" fill="#6D5C63" stroke="#2A1B2E" strokeWidth="1.5" />;

const stem = (d: string) => <path d={d} fill="none" stroke="#5F9640" strokeWidth="5" strokeLinecap="round" />;

const arrow = (d: string) => <path d={d} fill="none" stroke="#2A1B2E" strokeWidth="2" strokeDasharray="5 3" />;

const ZERO: GuideStep = {
  get words() {
    return say('bench.rulerStandsSoilBlank');
  },
  drawing: (
    <>
      {soil}
      {ruler(40, 104)}
      {stem('M92 104V40')}
      <path d="M62 104h34" stroke="#B93A12" strokeWidth="3" />
    </>
  ),
};

const zeroOnPaper = () => say('bench.rulerStandsWhereStem');

const EYE: GuideStep = {
  get words() {
    return say('bench.bringEyeLevelTip');
  },
  drawing: (
    <>
      {soil}
      {ruler(30, 104)}
      {stem('M70 104V46')}
      {arrow('M50 46H118')}
      <path
        d="M112 46q14-12 28 0q-14 12-28 0zM126 42a4 4 0 1 0 .1 0z"
        fill="#fff"
        stroke="#2A1B2E"
        strokeWidth="1.8"
        fillRule="evenodd"
      />
    </>
  ),
};

const HEIGHT_STEP: Record<BenchProtocol['heightRule'], GuideStep> = {
  'growing-tip': {
    get words() {
      return say('bench.holdBentStemStraight');
    },
    drawing: (
      <>
        {soil}
        {ruler(26, 104)}
        {stem('M80 104Q84 66 116 58')}
        {stem('M66 104V40')}
        {arrow('M112 54Q92 34 72 36')}
        <circle cx="66" cy="40" r="7" fill="none" stroke="#B93A12" strokeWidth="2.5" />
      </>
    ),
  },
  'highest-point': {
    get words() {
      return say('bench.leavePlantStandsMeasure');
    },
    drawing: (
      <>
        {soil}
        {ruler(26, 104)}
        {stem('M80 104Q84 50 118 62')}
        {arrow('M46 56H120')}
        <circle cx="104" cy="57" r="7" fill="none" stroke="#B93A12" strokeWidth="2.5" />
      </>
    ),
  },
  'longest-leaf': {
    get words() {
      return say('bench.liftLongestBladeAlong');
    },
    drawing: (
      <>
        {soil}
        {ruler(40, 104)}
        {stem('M78 104Q80 60 122 70')}
        {stem('M74 104Q72 60 68 28')}
        {arrow('M116 64Q104 30 74 26')}
        <circle cx="68" cy="28" r="7" fill="none" stroke="#B93A12" strokeWidth="2.5" />
      </>
    ),
  },
};

const TALLER: GuideStep = {
  get words() {
    return say('bench.tallerRulerKeepFinger');
  },
  drawing: (
    <>
      <rect x="40" y="58" width="18" height="46" fill="#F5F7FA" stroke="#2A1B2E" strokeWidth="1.5" />
      <rect x="40" y="12" width="18" height="46" fill="#F5F7FA" stroke="#2A1B2E" strokeWidth="1.5" strokeDasharray="4 3" />
      {soil}
      {stem('M84 104V22')}
      <path d="M96 58h34M96 58l8-6M96 58l8 6" fill="none" stroke="#2A1B2E" strokeWidth="2.5" />
      <text x="102" y="92" className="guide-number">
        30 + 12
      </text>
    </>
  ),
};

const ROOTS: GuideStep = {
  get words() {
    return say('bench.openBagJarLay');
  },
  drawing: (
    <>
      <rect x="18" y="14" width="112" height="102" fill="#fff" stroke="#2A1B2E" strokeWidth="1.8" />
      <path d="M18 22H130" stroke="#2A1B2E" strokeWidth="3" />
      <ellipse cx="60" cy="42" rx="12" ry="8" fill="#F1E8D6" stroke="#2A1B2E" strokeWidth="1.8" />
      <path d="M60 50Q54 76 66 104" fill="none" stroke="#5F5266" strokeWidth="3" />
      {ruler(84, 50)}
    </>
  ),
};

const SPROUTED: Record<BenchProtocol['sprouted'], string> = spoken({
  'root-2mm': 'bench.seedCountsSoonRoot',
  shoot: 'bench.seedlingCountsSoonSee',
  'seed-leaves': 'bench.seedlingCountsSoonSeed',
});

/** A split coat, and a seed whose root is long enough to count. */
const ROOTED = (
  <>
    <g transform="translate(32 52) scale(1.5)">
      <SeedOnPaper radii={null} sprouted={false} />
      <path d="M-13-3l5 3l-5 3" fill="none" stroke="#2A1B2E" strokeWidth="1.4" />
    </g>
    <g transform="translate(114 52) scale(1.5)">
      <SeedOnPaper radii={null} sprouted />
    </g>
    <path d="M80 54v32M75 54h10M75 86h10" stroke="#B93A12" strokeWidth="2" fill="none" />
    <text x="108" y="28" className="guide-number">
      1
    </text>
  </>
);

const COUNT = (sprouted: BenchProtocol['sprouted']): GuideStep => ({
  words: SPROUTED[sprouted],
  drawing:
    sprouted === 'root-2mm' ? (
      ROOTED
    ) : (
      <>
        {soil}
        {stem('M40 104V84')}
        {stem('M76 104V70')}
        <path d="M104 104q6-9 12 0z" fill="#6D5C63" stroke="#2A1B2E" strokeWidth="1.5" />
        <text x="34" y="70" className="guide-number">
          1
        </text>
        <text x="70" y="56" className="guide-number">
          2
        </text>
      </>
    ),
});

/** The steps that a protocol needs, in the order in which they are done. */
export function guideSteps({ measures, heightRule, sprouted, care, byTreatment }: BenchProtocol): GuideStep[] {
  const zero = care.paper ? { ...ZERO, words: zeroOnPaper() } : ZERO;
  const own = Object.values(byTreatment ?? {}).flatMap((t) => t.heightRule ?? []);
  const heightSteps = [...new Set([heightRule, ...own])].map((rule) => HEIGHT_STEP[rule]);
  return [
    ...(SEED_COUNTS.some((code) => measures.includes(code)) ? [COUNT(sprouted)] : []),
    ...(measures.includes('height') ? [zero, ...heightSteps, EYE, TALLER] : []),
    ...(measures.includes('root-length') ? [ROOTS] : []),
  ];
}

export const RESOLUTION_STEP: Record<RulerResolution, string> = spoken({
  cm: 'bench.readWholeCentimetresNearest',
  'half-cm': 'bench.readHalfCentimetre',
  mm: 'bench.readEveryMillimetreSmallest',
  'quarter-in': 'bench.readQuarterInch',
});
