'use client';

import {
  closestCenter,
  DndContext,
  KeyboardSensor,
  PointerSensor,
  useSensor,
  useSensors,
} from '@dnd-kit/core';
import {
  SortableContext,
  sortableKeyboardCoordinates,
  useSortable,
  verticalListSortingStrategy,
} from '@dnd-kit/sortable';
import { CSS } from '@dnd-kit/utilities';
import { GripVertical } from 'lucide-react';
import { showExpected } from '@/core/exercise/sheet/show-value';
import { useStepChosen } from '@/ui/parts/plan-fields/planning-context';
import { usePlannedSteps, type PlannedStep } from '@/ui/parts/plan-fields/use-planned-steps';

const GROUP_NAMES = {
  'before-cutting': 'Before cutting',
  'after-scratch': 'After the first cut',
  'mid-course': 'In mid-course',
  'after-cutting': 'After cutting',
} as const;

/** The steps as one page, in their order: dragged by the handle, or moved with Alt and the arrow keys. */
export default function StepsList() {
  const { steps, move } = usePlannedSteps();
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 4 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );
  const at = (id: string | number) => steps.findIndex((each) => each.id === id);
  return (
    <div className="h-full overflow-y-auto bg-paper-raised p-3">
      <DndContext
        id="steps"
        sensors={sensors}
        collisionDetection={closestCenter}
        onDragEnd={({ active, over }) =>
          over !== null && active.id !== over.id && move(at(active.id), at(over.id))
        }
      >
        <SortableContext items={steps.map(({ id }) => id)} strategy={verticalListSortingStrategy}>
          <ol className="grid">
            {steps.map((each, index) => (
              <StepRow
                key={each.id}
                planned={each}
                number={index + 1}
                heads={
                  each.step !== null && each.step.when !== steps[index - 1]?.step?.when
                    ? GROUP_NAMES[each.step.when]
                    : null
                }
                onMove={(by) => move(index, index + by)}
              />
            ))}
          </ol>
        </SortableContext>
      </DndContext>
    </div>
  );
}

function StepRow({
  planned: { id, step, typed },
  number,
  heads,
  onMove,
}: {
  planned: PlannedStep;
  number: number;
  heads: string | null;
  onMove: (by: -1 | 1) => void;
}) {
  const { chosen, onChoose } = useStepChosen();
  const { attributes, listeners, setNodeRef, transform, transition } = useSortable({ id });
  const title = step?.title ?? (typed.title === '' ? id : typed.title);
  return (
    <li ref={setNodeRef} style={{ transform: CSS.Transform.toString(transform), transition }}>
      {heads !== null && <h3 className="label mt-2 border-b border-rule pb-1 text-ink-soft">{heads}</h3>}
      <div className={`flex items-start gap-1 border-b border-rule ${chosen === id ? 'bg-paper-sunk' : ''}`}>
        <button
          type="button"
          aria-label={`Drag ${title}`}
          className="grid size-9 shrink-0 cursor-grab place-items-center text-ink-soft tablet:size-12"
          {...attributes}
          {...listeners}
        >
          <GripVertical aria-hidden className="size-4" />
        </button>
        <button
          type="button"
          aria-current={chosen === id ? 'true' : undefined}
          onClick={() => onChoose(id)}
          onKeyDown={(event) => {
            if (!event.altKey || (event.key !== 'ArrowUp' && event.key !== 'ArrowDown')) return;
            event.preventDefault();
            onMove(event.key === 'ArrowUp' ? -1 : 1);
          }}
          className={`grid min-h-9 min-w-0 flex-1 grid-cols-[1.5rem_minmax(0,1fr)] gap-x-2 py-1.5 text-left tablet:min-h-12 ${step === null ? 'text-ink-soft line-through' : ''}`}
        >
          <span className="figures text-right text-ink-soft">{number}</span>
          <span className="min-w-0">
            <span className="font-medium">{title}</span>
            {step?.critical === true && <Tag>critical</Tag>}
            {step?.hold === true && <Tag>hold point</Tag>}
            {step?.expected != null && (
              <Tag>{step.shows === 'shown' ? showExpected(step.expected) : step.shows.replace('-', ' ')}</Tag>
            )}
            <span className="block text-sm text-ink-soft">
              {step === null ? 'switched off' : step.instruction}
            </span>
          </span>
        </button>
      </div>
    </li>
  );
}

function Tag({ children }: { children: string }) {
  return (
    <span className="figures ml-2 border border-rule-strong px-1 text-2xs text-ink-soft">{children}</span>
  );
}
