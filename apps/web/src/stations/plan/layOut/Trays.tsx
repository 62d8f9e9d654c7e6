import { say } from '@bright-sprout/words/say';
import {
  type Announcements,
  DndContext,
  type DragEndEvent,
  KeyboardCode,
  type KeyboardCoordinateGetter,
  KeyboardSensor,
  PointerSensor,
  useSensor,
  useSensors,
} from '@dnd-kit/core';
import { allOf, type Layout } from '@bright-sprout/core/plan/layout/layOut';
import { type LayoutForm } from '@bright-sprout/core/plan/layout/layoutForm';
import { type PartProps } from '../partProps';
import { Place, Standing } from './Place';
import { spoken } from '@bright-sprout/words/spoken';

/** Width and height of one place: bags and jars are tall, sections wide, and a row runs along the whole box. */
const CELLS: Record<LayoutForm['id'], { columns: string; height: number }> = {
  sill: { columns: 'minmax(44px, 64px)', height: 78 },
  jars: { columns: 'minmax(50px, 64px)', height: 92 },
  pane: { columns: 'minmax(56px, 72px)', height: 96 },
  cells: { columns: 'minmax(48px, 58px)', height: 62 },
  sections: { columns: 'minmax(90px, 150px)', height: 104 },
  rows: { columns: 'minmax(200px, 620px)', height: 46 },
};

interface Props extends Pick<PartProps, 'group' | 'readOnly'> {
  layout: Layout;
  /** Containers that were put elsewhere than drawn. */
  moved: PartProps['plan']['moved'];
  onMove: (code: string, place: number) => void;
}

/** Everything that carries containers, to scale along the window; they are moved by pointer or by keyboard. */
export function Trays({ group, layout, moved, readOnly, onMove }: Props) {
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 4 } }),
    useSensor(KeyboardSensor, { coordinateGetter: byCells }),
  );
  const all = allOf(layout);
  const onDragEnd = ({ active, over }: DragEndEvent) => {
    if (over) onMove(String(active.id), Number(over.id));
  };
  return (
    <DndContext
      sensors={sensors}
      onDragEnd={onDragEnd}
      accessibility={{
        announcements: ANNOUNCEMENTS,
        screenReaderInstructions: {
          draggable: say('layOut.pressSpaceLiftContainer'),
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
                  {layout.form.id === 'pane' ? say('layOut.topWindow') : say('common.window')}
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
                    const container = all.find((c) => c.place === place);
                    return (
                      <Place key={place} place={place} column={Math.floor(i / tray.rows)} row={i % tray.rows}>
                        {container && (
                          <Standing
                            container={container}
                            team={container.team === null ? null : (group.teams[container.team] ?? null)}
                            readOnly={readOnly}
                            moved={moved[container.code] !== undefined}
                            inReserve={layout.reserve.includes(container)}
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
  onDragStart: ({ active }) => say('layOut.isLifted', { id: active.id }),
  onDragOver: ({ active, over }) =>
    over ? say('layOut.overPlace', { id: active.id, place: Number(over.id) + 1 }) : say('layOut.overNoPlace', { id: active.id }),
  onDragEnd: ({ active, over }) =>
    over ? say('layOut.standsPlace', { id: active.id, place: Number(over.id) + 1 }) : say('layOut.staysWhere', { id: active.id }),
  onDragCancel: ({ active }) => say('layOut.staysWhere', { id: active.id }),
};

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
          {mm > 0 && mm + step > wideMm && ` ${say('layOut.centimetres')}`}
        </span>
      ))}
    </div>
  );
}

/** What containers stand on, as a heading. */
const CARRIERS: Record<LayoutForm['id'], string> = spoken({
  sill: 'layOut.tray',
  jars: 'layOut.sill',
  pane: 'layOut.windowPane',
  cells: 'layOut.cellTray',
  sections: 'layOut.pan',
  rows: 'layOut.box',
});
