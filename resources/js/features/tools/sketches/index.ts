import type { ComponentType } from 'react';
import { InsertSketch, KickSketch, SlopeSketch } from '@/features/tools/sketches/cuts';
import { HeatSketch } from '@/features/tools/sketches/heat';
import { BodyMountsSketch, BracketFitSketch, FastenersSketch, SpliceSketch } from '@/features/tools/sketches/joints';
import { BeamSketch, SectionSketch, TorsionSketch } from '@/features/tools/sketches/rails';
import { PanelSketch } from '@/features/tools/sketches/square-check';
import { BreakoverSketch, PostsSketch, SpreadSketch } from '@/features/tools/sketches/stands';
import { CornersSketch } from '@/features/tools/sketches/support-twist';

/** The small drawing of a tool, by the tool's name; a tool may do without one. */
export const sketches: Partial<Record<string, ComponentType<{ result: Record<string, unknown> | null }>>> = {
    'square-check': PanelSketch,
    'support-twist': CornersSketch,
    'heat-input': HeatSketch,
    insert: InsertSketch,
    section: SectionSketch,
    beam: BeamSketch,
    torsion: TorsionSketch,
    kick: KickSketch,
    slope: SlopeSketch,
    breakover: BreakoverSketch,
    posts: PostsSketch,
    fasteners: FastenersSketch,
    splice: SpliceSketch,
    'bracket-fit': BracketFitSketch,
    'body-mounts': BodyMountsSketch,
    spread: SpreadSketch,
};
