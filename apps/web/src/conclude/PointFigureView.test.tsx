import { type InvestigationRecords } from '@bright-sprout/contracts/answers/investigations';
import { type PointFigure } from '@bright-sprout/core/conclude/points/point';
import { measureOf } from '@bright-sprout/core/measures/registry';
import { render } from '@testing-library/react';
import { PointFigureView } from './PointFigureView';

const container = (id: string, treatment: string, teamId: string) => ({
  id,
  code: id,
  treatment,
  teamId,
  block: teamId,
  position: 0,
  seedsSown: 1,
  sownOn: '2026-03-03',
  childNumber: null,
});

const RECORDS = {
  investigation: {
    sownOn: '2026-03-03',
    resolution: 'mm',
    containerName: 'cup',
    habit: 'grass',
    treatments: [
      { code: 'A', label: 'no salt', habit: 'grass' },
      { code: 'B', label: 'salt', habit: 'broad' },
    ],
    teams: [
      { id: 'Kites', emblem: 'kite', nickname: 'Kites' },
      { id: 'Bells', emblem: 'bell', nickname: 'Bells' },
    ],
    containers: [container('A1', 'A', 'Kites'), container('A2', 'A', 'Bells'), container('B1', 'B', 'Kites')],
  },
  readings: [],
  photos: [],
} as unknown as InvestigationRecords;

const FIGURES: { figure: PointFigure; says: RegExp; silent?: RegExp }[] = [
  {
    figure: {
      kind: 'plants',
      day: '2026-03-20',
      plants: [
        { containerId: 'A1', value: 40, marked: true },
        { containerId: 'A2', value: 80, marked: false },
        { containerId: 'B1', value: null, marked: false },
      ],
      band: { low: 80, high: 90 },
    },
    says: /its twins.*A1.*4\.0.*A2.*8\.0.*B1.*–/,
  },
  {
    figure: {
      kind: 'lines',
      lines: [
        {
          key: 'A',
          points: [
            { day: '2026-03-09', value: 10 },
            { day: '2026-03-12', value: 40 },
          ],
        },
      ],
      stretch: { from: '2026-03-09', to: '2026-03-12', off: true },
      cross: '2026-03-12',
    },
    says: /cm.*6.*9.*day/,
  },
  { figure: { kind: 'struck', containerId: 'A1', was: 254, now: 100 }, says: /25\.4.*10\.0/ },
  {
    // A team far off is a question about rulers: nobody is named.
    figure: {
      kind: 'spans',
      spans: [{ label: 'Kites', key: '', low: 3, at: 8, high: 12, marked: true }],
      zero: true,
      band: null,
    },
    says: /a team/,
    silent: /Kites/,
  },
  { figure: { kind: 'counts', rows: [{ key: 'B', label: 'salt', out: 2, of: 7 }] }, says: /salt.*2 of 7/ },
  { figure: { kind: 'pegs', rows: [{ label: 'Bells', said: 200, came: 120, marked: true }] }, says: /cm/ },
  { figure: { kind: 'tray', cells: [{ containerId: 'A2', x: 0, row: 1, left: -3 }] }, says: /window.*A2/ },
];

test.each(FIGURES)(
  '$figure.kind is drawn large with its words, and small without them; every number in it is one',
  ({ figure, says, silent }) => {
    const draw = (small: boolean) =>
      render(
        <PointFigureView
          figure={figure}
          records={RECORDS}
          measure={measureOf('height')!}
          width={small ? 112 : 600}
          height={small ? 66 : 340}
          small={small}
        />,
      ).container;
    const large = draw(false);
    const words = [...large.querySelectorAll('text')].map((t) => t.textContent).join(' ');
    expect(words).toMatch(says);
    if (silent) expect(words).not.toMatch(silent);
    const small = draw(true);
    expect(small.querySelectorAll('path, rect').length).toBeGreaterThan(1);
    for (const drawn of [large, small]) expect(drawn.innerHTML).not.toMatch(/NaN|Infinity|undefined/);
  },
);
