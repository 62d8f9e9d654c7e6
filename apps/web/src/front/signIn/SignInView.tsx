import { say } from '@bright-sprout/words/say';
import { type SessionView } from '@bright-sprout/contracts/answers/access';
import { FirstTeacherRequest, SignInRequest } from '@bright-sprout/contracts/access';
import { classValidatorResolver } from '@hookform/resolvers/class-validator';
import { useQueryClient } from '@tanstack/react-query';
import { Form } from 'react-bootstrap';
import { useForm } from 'react-hook-form';
import { Link } from 'react-router';
import { request } from '../../api/client';
import { useWrite } from '../../api/queries';
import { Field } from '../../entry/Field';
import { ProblemNotice } from '../../page/Notices';
import { Logo } from '../../page/PageHead';
import { PlantDrawing } from '../../drawing/PlantDrawing';
import './signIn.scss';

export function SignInView({ needsFirstTeacher }: { needsFirstTeacher: boolean }) {
  return (
    <main className="page sign-in">
      <div className="sign-in-head">
        <Logo />
        <h1>{say('common.brightSprout')}</h1>
        <p>{say('signIn.growFairExperimentClass')}</p>
      </div>
      <div className="sign-in-columns">
        <section className="section">
          <h2>{needsFirstTeacher ? say('signIn.makeFirstTeachersAccount') : say('signIn.forTeachers')}</h2>
          {needsFirstTeacher ? <FirstTeacher /> : <SignIn />}
        </section>
        <section className="section">
          <h2>{say('signIn.forTeams')}</h2>
          <p>{say('signIn.needClassCodeBoard')}</p>
          <Link className="btn" to="/join">
            {say('signIn.joinTeam')}
          </Link>
        </section>
      </div>
      <Sill />
    </main>
  );
}

function useEnter<B>(path: string) {
  const client = useQueryClient();
  const write = useWrite((body: B) => request<SessionView>('POST', path, body));
  const enter = (body: B) => write.mutate(body, { onSuccess: (session) => client.setQueryData(['session'], session) });
  return { write, enter };
}

function SignIn() {
  const { register, handleSubmit, formState } = useForm<SignInRequest>({
    resolver: classValidatorResolver(SignInRequest),
    defaultValues: { email: '', password: '' },
  });
  const { write, enter } = useEnter<SignInRequest>('/session');
  return (
    <Form noValidate onSubmit={(e) => void handleSubmit((body) => enter(body))(e)}>
      <Field label={say('signIn.eMailAddress')} error={formState.errors.email}>
        {(props) => <Form.Control type="email" autoComplete="username" {...register('email')} {...props} />}
      </Field>
      <Field label={say('signIn.password')} error={formState.errors.password}>
        {(props) => <Form.Control type="password" autoComplete="current-password" {...register('password')} {...props} />}
      </Field>
      {write.error && <ProblemNotice error={write.error} />}
      <button type="submit" className="btn btn-next mt-3" disabled={write.isPending}>
        {write.isPending ? say('signIn.signingIn') : say('signIn.signIn')}
      </button>
    </Form>
  );
}

function FirstTeacher() {
  const { register, handleSubmit, formState } = useForm<FirstTeacherRequest>({
    resolver: classValidatorResolver(FirstTeacherRequest),
    defaultValues: { schoolName: '', name: '', email: '', password: '' },
  });
  const { write, enter } = useEnter<FirstTeacherRequest>('/teachers/first');
  return (
    <Form noValidate onSubmit={(e) => void handleSubmit((body) => enter(body))(e)}>
      <Field label={say('signIn.school')} error={formState.errors.schoolName}>
        {(props) => <Form.Control {...register('schoolName')} {...props} />}
      </Field>
      <Field label={say('signIn.nameClassKnows')} error={formState.errors.name}>
        {(props) => <Form.Control autoComplete="name" {...register('name')} {...props} />}
      </Field>
      <Field label={say('signIn.eMailAddress')} error={formState.errors.email}>
        {(props) => <Form.Control type="email" autoComplete="username" {...register('email')} {...props} />}
      </Field>
      <Field label={say('signIn.password')} hint={say('signIn.leastCharacters')} error={formState.errors.password}>
        {(props) => <Form.Control type="password" autoComplete="new-password" {...register('password')} {...props} />}
      </Field>
      {write.error && <ProblemNotice error={write.error} />}
      <button type="submit" className="btn btn-next mt-3" disabled={write.isPending}>
        {write.isPending ? say('signIn.makingIt') : say('signIn.makeAccount')}
      </button>
    </Form>
  );
}

/** A row of seedlings on a ruler, to scale among themselves. */
function Sill() {
  const row = [42, 95, 18, 120, 64, 143, 8, 88, 110, 30, 131, 55, 75, 22, 104];
  return (
    <svg className="sill" viewBox="0 0 900 190" aria-hidden="true">
      {row.map((mm, i) => (
        <g key={mm} transform={`translate(${40 + i * 58} 170)`}>
          <PlantDrawing
            habit={i % 3 === 1 ? 'broad' : 'grass'}
            heightMm={i % 3 === 1 ? mm * 0.6 : mm}
            leaves={null}
            face={`s${i}`}
            scale={1.1}
          />
        </g>
      ))}
      <rect x="0" y="170" width="900" height="7" fill="#6D5C63" />
      <path d="M0 170H900" stroke="#2A1B2E" strokeWidth="2.2" />
      <path d={Array.from({ length: 82 }, (_, i) => `M${i * 11} 177v${i % 5 ? 5 : 10}`).join('')} stroke="#2A1B2E" />
    </svg>
  );
}
