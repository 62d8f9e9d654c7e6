import { type ClassView } from '@bright-sprout/contracts/classes';
import {
  BEFORE_SPROUTING,
  type InvestigationView,
  PlanInvestigationRequest,
  RESOLUTIONS,
} from '@bright-sprout/contracts/investigations';
import { dayInZone, formatDay } from '@bright-sprout/core/calendar/days';
import { dealContainers } from '@bright-sprout/core/design/dealContainers';
import { makeTreatments } from '@bright-sprout/core/design/treatments';
import { methodById, METHODS, speciesById } from '@bright-sprout/core/seeds/catalogue';
import { classValidatorResolver } from '@hookform/resolvers/class-validator';
import { useMemo, useState } from 'react';
import { Form } from 'react-bootstrap';
import { type FieldError, useFieldArray, useForm, useWatch } from 'react-hook-form';
import { Link, useNavigate } from 'react-router';
import { v7 } from 'uuid';
import { request } from '../../api/client';
import { useWrite } from '../../api/queries';
import { ClassPage } from '../../components/ClassPage';
import { Field } from '../../components/Field';
import { ProblemNotice } from '../../components/Notices';
import { PageHead } from '../../components/PageHead';
import { SpeciesOptions } from '../../components/SpeciesOptions';
import { RESOLUTION_WORDS } from '../../components/resolutionWords';
import { TrayPlan } from '../../components/TrayPlan';
import { TreatmentMark } from '../../components/TreatmentMark';
import './setUp.scss';

export function SetUpView() {
  return <ClassPage>{(group) => <SetUp group={group} />}</ClassPage>;
}

const drawSeed = () => Math.floor(Math.random() * 100_000);

/** What each grade band begins with; every choice can be changed. */
function defaultsFor(group: ClassView): PlanInvestigationRequest {
  const early = group.gradeBand === 'early';
  return {
    classId: group.id,
    question: '',
    factor: '',
    levels: [{ label: '' }, { label: '' }],
    controlIndex: 0,
    speciesId: 'radish',
    methodId: 'cup_mix',
    replicates: Math.max(3, group.teams.length),
    seedsPerContainer: 3,
    sownOn: dayInZone(new Date(), group.timeZone),
    resolution: early ? 'cm' : group.gradeBand === 'primary' ? 'half-cm' : 'mm',
    beforeSprouting: early || group.gradeBand === 'primary' ? 'zero' : 'exclude',
    drawSeed: drawSeed(),
    teamIds: group.teams.map((t) => t.id),
  };
}

function SetUp({ group }: { group: ClassView }) {
  const navigate = useNavigate();
  const [id] = useState(() => v7());
  const { register, control, handleSubmit, setValue, formState } = useForm<PlanInvestigationRequest>({
    resolver: classValidatorResolver(PlanInvestigationRequest),
    defaultValues: defaultsFor(group),
    mode: 'onBlur',
  });
  const levels = useFieldArray({ control, name: 'levels' });
  const plan = useWatch({ control }) as PlanInvestigationRequest;
  const save = useWrite(
    (body: PlanInvestigationRequest) => request<InvestigationView>('PUT', `/investigations/${id}`, body),
    'investigations',
    'classes',
  );
  const submit = handleSubmit((body) =>
    save.mutate(body, { onSuccess: (made) => void navigate(`/investigations/${made.id}/plan`) }),
  );
  const { errors } = formState;
  const numeric = { valueAsNumber: true } as const;
  const levelsError = errors.levels as (FieldError & { root?: FieldError }) | undefined;
  const control0 = Number(plan.controlIndex);
  return (
    <Form noValidate onSubmit={(e) => void submit(e)}>
      <PageHead
        tag={
          <Link className="group-tag" to={`/classes/${group.id}`}>
            {group.name}
          </Link>
        }
        title="Set up an investigation"
        aside={formState.isDirty ? 'Nothing is fixed before you settle it' : ''}
        next={
          <button type="submit" className="btn btn-next" disabled={save.isPending}>
            {save.isPending ? 'Dealing the pots …' : 'Settle the plan'}
          </button>
        }
      />
      {save.error && <ProblemNotice error={save.error} />}
      <main className="set-up">
        <section className="section">
          <h2>1 · Ask</h2>
          <Field
            label="What do you want to find out?"
            hint="A question plants can answer: change one thing, measure another."
            error={errors.question}
          >
            {(props) => <Form.Control placeholder="Does road salt keep barley short?" {...register('question')} {...props} />}
          </Field>
          <Field label="What do you change?" error={errors.factor}>
            {(props) => <Form.Control placeholder="salt in the water" {...register('factor')} {...props} />}
          </Field>
          <Form.Label as="p">What do you compare?</Form.Label>
          {levels.fields.map((field, i) => (
            <div className="level" key={field.id}>
              <TreatmentMark code={codeOfLevel(i, control0)} size={20} />
              <span className="level-code">{codeOfLevel(i, control0)}</span>
              <Form.Control
                aria-label={`Thing ${i + 1} you compare`}
                placeholder={['no salt', '25 mmol/L', '50 mmol/L', '100 mmol/L'][i] ?? ''}
                isInvalid={errors.levels?.[i] !== undefined}
                {...register(`levels.${i}.label`)}
              />
              <Form.Check
                type="radio"
                id={`control-${i}`}
                label="control"
                name="control"
                checked={control0 === i}
                onChange={() => setValue('controlIndex', i)}
              />
              <button
                type="button"
                className="btn btn-plain"
                disabled={levels.fields.length <= 2}
                aria-label={`Take away thing ${i + 1}`}
                onClick={() => {
                  levels.remove(i);
                  setValue('controlIndex', control0 === i ? 0 : control0 > i ? control0 - 1 : control0);
                }}
              >
                remove
              </button>
            </div>
          ))}
          {errors.levels && (
            <div className="invalid-feedback d-block">
              {levelsError?.message ?? levelsError?.root?.message ?? 'Name each thing you compare, in at most 60 characters.'}
            </div>
          )}
          <button
            type="button"
            className="btn mt-2"
            disabled={levels.fields.length >= 6}
            onClick={() => levels.append({ label: '' })}
          >
            Compare one more
          </button>
        </section>
        <section className="section">
          <h2>2 · Sow</h2>
          <Field label="Kind of seed" hint={speciesHint(plan.speciesId)} error={errors.speciesId}>
            {(props) => (
              <Form.Select {...register('speciesId')} {...props}>
                <SpeciesOptions />
              </Form.Select>
            )}
          </Field>
          <Field label="Grown in" error={errors.methodId}>
            {(props) => (
              <Form.Select {...register('methodId')} {...props}>
                {METHODS.map((m) => (
                  <option key={m.id} value={m.id}>
                    {m.name}
                  </option>
                ))}
              </Form.Select>
            )}
          </Field>
          <div className="pair">
            <Field
              label={`${methodById(plan.methodId)?.container ?? 'container'}s of each`.replace(/^./, (c) => c.toUpperCase())}
              error={errors.replicates}
            >
              {(props) => <Form.Control type="number" min={1} max={30} {...register('replicates', numeric)} {...props} />}
            </Field>
            <Field label="Seeds in each" error={errors.seedsPerContainer}>
              {(props) => <Form.Control type="number" min={1} max={100} {...register('seedsPerContainer', numeric)} {...props} />}
            </Field>
          </div>
          <Field label="Day of sowing" error={errors.sownOn}>
            {(props) => <Form.Control type="date" {...register('sownOn')} {...props} />}
          </Field>
        </section>
        <section className="section">
          <h2>3 · Measure</h2>
          <Field label="Read the ruler to the" error={errors.resolution}>
            {(props) => (
              <Form.Select {...register('resolution')} {...props}>
                {RESOLUTIONS.map((r) => (
                  <option key={r} value={r}>
                    {RESOLUTION_WORDS[r]}
                  </option>
                ))}
              </Form.Select>
            )}
          </Field>
          <Field
            label="A plant that is not up yet counts as"
            hint={
              plan.beforeSprouting === 'zero'
                ? 'Late plants pull the mean down: it says how tall the pots are.'
                : 'The mean speaks of the plants that are up; the others are named beside it.'
            }
            error={errors.beforeSprouting}
          >
            {(props) => (
              <Form.Select {...register('beforeSprouting')} {...props}>
                {BEFORE_SPROUTING.map((b) => (
                  <option key={b} value={b}>
                    {b === 'zero' ? 'a height of zero' : 'no height at all'}
                  </option>
                ))}
              </Form.Select>
            )}
          </Field>
          <Form.Label as="p">Teams that take part</Form.Label>
          {group.teams.length === 0 && (
            <p className="second">
              This class has no teams yet. <Link to={`/classes/${group.id}`}>Add teams</Link>, or let the class look after all
              containers together.
            </p>
          )}
          <div className="team-ticks">
            {group.teams.map((t) => (
              <Form.Check
                key={t.id}
                type="checkbox"
                id={`team-${t.id}`}
                label={t.nickname}
                value={t.id}
                {...register('teamIds')}
              />
            ))}
          </div>
        </section>
        <WhatComesOut plan={plan} group={group} onDealAgain={() => setValue('drawSeed', drawSeed())} />
      </main>
    </Form>
  );
}

/** The letter a level will have: the control is A, the others follow. */
function codeOfLevel(index: number, control: number): string {
  const place = index === control ? 0 : index < control ? index + 1 : index;
  return 'ABCDEF'[place] ?? 'F';
}

function speciesHint(id: string): string {
  const species = speciesById(id);
  if (!species) return '';
  const [low, high] = species.emergenceDays;
  return `Up after about ${low} to ${high} days at 21 °C. ${species.hint.replace(/^./, (c) => c.toUpperCase())}.`;
}

/** The plan as it works out, redrawn with every change. */
function WhatComesOut({
  plan,
  group,
  onDealAgain,
}: {
  plan: PlanInvestigationRequest;
  group: ClassView;
  onDealAgain: () => void;
}) {
  const replicates = Number(plan.replicates);
  const ready = replicates >= 1 && replicates <= 30 && plan.levels.length * replicates <= 120;
  const teamIds = plan.teamIds || [];
  const teams = group.teams.filter((t) => teamIds.includes(t.id));
  const treatments = useMemo(() => makeTreatments(plan.levels, Number(plan.controlIndex)), [plan.levels, plan.controlIndex]);
  const deal = useMemo(
    () => (ready ? dealContainers(treatments.map((t) => t.code), replicates, teams.length, plan.drawSeed) : null), // prettier-ignore
    [ready, treatments, replicates, teams.length, plan.drawSeed],
  );
  if (!deal)
    return (
      <section className="section set-up-result">
        <h2>What comes out</h2>
        <p className="second">Choose how many containers: at least one, and no more than 120 in all.</p>
      </section>
    );
  const tray =
    teams.length === 0
      ? [{ emblem: null, nickname: 'Class', pots: deal.containers }]
      : teams.map((t, i) => ({ emblem: t.emblem, nickname: t.nickname, pots: deal.containers.filter((c) => c.team === i) }));
  const container = methodById(plan.methodId)?.container ?? 'container';
  const seeds = deal.containers.length * (Number(plan.seedsPerContainer) || 0);
  return (
    <section className="section set-up-result">
      <div className="d-flex flex-wrap justify-content-between align-items-center gap-2">
        <h2 className="mb-0">
          {deal.containers.length} {container}s, {seeds} seeds, sown {plan.sownOn ? formatDay(plan.sownOn) : 'when you say'}
        </h2>
        <button type="button" className="btn" onClick={onDealAgain}>
          Deal the places again
        </button>
      </div>
      <p className="mb-2">{deal.sentence}</p>
      <TrayPlan teams={tray} />
    </section>
  );
}
