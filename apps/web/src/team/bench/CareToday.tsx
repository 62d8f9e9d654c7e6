import { say } from '@bright-sprout/words/say';
import { type InvestigationView } from '@bright-sprout/contracts/answers/investigations';
import { type IsoDay } from '@bright-sprout/core/calendar/days';
import { type CareTask, careTasksOn } from '@bright-sprout/core/care/careTasks';
import { useState } from 'react';
import { type Entering, useTeamEntering } from '../../entry/useEntering';

/** What this team does for its plants today; what is left out is told, and nobody is scolded. */
export function CareToday({ investigation, teamId, day }: { investigation: InvestigationView; teamId: string; day: IsoDay }) {
  const entering = useTeamEntering(investigation, teamId);
  const tasks = careTasksOn(day, investigation.schedule, investigation.bench.care);
  if (tasks.length === 0) return null;
  return (
    <section className="bench-care" aria-label={say('bench.plantsNeedToday')}>
      <h2>{say('bench.plantsNeedToday')}</h2>
      {tasks.map((task) => (
        <Task key={task.id} task={task} entering={entering} day={day} container={investigation.containerName} />
      ))}
    </section>
  );
}

function Task({ task, entering, day, container }: { task: CareTask; entering: Entering; day: IsoDay; container: string }) {
  const [amount, setAmount] = useState(task.amountMl === null ? '' : String(task.amountMl));
  const done = entering.care.find((c) => c.day === day && c.kind === task.kind && c.task === task.id);
  const ml = Number(amount.replace(',', '.'));
  const wrong = task.amountMl !== null && !(ml >= 0 && ml <= 5000);
  const save = (skipped: boolean) =>
    entering.saveCare({
      kind: task.kind,
      task: task.id,
      ...(skipped ? { skipped } : task.amountMl === null ? {} : { amountMl: ml }),
    });
  return (
    <div className={`bench-task${done ? ' done' : ''}`}>
      <p>
        <b>{task.title}</b> {task.note}
      </p>
      {done ? (
        <p className="bench-task-done" role="status">
          {done.skipped
            ? say('bench.leftToday')
            : done.amountMl === null
              ? say('bench.doneAll')
              : say('bench.doneMl', { amountMl: done.amountMl })}{' '}
          {done.teamId === null ? (
            say('bench.yourTeacherDidIt')
          ) : (
            <button type="button" className="btn btn-plain" onClick={() => entering.takeBackCare(done.id)}>
              {say('common.takeBackLower')}
            </button>
          )}
        </p>
      ) : (
        <div className="bench-task-ways">
          {task.amountMl !== null && (
            <label>
              {say('bench.mlForEach', { container })}{' '}
              <input inputMode="decimal" value={amount} maxLength={6} onChange={(e) => setAmount(e.target.value)} />
            </label>
          )}
          <button type="button" className="btn" disabled={wrong} onClick={() => save(false)}>
            {say('bench.doneWith', { title: task.title })}
          </button>
          <button type="button" className="btn btn-plain" onClick={() => save(true)}>
            {say('bench.notToday')}
          </button>
        </div>
      )}
    </div>
  );
}
