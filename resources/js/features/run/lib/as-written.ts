import type { RunStepProps } from '@/types/props';

/** A step, and whether it was written down as done here and is not sent yet. */
export interface WrittenStep extends RunStepProps {
    isOnItsWay: boolean;
}

/** The steps as they will stand once what waits here is sent; a hold point is judged only then. */
export function asWritten(steps: RunStepProps[], waiting: { step: string; kind: string }[]): WrittenStep[] {
    const held = new Set(steps.filter((step) => step.hold && step.hold.ways[0] !== 'look').map((step) => step.id));
    const written = new Set(waiting.filter((entry) => entry.kind === 'done' || entry.kind === 'otherwise').map((entry) => entry.step));
    const settled = new Set(
        waiting
            .filter((entry) => written.has(entry.step) && (entry.kind === 'otherwise' || !held.has(entry.step)))
            .map((entry) => entry.step),
    );
    return steps.map((step) => {
        const waitsFor = step.waitsFor.filter((one) => !settled.has(one.id));
        const state = step.state === 'blocked' && step.waitsFor.length > 0 && waitsFor.length === 0 ? 'possible' : step.state;
        return { ...step, waitsFor, state, isOnItsWay: written.has(step.id) };
    });
}
