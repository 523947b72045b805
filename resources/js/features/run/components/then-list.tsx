import { closestCenter, DndContext, KeyboardSensor, PointerSensor, useSensor, useSensors, type DragEndEvent } from '@dnd-kit/core';
import { SortableContext, sortableKeyboardCoordinates, useSortable, verticalListSortingStrategy } from '@dnd-kit/sortable';
import { CSS } from '@dnd-kit/utilities';
import type { WrittenStep } from '@/features/run/lib/as-written';
import { Button } from '@/shared/ui/button';
import type { ArrowProps } from '@/types/props';

interface Props {
    steps: WrittenStep[];
    arrows: ArrowProps[];
    canWork: boolean;
    /** A person wants one step before another. */
    onOrder: (first: string, then: string) => void;
    onForget: (arrow: ArrowProps) => void;
    onOpen: (step: string) => void;
}

/** What comes later, in order; moved by drag or by keys, where the rules allow it. */
export function ThenList({ steps, arrows, canWork, onOrder, onForget, onOpen }: Props) {
    const sensors = useSensors(
        useSensor(PointerSensor, { activationConstraint: { distance: 6 } }),
        useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
    );
    const moved = ({ active, over }: DragEndEvent) => {
        if (!over || active.id === over.id) return;
        const [from, to] = [active.id, over.id].map((id) => steps.findIndex((step) => step.id === id)) as [number, number];
        if (from > to) onOrder(String(active.id), String(over.id));
        else onOrder(String(over.id), String(active.id));
    };
    return (
        <>
            {canWork && steps.length > 1 && (
                <p className="text-sm text-soft">
                    Draw a step by its handle to where it should come, or take hold of it with Space and move it with the arrows. What the
                    rules forbid is said, and not done.
                </p>
            )}
            <DndContext sensors={sensors} collisionDetection={closestCenter} onDragEnd={moved}>
                <SortableContext items={steps.map((step) => step.id)} strategy={verticalListSortingStrategy} disabled={!canWork}>
                    <ol>
                        {steps.map((step) => (
                            <Row key={step.id} step={step} canWork={canWork} onOpen={onOpen} />
                        ))}
                    </ol>
                </SortableContext>
            </DndContext>
            {arrows.length > 0 && (
                <ul className="mt-3 grid gap-1" aria-label="Order that was asked for">
                    {arrows.map((arrow) => (
                        <li key={`${arrow.first} ${arrow.then}`} className="flex flex-wrap items-center justify-between gap-x-4 text-sm">
                            <span>
                                ↕ “{arrow.firstTitle || 'a step that is gone'}” before “{arrow.thenTitle || 'a step that is gone'}”, as
                                somebody wants it
                            </span>
                            {canWork && (
                                <Button look="quiet" onClick={() => onForget(arrow)}>
                                    Let the rules decide
                                </Button>
                            )}
                        </li>
                    ))}
                </ul>
            )}
        </>
    );
}

function Row({ step, canWork, onOpen }: { step: WrittenStep; canWork: boolean; onOpen: (step: string) => void }) {
    const { attributes, listeners, setNodeRef, transform, transition, isDragging } = useSortable({ id: step.id });
    return (
        <li
            ref={setNodeRef}
            style={{ transform: CSS.Translate.toString(transform), transition }}
            className={`flex gap-3 border-t border-line py-2 ${isDragging ? 'bg-wash' : ''}`}
        >
            {canWork && (
                <button
                    type="button"
                    className="min-h-11 min-w-11 touch-none border border-line text-xl"
                    {...attributes}
                    {...listeners}
                    aria-label={`Move ${step.title}`}
                >
                    ↕
                </button>
            )}
            <div className="min-w-0 flex-1">
                <p className="flex justify-between gap-4">
                    <span>
                        {step.hold && <b className="font-semibold">◇ </b>}
                        {step.title}
                    </span>
                    <span className="text-soft tabular-nums">{step.minutes.toFixed(0)} min</span>
                </p>
                {step.state === 'impossible' ? (
                    <p className="text-sm font-medium">✕ cannot be reached any more: closed by “{step.closedBy}”</p>
                ) : (
                    <p className="text-sm text-soft">
                        waits for: {step.waitsFor.map((one) => one.title).join('; ')}
                        {step.isOnItsWay && ' · ◷ written down here'}
                    </p>
                )}
            </div>
            {canWork && (
                <Button look="quiet" onClick={() => onOpen(step.id)} aria-label={`Before its turn: ${step.title}`}>
                    Before its turn
                </Button>
            )}
        </li>
    );
}
