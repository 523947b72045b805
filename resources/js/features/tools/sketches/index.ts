import type { ComponentType } from 'react';
import { InsertSketch, KickSketch, SlopeSketch } from '@/features/tools/sketches/cuts';
import {
    AxleSquareSketch,
    ClearanceSketch,
    HalfShaftSketch,
    LinkageSketch,
    LinkCutSketch,
    SpringingSketch,
    TrackBarSketch,
    WeightsSketch,
} from '@/features/tools/sketches/axles';
import { CentreBearingSketch, CriticalSpeedSketch, RunOutSketch, ShaftCutSketch, TrainSketch } from '@/features/tools/sketches/shafts';
import { RackSketch, SteeringAxisSketch, SteeringShaftSketch, TurningSketch } from '@/features/tools/sketches/steering';
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
    train: TrainSketch,
    'centre-bearing': CentreBearingSketch,
    'shaft-cut': ShaftCutSketch,
    'critical-speed': CriticalSpeedSketch,
    'run-out': RunOutSketch,
    'axle-square': AxleSquareSketch,
    linkage: LinkageSketch,
    'link-cut': LinkCutSketch,
    'track-bar': TrackBarSketch,
    'steering-axis': SteeringAxisSketch,
    rack: RackSketch,
    'steering-shaft': SteeringShaftSketch,
    turning: TurningSketch,
    'half-shaft': HalfShaftSketch,
    springing: SpringingSketch,
    weights: WeightsSketch,
    clearance: ClearanceSketch,
};
