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
import { type LaidContainer, moveTo } from '@bright-sprout/core/plan/layOut';
import { type Assignment } from '@bright-sprout/core/plan/planDocument';
import { EmblemMark } from '../../components/EmblemMark';
import { TreatmentMark } from '../../components/TreatmentMark';
import { ChoiceField, NumberField, setting } from './planFields';
import { NotYet } from './NotYet';
import { type PartProps } from './partProps';

const ASSIGNMENT_NAMES: Record<Assignment, string> = {
  'one-of-each': 'every team has one of each, or as even as it goes',
  'team-one-treatment': 'each team has one treatment',
  'class-shares': 'the class shares all',
  'own-pot': 'everyone has a pot at home',
};

const CELL = 64;

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
            label="Trays or sills"
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
          {layout.trays.map((tray, t) => {
            const first = layout.trays.slice(0, t).reduce((sum, x) => sum + x.columns * x.rows, 0);
            return (
              <div key={t} className="lay-tray" role="group" aria-label={layout.trays.length > 1 ? `Tray ${t + 1}` : 'Tray'}>
                <p className="lay-window">window{layout.trays.length > 1 ? ` · tray ${t + 1}` : ''}</p>
                <div
                  className="lay-cells"
                  style={{
                    gridTemplateColumns: `repeat(${tray.columns}, minmax(${CELL - 14}px, ${CELL}px))`,
                    gridTemplateRows: `repeat(${tray.rows}, ${CELL + 14}px)`,
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
              </div>
            );
          })}
        </DndContext>
      </section>
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
      <TreatmentMark code={container.treatment} size={22} />
      <b>{container.code}</b>
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
