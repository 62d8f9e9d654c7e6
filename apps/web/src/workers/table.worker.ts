import readWorkbook from 'read-excel-file/web-worker';
import { HeldTable } from './heldTable';
import { type TableQuestion } from './tableQuestion';
import { onceWorded } from '../words/wordsInWorker';

/** The table is held here, so that the page stays free however long it is. */
const held = new HeldTable(readWorkbook);

onmessage = onceWorded(async ({ data }: MessageEvent<TableQuestion>) => {
  const answer = await held.answer(data);
  if (answer) postMessage(answer);
});
