import { listInWords } from '@bright-sprout/core/words/listInWords';
import { say } from '@bright-sprout/words/say';
import { Say } from '../words/Say';
import { type KeepingView, type WhatGoes } from '@bright-sprout/contracts/answers/keeping';
import { type GoingKind } from '@bright-sprout/contracts/keeping';
import { formatDay } from '@bright-sprout/core/calendar/days';
import { useQuery } from '@tanstack/react-query';
import { type ReactNode, useState } from 'react';
import { Link } from 'react-router';
import { request } from '../api/client';
import { useWrite } from '../api/queries';
import { ProblemNotice, Waiting } from '../page/Notices';
import './deleteThis.scss';

/** Deleting something: first what would go and until when it can be taken back, then the step itself. */
export function DeleteThis({
  kind,
  id,
  words,
  before,
  onGone,
}: {
  kind: GoingKind;
  id: string;
  /** On the button: `Delete this class`. */
  words: string;
  /** What to do first, where there is something. */
  before?: ReactNode;
  onGone: () => void;
}) {
  const [open, setOpen] = useState(false);
  const remove = useWrite(
    () => request<KeepingView>('PUT', `/keeping/${kind}/${id}`, {}),
    'classes',
    'investigations',
    'keeping',
    'plans',
  );
  if (!open)
    return (
      <button type="button" className="btn btn-plain" onClick={() => setOpen(true)}>
        {words}
      </button>
    );
  return (
    <section className="delete-this" aria-label={words}>
      <WhatWouldGo kind={kind} id={id} />
      {before}
      {remove.error && <ProblemNotice error={remove.error} />}
      <p className="delete-this-steps">
        <button
          type="button"
          className="btn btn-trouble"
          disabled={remove.isPending}
          onClick={() => remove.mutate(undefined, { onSuccess: onGone })}
        >
          {words}
        </button>
        <button type="button" className="btn" onClick={() => setOpen(false)}>
          {say('common.leaveIt')}
        </button>
      </p>
    </section>
  );
}

function WhatWouldGo({ kind, id }: { kind: GoingKind; id: string }) {
  const { data, error } = useQuery({
    queryKey: ['keeping', kind, id],
    queryFn: () => request<WhatGoes>('GET', `/keeping/${kind}/${id}`),
    staleTime: 0,
  });
  if (error) return <ProblemNotice error={error} />;
  if (!data) return <Waiting>{say('keeping.countingGo')}</Waiting>;
  const parts = [
    kind === 'class' || kind === 'everything' ? say('keeping.goInvestigations', { n: data.investigations }) : '',
    say('keeping.goLooks', { n: data.looks }),
    say('keeping.goContainers', { n: data.containers }),
    say('keeping.goPictures', { n: data.pictures }),
    say('keeping.goClaims', { n: data.claims }),
    say('keeping.goWaiting', { n: data.waiting }),
    say('keeping.goPlans', { n: data.plans }),
    say('keeping.goTeams', { n: data.teams }),
    ...(kind === 'everything' ? [say('keeping.seedShelf'), say('keeping.yourAccount')] : []),
  ].filter((part) => part !== '');
  return (
    <>
      <p>
        <b>{say('keeping.thisGoes')}</b> {parts.length === 0 ? say('keeping.nothingYet') : listInWords(parts)}.
      </p>
      <p>
        <Say
          it="keeping.hiddenOnceGoneUntil"
          wouldGoAt={formatDay(data.wouldGoAt.slice(0, 10))}
          b={(inside) => <b>{inside}</b>}
          undoDays={data.undoDays}
          link={(inside) => <Link to="/keeping">{inside}</Link>}
        />
      </p>
    </>
  );
}
