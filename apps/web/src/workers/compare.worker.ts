import { causesOf } from '@bright-sprout/core/compare/causes/causes';
import { type GroupedRecords } from '@bright-sprout/core/compare/groups';
import { dealingOf, type Sureness } from '@bright-sprout/core/compare/sureness';
import { measureOf } from '@bright-sprout/core/measures/registry';
import { type Result } from '@bright-sprout/core/result/result';
import { type AnswerMessage, type CompareMessage, type QuestionMessage } from './compareQuestion';
import { onceWorded } from '../words/wordsInWorker';

/** So long it works before it listens again, ms; and so often it says how far it is. */
const SLICE_MS = 12;
const SAY_MS = 120;

const known = new Map<number, GroupedRecords>();
let newest = 0;

const breathe = () =>
  new Promise<void>((go) => {
    const { port1, port2 } = new MessageChannel();
    port1.onmessage = () => go();
    port2.postMessage(null);
  });

const say = (message: AnswerMessage) => postMessage(message);

onmessage = onceWorded(({ data }: MessageEvent<CompareMessage>) => {
  if (data.kind === 'records') {
    known.clear();
    known.set(data.key, data.records);
    return;
  }
  newest = data.number;
  void answer(data);
});

/** Deals in slices, so that a newer question is heard and this one given up. */
async function answer({ number, records: key, groups, question, own, facts }: QuestionMessage): Promise<void> {
  const records = known.get(key);
  const measure = measureOf(question.measure, own) ?? measureOf('height')!;
  if (!records) return;
  const begun = performance.now();
  let said = begun;
  const begunDealing = dealingOf(groups, question, facts.design);
  let sureness: Result<Sureness>;
  if (begunDealing.ok) {
    const { dealing, finish } = begunDealing;
    let dealt = 0;
    for (let more = true; more;) {
      const until = performance.now() + SLICE_MS;
      while (more && performance.now() < until) {
        for (let i = 0; i < 50 && more; i++) {
          more = dealing.next();
          dealt++;
        }
      }
      await breathe();
      if (newest !== number) return;
      if (performance.now() - said > SAY_MS) {
        said = performance.now();
        say({ number, share: Math.min(1, dealt / dealing.total) });
      }
    }
    sureness = { ok: true, ...finish() };
  } else sureness = begunDealing;
  const causes = causesOf({ ...facts, groups, records, question, measure, sureness });
  if (newest === number) say({ number, answer: { sureness, causes }, milliseconds: performance.now() - begun });
}
