import type { ComponentType } from 'react';
import { PanelSketch } from '@/features/tools/sketches/square-check';
import { CornersSketch } from '@/features/tools/sketches/support-twist';

/** The small drawing of each tool, by its name; a tool without one does without. */
export const sketches: Record<string, ComponentType<{ result: Record<string, unknown> | null }>> = {
    'square-check': PanelSketch,
    'support-twist': CornersSketch,
};
