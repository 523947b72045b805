// Written by `php artisan geodex:types` from the PHP side; do not edit.

/** An axle as the drawing shows it; mm. */
export interface AxleProps {
    id: string;
    station: number;
    tyreRadius: number | null;
    track: number | null;
}

/** What the person at the screen may do with the job. */
export interface CanProps {
    work: boolean;
    strike: boolean;
}

/** Something that runs along the frame, and how its length changes; mm, zero where it does not. */
export interface CarriedProps {
    feature: string;
    from: number;
    to: number;
    change: number;
}

/** A cut as it falls on the rail, with what proves it; mm. */
export interface CutProps {
    operation: string;
    cut: number;
    bandEnd: number;
    slopeDegrees: number;
    witness: number;
    before: number;
    after: number;
    what: string;
    piece: number;
    saw: string;
}

/** The driveshaft of a job, before and after its plan. */
export interface DrivelineProps {
    form: ShaftFormProps;
    before: ShaftResultProps | null;
    after: ShaftResultProps | null;
    limits: LimitProps[];
    trouble: TroubleProps | null;
}

/** What the deviations mean together; mm. */
export interface FindingProps {
    pattern: string;
    section: string;
    side: string | null;
    amount: number;
    expanded: number;
    significant: boolean;
    text: string;
    points: string[];
}

/** What every stage of a job shows around its work. */
export interface JobProps {
    id: number;
    title: string;
    vehicle: string;
    units: 'mm' | 'in';
    inchDenominator: number;
    survey: string;
    stages: StageProps[];
    surveys: SurveyTabProps[];
    can: CanProps;
}

/** A job in the list, with what it needs next. */
export interface JobRowProps {
    id: number;
    title: string;
    vehicle: string;
    href: string;
    next: string;
    nextHref: string;
    points: number;
    readings: number;
    updated: string;
}

/** A guideline limit with where it comes from. */
export interface LimitProps {
    key: string;
    value: number;
    source: string;
}

/** The size of the survey and how well its readings agree. */
export interface NetworkProps {
    readings: number;
    unknowns: number;
    gauge: number;
    redundancy: number;
    varianceFactor: number | null;
    consistent: boolean;
}

/** A reading worth taking next; mm. */
export interface NextProps {
    kind: string;
    points: string[];
    call: string;
    expected: number;
    gain: number;
    settles: number;
    because: 'unread' | 'loose' | 'undecided' | 'unchecked';
}

/** A planned operation with its lengths as typed and in mm. */
export interface OperationProps {
    id: string;
    kind: 'stretch' | 'shorten';
    at: number;
    length: number;
    kerf: number;
    witness: number;
    level: boolean;
}

/** The plan of a job and the frame it makes; mm. */
export interface PlanProps {
    operations: OperationProps[];
    target: TargetProps[];
    cuts: CutProps[];
    carried: CarriedProps[];
    wheelbaseBefore: number | null;
    wheelbaseAfter: number | null;
    axlesBefore: AxleProps[];
    axlesAfter: AxleProps[];
    warnings: string[];
    rail: number[] | null;
    trouble: TroubleProps | null;
}

/** A point of the frame: where the chart wants it, where it is, how sure that is; mm along x, y, z. */
export interface PointProps {
    id: string;
    name: string;
    side: 'left' | 'right' | 'centre';
    mate: string | null;
    base: boolean;
    feature: string;
    chart: number[] | null;
    tolerance: number[];
    measured: number[] | null;
    deviation: number[] | null;
    expanded: number[] | null;
    determined: boolean[] | null;
    axes: ('in' | 'out' | 'unsure' | 'unmeasured')[];
    verdict: 'in' | 'out' | 'unsure' | 'unmeasured';
    decidingAxis: number | null;
}

/** How many coordinates of the charted points are settled. */
export interface ProgressProps {
    coordinates: number;
    settled: number;
    out: number;
    undecided: number;
    unread: number;
}

/** A reading of the log against what the others say; mm, or degrees for an angle. */
export interface ReadingProps {
    id: string;
    number: number;
    kind: string;
    quantity: 'length' | 'angle';
    points: string[];
    typed: string;
    value: number;
    state: 'agrees' | 'doubtful' | 'unchecked' | 'struck' | 'superseded' | 'alone';
    off: number | null;
    standardised: number | null;
    redundancy: number | null;
    pointers: number[] | null;
    reason: string | null;
    by: string;
    at: string;
    call: string;
}

/** The shaft as typed, one text a field. */
export interface ShaftFormProps {
    fields: Record<string, string>;
}

/** A shaft recalculated; mm, degrees, rev/min. */
export interface ShaftResultProps {
    front: number[];
    rear: number[];
    frontAxis: number[];
    rearAxis: number[];
    states: ShaftStateProps[];
    tubeToCut: number;
    tubeOutside: number;
    kerf: number;
    bottomingClearance: number;
    leastEngagement: number;
    criticalSpeed: number | null;
    speed: number;
    speedVariation: number;
    angularAcceleration: number;
    warnings: string[];
}

/** The shaft at one height of the suspension; mm and degrees. */
export interface ShaftStateProps {
    at: 'ride' | 'bump' | 'droop';
    length: number;
    engagement: number;
    frontAngle: number;
    rearAngle: number;
    residual: number;
}

/** A station on the rail of a job. */
export interface StageProps {
    key: string;
    label: string;
    href: string;
    state: 'done' | 'open' | 'waiting';
}

/** Everything a screen shows of a survey at one moment. */
export interface SurveyProps {
    revision: number;
    points: PointProps[];
    readings: ReadingProps[];
    next: NextProps[];
    findings: FindingProps[];
    axles: AxleProps[];
    base: string[];
    network: NetworkProps | null;
    progress: ProgressProps;
    trouble: TroubleProps | null;
    present: string[];
}

/** One survey of a job, to choose from. */
export interface SurveyTabProps {
    code: string;
    stage: string;
    href: string;
}

/** Where one point is to be after the plan; mm, null if it is cut out. */
export interface TargetProps {
    id: string;
    name: string;
    side: 'left' | 'right' | 'centre';
    chart: number[] | null;
    target: number[] | null;
}

/** Why something cannot be computed, and what to do. */
export interface TroubleProps {
    code: string;
    message: string;
}

/** Who is at the screen. */
export interface UserProps {
    id: number;
    name: string;
    role: string;
    workshop: string;
    canSetUpWorkshop: boolean;
}

/** What holds for the whole shop. */
export interface WorkshopProps {
    name: string;
    inchDenominator: number;
    tramReach: number;
    limits: LimitProps[];
}
