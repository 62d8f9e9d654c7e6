import readWorkbook from 'read-excel-file/node';
import { HeldTable } from '../src/workers/heldTable';
import { type TableAnswer, type TableQuestion } from '../src/workers/tableQuestion';

/** jsdom has no workers: the table is held on the spot. */
export function tableWorker() {
  const held = new HeldTable((bytes) => readWorkbook(Buffer.from(bytes)));
  const worker = {
    onmessage: (_: { data: TableAnswer }) => {},
    onerror: () => {},
    postMessage: (question: TableQuestion) =>
      void held.answer(question).then((answer) => answer && worker.onmessage({ data: answer })),
    terminate: () => {},
  };
  return worker;
}
