import { say } from '@bright-sprout/words/say';
import { useDraggable, useDroppable } from '@dnd-kit/core';
import { type LaidContainer } from '@bright-sprout/core/plan/layout/layOut';
import { type ReactNode } from 'react';
import { EmblemMark } from '../../../marks/EmblemMark';
import { TreatmentMark } from '../../../marks/TreatmentMark';
import { treatmentLook } from '../../../theme/treatments';
import { type PartProps } from '../partProps';

/** Where a container can be put. */
export function Place({ place, column, row, children }: { place: number; column: number; row: number; children: ReactNode }) {
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

/** A container in its place, which can be lifted. */
export function Standing({
  container,
  team,
  readOnly,
  moved,
  inReserve,
}: {
  container: LaidContainer;
  team: PartProps['group']['teams'][number] | null;
  readOnly: boolean;
  moved: boolean;
  inReserve: boolean;
}) {
  const { attributes, listeners, setNodeRef, transform, isDragging } = useDraggable({
    id: container.code,
    disabled: readOnly,
    attributes: { roleDescription: say('layOut.canBeMoved') },
  });
  return (
    <button
      ref={setNodeRef}
      type="button"
      {...attributes}
      {...listeners}
      className={`lay-pot${isDragging ? ' lifted' : ''}${moved ? ' moved' : ''}${inReserve ? ' in-reserve' : ''}`}
      style={transform ? { transform: `translate(${transform.x}px, ${transform.y}px)` } : undefined}
      aria-label={say('layOut.placeInWords', {
        code: container.code,
        label: team ? `, ${team.nickname}` : '',
        child: container.child,
        hasChild: Boolean(container.child),
        inReserve,
        column: container.column + 1,
        row: container.row + 1,
      })}
    >
      <span className="lay-face" style={{ background: treatmentLook(container.treatment).tint }}>
        <TreatmentMark code={container.treatment} size={17} />
        <b>{container.code}</b>
      </span>
      {team && (
        <span className="lay-whose">
          <EmblemMark emblem={team.emblem} size={15} />
          {container.child}
        </span>
      )}
    </button>
  );
}
