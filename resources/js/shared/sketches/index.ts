import type { ComponentType } from 'react';
import { InsertSketch, KickSketch, SlopeSketch } from '@/shared/sketches/cuts';
import {
    AxleSquareSketch,
    ClearanceSketch,
    HalfShaftSketch,
    LinkageSketch,
    LinkCutSketch,
    SpringingSketch,
    TrackBarSketch,
    WeightsSketch,
} from '@/shared/sketches/axles';
import { HolePatternSketch, RemovalPathSketch, RollBarSketch, TankMoveSketch } from '@/shared/sketches/mounts';
import {
    ClockSketch,
    CopeSketch,
    CutListSketch,
    GaugeLengthSketch,
    MitreSketch,
    NestSketch,
    OffsetContourSketch,
    PieceSketch,
    StationContourSketch,
    PhotoContourSketch,
    PlugsSketch,
    TwoTapeSketch,
} from '@/shared/sketches/papers';
import { ArchSketch, PressBrakeSketch, TubeBendSketch } from '@/shared/sketches/bends';
import { CentreBearingSketch, CriticalSpeedSketch, MeasuredShaftSketch, ShaftCutSketch, TrainSketch } from '@/shared/sketches/shafts';
import { RunOutSketch } from '@/shared/sketches/run-out';
import { RackSketch, SteeringAxisSketch, SteeringShaftSketch, TurningSketch } from '@/shared/sketches/steering';
import { HeatSketch } from '@/shared/sketches/heat';
import { BodyMountsSketch, BracketFitSketch, FastenersSketch, SpliceSketch } from '@/shared/sketches/joints';
import { BeamSketch, SectionSketch, TorsionSketch } from '@/shared/sketches/rails';
import { PanelSketch } from '@/shared/sketches/square-check';
import {
    ConsumablesSketch,
    DistortionSketch,
    DutySketch,
    FitForecastSketch,
    HoldPointSketch,
    InterpassSketch,
    OrderSketch,
    PreheatSketch,
    ShrinkageBookSketch,
    TorqueSketch,
    WeldSequenceSketch,
} from '@/shared/sketches/runSheet';
import { BreakoverSketch, PostsSketch, SpreadSketch } from '@/shared/sketches/stands';
import { CornersSketch } from '@/shared/sketches/support-twist';

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
    'measured-shaft': MeasuredShaftSketch,
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
    'roll-bar': RollBarSketch,
    'hole-pattern': HolePatternSketch,
    'removal-path': RemovalPathSketch,
    'tank-move': TankMoveSketch,
    clearance: ClearanceSketch,
    mitre: MitreSketch,
    cope: CopeSketch,
    clock: ClockSketch,
    plugs: PlugsSketch,
    'two-tape': TwoTapeSketch,
    'gauge-length': GaugeLengthSketch,
    'cut-list': CutListSketch,
    nest: NestSketch,
    'photo-contour': PhotoContourSketch,
    'offset-contour': OffsetContourSketch,
    'station-contour': StationContourSketch,
    piece: PieceSketch,
    arch: ArchSketch,
    'tube-bend': TubeBendSketch,
    'press-brake': PressBrakeSketch,
    order: OrderSketch,
    duty: DutySketch,
    torque: TorqueSketch,
    preheat: PreheatSketch,
    'hold-point': HoldPointSketch,
    'shrinkage-book': ShrinkageBookSketch,
    consumables: ConsumablesSketch,
    'weld-sequence': WeldSequenceSketch,
    distortion: DistortionSketch,
    interpass: InterpassSketch,
    'fit-forecast': FitForecastSketch,
};
