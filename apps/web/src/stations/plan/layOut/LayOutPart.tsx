import {
  type Announcements,
  DndContext,
  type DragEndEvent,
  KeyboardCode,
  type KeyboardCoordinateGetter,
  KeyboardSensor,
  PointerSensor,
  useDraggable,
  useDroppable,
  useSensor,
  useSensors,
} from '@dnd-kit/core';
import { type LaidContainer, moveTo } from '@bright-sprout/core/plan/layout/layOut';
import { concurrence } from '@bright-sprout/core/plan/layout/concurrence';
import { type LayoutForm } from '@bright-sprout/core/plan/layout/layoutForm';
import { type Assignment } from '@bright-sprout/core/plan/document/planDocument';
import { plural } from '@bright-sprout/core/words/plural';
import { EmblemMark } from '../../../marks/EmblemMark';
import { TreatmentMark } from '../../../marks/TreatmentMark';
import { ChoiceField, NumberField, setting } from '../planFields';
import { NotYet } from '../NotYet';
import { treatmentLook } from '../../../theme/treatments';
import { type PartProps } from '../partProps';

const ASSIGNMENT_NAMES: Record<Assignment, string> = {
  'one-of-each': 'every team has one of each',
  'team-one-treatment': 'each team has one treatment',
  'class-shares': 'the class shares all',
  'own-pot': 'everyone has a pot at home',
};

const CARRIERS: Record<LayoutForm['id'], string> = {
  sill: 'Tray',
  jars: 'Sill',
  pane: 'Window pane',
  cells: 'Cell tray',
  sections: 'Pan',
  rows: 'Box',
};

/** Width and height of one place: bags and jars are tall, sections wide, and a row runs along the whole box. */
const CELLS: Record<LayoutForm['id'], { columns: string; height: number }> = {
  sill: { columns: 'minmax(50px, 64px)', height: 78 },
  jars: { columns: 'minmax(50px, 64px)', height: 92 },
  pane: { columns: 'minmax(56px, 72px)', height: 96 },
  cells: { columns: 'minmax(48px, 58px)', height: 62 },
  sections: { columns: 'minmax(90px, 150px)', height: 104 },
  rows: { columns: 'minmax(200px, 620px)', height: 46 },
};

/** Who gets what, and where each container stands; moved by pointer or by keyboard. */
export function LayOutPart({ group, plan, change, problems, out, readOnly }: PartProps) {
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 4 } }),
    useSensor(KeyboardSensor, { coordinateGetter: byCells }),
  );
  if (!out) return <NotYet />;
  const { layout } = out;
  const onDragEnd = ({ active, over }: DragEndEvent) => {
    if (over) change((p) => ({ ...p, moved: moveTo(layout, p.moved, String(active.id), Number(over.id)) }));
  };
  return (
    <>
      <section className="section no-print">
        <h2>Who gets what</h2>
        <div className="planner-columns">
          <ChoiceField
            label="Containers are shared out so that"
            field="assignment"
            problems={problems}
            hint={layout.sentence}
            value={plan.assignment}
            choices={(Object.keys(ASSIGNMENT_NAMES) as Assignment[]).map((value) => ({ value, name: ASSIGNMENT_NAMES[value] }))}
            onChange={(assignment) => change(setting({ assignment, moved: {} }))}
          />
          <NumberField
            label={plural(CARRIERS[layout.form.id])}
            hint={layout.trays.length > plan.trays ? `All of them need ${layout.trays.length}.` : undefined}
            field="trays"
            problems={problems}
            value={plan.trays}
            onChange={(trays) => change(setting({ trays, moved: {} }))}
          />
        </div>
        <p className="d-flex gap-2 flex-wrap align-items-center mb-0">
          <button type="button" className="btn" onClick={() => change((p) => ({ ...p, drawSeed: p.drawSeed + 1, moved: {} }))}>
            Draw lots again
          </button>
          <span className="second">Lot number {plan.drawSeed}: the same number always draws the same.</span>
          {Object.keys(plan.moved).length > 0 && (
            <button type="button" className="btn btn-plain" onClick={() => change(setting({ moved: {} }))}>
              Put them back as drawn
            </button>
          )}
        </p>
      </section>
      <section className="section">
        <h2>Where they stand</h2>
        <p className="second no-print">
          Drag a container to another place. By keyboard: space lifts it, arrows move it, space puts it down, escape leaves it.
        </p>
        <DndContext
          sensors={sensors}
          onDragEnd={onDragEnd}
          accessibility={{
            announcements: ANNOUNCEMENTS,
            screenReaderInstructions: {
              draggable: 'Press space to lift this container, arrow keys to move it, space to put it down.',
            },
          }}
        >
          <div className="lay-trays">
            {layout.trays.map((tray, t) => {
              const first = layout.trays.slice(0, t).reduce((sum, x) => sum + x.columns * x.rows, 0);
              const many = layout.trays.length > 1;
              const name = `${CARRIERS[layout.form.id]}${many ? ` ${t + 1}` : ''}${tray.at ? `: ${tray.at}` : ''}`;
              const cell = CELLS[layout.form.id];
              return (
                <div key={t} className={`lay-tray lay-as-${layout.form.id}`} role="group" aria-label={name}>
                  <p className="lay-window">
                    <span>
                      {layout.form.id === 'pane' ? 'top of the window' : 'window'}
                      {many || layout.form.id !== 'sill' ? ` · ${name.toLowerCase()}` : ''}
                    </span>
                  </p>
                  <div className="lay-sized">
                    <div
                      className="lay-cells"
                      style={{
                        gridTemplateColumns: `repeat(${tray.columns}, ${cell.columns})`,
                        gridTemplateRows: `repeat(${tray.rows}, ${cell.height}px)`,
                      }}
                    >
                      {Array.from({ length: tray.columns * tray.rows }, (_, i) => {
                        const place = first + i;
                        const container = layout.containers.find((c) => c.place === place);
                        return (
                          <Place key={place} place={place} column={Math.floor(i / tray.rows)} row={i % tray.rows}>
                            {container && (
                              <Standing
                                container={container}
                                team={container.team === null ? null : (group.teams[container.team] ?? null)}
                                readOnly={readOnly}
                                moved={plan.moved[container.code] !== undefined}
                              />
                            )}
                          </Place>
                        );
                      })}
                    </div>
                    {layout.form.id !== 'rows' && <TrayRuler wideMm={tray.wideMm} />}
                  </div>
                </div>
              );
            })}
          </div>
        </DndContext>
        <p className="second mb-0">
          {layout.trays.length > 1 ? 'Each takes' : 'They take'} about {Math.ceil(layout.trays[0]!.wideMm / 10)} ×{' '}
          {Math.ceil(layout.trays[0]!.deepMm / 10)} cm.
        </p>
      </section>
      {layout.pairsTogether && <Concurrence treatments={out.treatments.map((t) => t.code)} containers={layout.containers} />}
      <section className="section">
        <h2>What the letters mean</h2>
        <table className="table">
          <tbody>
            {out.treatments.map((t) => (
              <tr key={t.code}>
                <td>
                  <TreatmentMark code={t.code} size={20} /> <b>{t.code}</b>
                </td>
                <td>
                  {t.label} {t.control && <span className="second">(the control)</span>}
                </td>
                <td className="numeral">{layout.containers.filter((c) => c.treatment === t.code).length}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </section>
    </>
  );
}

/** In how many teams two treatments meet: what an uneven split can compare most surely. */
function Concurrence({ treatments, containers }: { treatments: string[]; containers: readonly LaidContainer[] }) {
  const matrix = concurrence(treatments, containers);
  return (
    <section className="section">
      <h2>Who meets whom</h2>
      <p className="second">Teams that have both; on the slant, teams that have it at all. Even numbers compare evenly.</p>
      <table className="table concurrence">
        <thead>
          <tr>
            <td />
            {treatments.map((t) => (
              <th key={t} scope="col">
                <TreatmentMark code={t} size={16} /> {t}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {treatments.map((t, i) => (
            <tr key={t}>
              <th scope="row">
                <TreatmentMark code={t} size={16} /> {t}
              </th>
              {matrix[i]!.map((n, j) => (
                <td key={treatments[j]} className={`numeral${i === j ? ' second' : ''}`}>
                  {n}
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}

const PIXELS_PER_MM = 2;

/** What stands above, on a ruler: the drawing is to scale along the window. */
function TrayRuler({ wideMm }: { wideMm: number }) {
  const wide = wideMm * PIXELS_PER_MM;
  const step = wideMm > 700 ? 200 : wideMm > 250 ? 100 : 50;
  const marks = Array.from({ length: Math.floor(wideMm / 10) + 1 }, (_, cm) => cm * 10);
  return (
    <div className="lay-ruler" aria-hidden="true">
      <svg viewBox={`0 0 ${wide} 12`} preserveAspectRatio="none">
        <path
          d={marks.map((mm) => `M${mm * PIXELS_PER_MM} 0v${mm % 100 === 0 ? 11 : mm % 50 === 0 ? 8 : 5}`).join('')}
          stroke="#2A1B2E"
          strokeWidth="1.2"
          vectorEffect="non-scaling-stroke"
        />
      </svg>
      {Array.from({ length: Math.floor(wideMm / step) + 1 }, (_, i) => i * step).map((mm) => (
        <span key={mm} style={{ left: `${(100 * mm) / wideMm}%` }}>
          {mm / 10}
          {mm > 0 && mm + step > wideMm && ' cm'}
        </span>
      ))}
    </div>
  );
}

function Place({ place, column, row, children }: { place: number; column: number; row: number; children: React.ReactNode }) {
  const { setNodeRef, isOver } = useDroppable({ id: String(place) });
  return (
    <div
      ref={setNodeRef}
      className={`lay-place${isOver ? ' over' : ''}`}
      style={{ gridColumn: column + 1, gridRow: row + 1 }}
      data-place={place}
    >
      {children}
    </div>
  );
}

function Standing({
  container,
  team,
  readOnly,
  moved,
}: {
  container: LaidContainer;
  team: PartProps['group']['teams'][number] | null;
  readOnly: boolean;
  moved: boolean;
}) {
  const { attributes, listeners, setNodeRef, transform, isDragging } = useDraggable({ id: container.code, disabled: readOnly });
  return (
    <button
      ref={setNodeRef}
      type="button"
      {...attributes}
      {...listeners}
      className={`lay-pot${isDragging ? ' lifted' : ''}${moved ? ' moved' : ''}`}
      style={transform ? { transform: `translate(${transform.x}px, ${transform.y}px)` } : undefined}
      aria-label={`${container.code}${team ? `, ${team.nickname}` : ''}, column ${container.column + 1}, row ${container.row + 1}`}
    >
      <span className="lay-face" style={{ background: treatmentLook(container.treatment).tint }}>
        <TreatmentMark code={container.treatment} size={17} />
        <b>{container.code}</b>
      </span>
      {team && <EmblemMark emblem={team.emblem} size={15} />}
    </button>
  );
}

const STEPS: Partial<Record<string, { x: number; y: number }>> = {
  [KeyboardCode.Right]: { x: 1, y: 0 },
  [KeyboardCode.Left]: { x: -1, y: 0 },
  [KeyboardCode.Down]: { x: 0, y: 1 },
  [KeyboardCode.Up]: { x: 0, y: -1 },
};

/** An arrow key moves by one place. */
const byCells: KeyboardCoordinateGetter = (event, { currentCoordinates, context }) => {
  const step = STEPS[event.code];
  const cell = [...context.droppableRects.values()][0];
  if (!step || !cell) return undefined;
  event.preventDefault();
  return { x: currentCoordinates.x + step.x * (cell.width + 4), y: currentCoordinates.y + step.y * (cell.height + 4) };
};

const ANNOUNCEMENTS: Announcements = {
  onDragStart: ({ active }) => `${active.id} is lifted.`,
  onDragOver: ({ active, over }) =>
    over ? `${active.id} is over place ${Number(over.id) + 1}.` : `${active.id} is over no place.`,
  onDragEnd: ({ active, over }) =>
    over ? `${active.id} stands on place ${Number(over.id) + 1}.` : `${active.id} stays where it was.`,
  onDragCancel: ({ active }) => `${active.id} stays where it was.`,
};
