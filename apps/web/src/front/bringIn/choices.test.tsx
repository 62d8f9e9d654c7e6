import { guessReading } from '@bright-sprout/core/formats/table/guessReading';
import { type TableReading } from '@bright-sprout/core/formats/table/columnMeaning';
import { headChoices, withMeaning } from '@bright-sprout/core/formats/table/headChoices';
import { readCsvSheet } from '@bright-sprout/core/formats/table/readCsvSheet';
import { readTable } from '@bright-sprout/core/formats/table/readTable';
import { headsKey, type Sheet } from '@bright-sprout/core/formats/table/sheet';
import { tableOutlook } from '@bright-sprout/core/formats/table/tableOutlook';
import fc from 'fast-check';
import { renderToStaticMarkup } from 'react-dom/server';
import { HeadTable } from './HeadTable';
import { BecomesSentence } from './BecomesSentence';
import { TableStrip } from './TableStrip';

/** Columns as they stand in tables of classes: a head, and what its cells hold. */
const columns = fc.constantFrom(
  ['pot', 'A1 A2 B1 B2 C1'],
  ['treatment', 'salt salt none none none'],
  ['Salt in g/L', '0 2 4 0 2'],
  ['team', 'Kites Bells Kites Bells Kites'],
  ['date', '3/9/26 3/10/26 3/9/26 3/11/26 3/9/26'],
  ['day', '3 3 5 5 8'],
  ['height (mm)', '12 14 9 20.5 0'],
  ['height', '1,2 cm|4.5 cm|0.5 in|died|-'],
  ['leaves', '2 3 2 4 1'],
  ['stems', '4 5 2 7 9'],
  ['mood', 'fine poor fine fine odd'],
  ['sprouted', '3 5 5 4 2'],
  ['of', '5 5 5 5 5'],
  ['lean', '0.5 12.25 8 -3 9'],
  ['note', 'dry|eaten by a snail|x|||'],
  ['Day 3', '1.1 1.2 0.4 0.9 1.0'],
  ['Day 8', '3.1 4.2 2.4 1.9 2.0'],
  ['', 'x y z x y'],
);

const tables = fc.array(columns, { minLength: 2, maxLength: 7 }).map((chosen) => {
  const cells = chosen.map(([, text]) => text!.split(text!.includes('|') ? '|' : ' '));
  const rows = [0, 1, 2, 3, 4].map((i) => cells.map((c) => c[i] ?? '').join(';'));
  return [chosen.map(([head]) => head).join(';'), ...rows].join('\n');
});

/** Which column, and which of its meanings. */
const choices = fc.array(fc.tuple(fc.nat(), fc.nat()), { minLength: 1, maxLength: 5 });

function draw(sheet: Sheet, reading: TableReading, read: TableReading) {
  const outlook = tableOutlook(sheet, read, readTable(sheet, read));
  const { headings, rows } = sheet;
  const opened = {
    name: 't',
    title: '',
    headings,
    rows: rows.length,
    headsKey: headsKey(headings),
    sheets: [],
    sheet: null,
    reading,
  };
  const page = renderToStaticMarkup(
    <>
      <BecomesSentence outlook={outlook} reading={reading} onChange={() => {}} speciesId="barley" onSpecies={() => {}} />
      {outlook.strip && <TableStrip strip={outlook.strip} own={outlook.own} />}
      <HeadTable
        opened={opened}
        outlook={outlook}
        reading={reading}
        chosen={new Set()}
        remembered={false}
        choicesOf={() => Promise.resolve([])}
        onReading={() => {}}
        onMend={() => {}}
      />
    </>,
  );
  expect(page).not.toMatch(/undefined|NaN|Infinity/);
}

test('whatever is chosen for whichever column, the page is drawn: while the table is read anew, and after', () => {
  fc.assert(
    fc.property(tables, choices, (text, chosen) => {
      const read = readCsvSheet(text);
      if (!read.ok) return;
      const { sheet } = read;
      let reading = guessReading(sheet, '2026-03-19');
      draw(sheet, reading, reading);
      for (const [column, choice] of chosen) {
        const at = column % sheet.headings.length;
        const offered = headChoices(sheet, reading, at);
        if (offered.length === 0) continue;
        const next = withMeaning(reading, at, offered[choice % offered.length]!);
        draw(sheet, next, reading);
        draw(sheet, next, next);
        reading = next;
      }
    }),
    { numRuns: 60, seed: 20260319 },
  );
});
