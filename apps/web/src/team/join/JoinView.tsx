import { say } from '@bright-sprout/words/say';
import { type Emblem } from '@bright-sprout/contracts/access';
import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Navigate, useNavigate, useParams, useSearchParams } from 'react-router';
import { request } from '../../api/client';
import { forgetTeam } from '../../api/forgetTeam';
import { useBench, useJoinView, useWrite } from '../../api/queries';
import { EmblemMark } from '../../marks/EmblemMark';
import { ProblemNotice } from '../../page/Notices';
import { Logo } from '../../page/PageHead';
import './join.scss';

/** A team joins with class code, emblem and PIN: no account and no names. */
export function JoinView() {
  const [search] = useSearchParams();
  const link = useParams();
  const [code, setCode] = useState(link.code ?? search.get('code') ?? '');
  const scanned = scannedPot(link.tail && link.pot ? { investigation: link.tail, pot: link.pot } : Object.fromEntries(search));
  const joined = useBench({ enabled: scanned !== '' });
  const [emblem, setEmblem] = useState<Emblem | null>(null);
  const clean = code
    .toUpperCase()
    .replace(/[^A-Z0-9]/g, '')
    .slice(0, 6);
  const view = useJoinView(clean);
  const team = view.data?.teams.find((t) => t.emblem === emblem);
  // What is cached from a session that has ended must not send the device back and forth.
  if (scanned !== '' && joined.data && !joined.error) return <Navigate to={`/bench?${scanned}`} replace />;
  return (
    <main className="join">
      <header className="join-head">
        <Logo />
        <h1>{team ? team.nickname : (view.data?.className ?? say('joining.joinYourTeam'))}</h1>
      </header>
      {!view.data && (
        <>
          <label className="form-label" htmlFor="class-code">
            {say('joining.classCodeBoard')}
          </label>
          <input
            id="class-code"
            className="join-code"
            value={clean}
            onChange={(e) => setCode(e.target.value)}
            autoComplete="off"
            autoCapitalize="characters"
            spellCheck={false}
            maxLength={6}
            autoFocus
          />
          {view.isFetching && <p role="status">{say('joining.lookingClass')}</p>}
          {view.error && <ProblemNotice error={view.error} />}
        </>
      )}
      {view.data && !team && (
        <>
          <h2>{say('joining.whichOneAreYou')}</h2>
          <div className="join-emblems">
            {view.data.teams.map((t) => (
              <button key={t.emblem} type="button" className="btn" onClick={() => setEmblem(t.emblem)}>
                <EmblemMark emblem={t.emblem} size={52} />
                {t.nickname}
              </button>
            ))}
          </div>
          {view.data.teams.length === 0 && <p>{say('joining.classTeamsYetAsk')}</p>}
          <button type="button" className="btn btn-plain mt-3" onClick={() => setCode('')}>
            {say('joining.anotherClassCode')}
          </button>
        </>
      )}
      {team && <Pin classCode={clean} emblem={team.emblem} opens={scanned} onBack={() => setEmblem(null)} />}
    </main>
  );
}

/** What a scanned label asks to open, as the bench's own address; empty for a device that just joins. */
function scannedPot(asked: Record<string, string>): string {
  const wanted = ['investigation', 'pot'].flatMap((key) => (asked[key] ? [[key, asked[key]]] : []));
  return new URLSearchParams(wanted).toString();
}

function Pin({ classCode, emblem, opens, onBack }: { classCode: string; emblem: Emblem; opens: string; onBack: () => void }) {
  const navigate = useNavigate();
  const client = useQueryClient();
  const [pin, setPin] = useState('');
  const join = useWrite(async (whole: string) => {
    await request('POST', '/join', { classCode, emblem, pin: whole });
    await forgetTeam();
  });
  const enter = (whole: string) =>
    join.mutate(whole, {
      onSuccess: () => {
        for (const key of ['bench', 'predictions']) client.removeQueries({ queryKey: [key] });
        void navigate(`/bench${opens ? `?${opens}` : ''}`);
      },
      onError: () => setPin(''),
    });
  const press = (digit: string) => {
    const whole = (pin + digit).slice(0, 4);
    setPin(whole);
    if (whole.length === 4 && !join.isPending) enter(whole);
  };
  return (
    <div className="pin" onKeyDown={(e) => /^\d$/.test(e.key) && press(e.key)}>
      <div className="pin-emblem">
        <EmblemMark emblem={emblem} size={84} />
      </div>
      <h2 id="pin-title">{join.isPending ? say('common.opening') : say('joining.yourPin')}</h2>
      <div className="pin-places" role="status" aria-label={say('joining.ofDigits', { countPin: pin.length })}>
        {[0, 1, 2, 3].map((i) => (
          <span key={i} className={i < pin.length ? 'full' : ''} />
        ))}
      </div>
      {join.error && <ProblemNotice error={join.error} />}
      <div className="pin-keys" role="group" aria-labelledby="pin-title">
        {['1', '2', '3', '4', '5', '6', '7', '8', '9'].map((d) => (
          <button key={d} type="button" onClick={() => press(d)}>
            {d}
          </button>
        ))}
        <button type="button" className="word" onClick={onBack}>
          {say('joining.back')}
        </button>
        <button type="button" onClick={() => press('0')}>
          0
        </button>
        <button type="button" className="word" onClick={() => setPin(pin.slice(0, -1))}>
          {say('joining.erase')}
        </button>
      </div>
    </div>
  );
}
