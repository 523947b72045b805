// Written by `php artisan geodex:types` from the PHP side; do not edit.

/** One's own account. */
export interface AccountProps {
    name: string;
    email: string;
    unit: 'mm' | 'in' | null;
    theme: 'light' | 'dark' | null;
    sessions: SessionProps[];
}

/** How long the arc was on in the last ten minutes, and how long the kept sheet of the machine allows. */
export interface ArcTimeProps {
    minutes: number;
    allowed: number | null;
}

/** A person wants one step before another. */
export interface ArrowProps {
    first: string;
    then: string;
    firstTitle: string;
    thenTitle: string;
}

/** A part that the plan or the running gear asks for and that is not there yet. */
export interface AskedPartProps {
    key: string;
    title: string;
    from: string;
    count: number;
    isFirst: boolean;
}

/** A line of the list of who changed what. */
export interface AuditEntryProps {
    id: number;
    who: string;
    action: string;
    about: string;
    at: string;
}

/** What an axle carries, against what it may (kg; null where its plate is not entered). */
export interface AxleLoadProps {
    axle: string;
    carries: number;
    rating: number | null;
}

/** An axle as the drawing shows it; mm. */
export interface AxleProps {
    id: string;
    station: number;
    tyreRadius: number | null;
    track: number | null;
}

/** What an axle carries at least and at most while something moves (kg); negative where it lifts. */
export interface AxleRangeProps {
    axle: string;
    least: number;
    greatest: number;
}

/** The bench of a job, and the rounds that brought it level, square and loaded; mm. */
export interface BenchProps {
    jig: JigProps | null;
    rounds: BenchRoundProps[];
    pairs: PairProps[];
    revision: string;
}

/** A round with what to do about it; mm. */
export interface BenchRoundProps {
    id: number;
    kind: 'level' | 'square' | 'set';
    worst: number;
    good: boolean;
    by: string;
    at: string;
    turns: ScrewTurnProps[];
    corners: CornerMoveProps[];
    supports: SupportMoveProps[];
    says: Sentence[];
    hasPoints: boolean;
    load: 'none' | 'hanging' | 'part-loaded' | 'standing';
    showsMoves: boolean;
}

/** One section under a load beside it; mm, N·m, degrees, MPa. */
export interface BesideCaseProps {
    torsion: string;
    lever: number;
    torque: number;
    twist: number;
    smallAngle: boolean;
    shearStress: number;
}

/** What a load beside a rail twists it by, as it is and closed by a plate; between the places that hold it (mm). */
export interface BesideProps {
    from: number;
    to: number;
    asIs: BesideCaseProps | null;
    boxed: BesideCaseProps | null;
    trouble: string | null;
}

/** A body that is cut with its frame; mm. */
export interface BodyCutProps {
    by: number;
    mounts: BodyMountProps[];
    from: number | null;
    to: number | null;
    canMeet: boolean;
    trouble: string | null;
}

/** A feature where the drawing shows it; mm. */
export interface BodyFixtureProps {
    id: string;
    kind: string;
    name: string;
    side: 'left' | 'right' | 'centre' | 'both';
    front: number;
    rear: number;
    face: string;
    up: number;
    diameter: number | null;
    spans: boolean;
    edges: number[][];
}

/** What runs along the frame, place by place: station, offset, height; mm. */
export interface BodyLineProps {
    id: string;
    kind: string;
    name: string;
    path: number[][];
}

/** Whether a mount of a body that was cut meets the frame again, and by how much it stands behind (mm). */
export interface BodyMountProps {
    mount: string;
    station: number;
    off: number;
    meets: boolean;
}

/** The body of a frame for the drawing: where its rails, features and lines lie; mm. */
export interface BodyProps {
    rails: BodyRailProps[];
    fixtures: BodyFixtureProps[];
    lines: BodyLineProps[];
}

/** A run of rail on one side, knot by knot: station, back, tips, top, bottom; mm. */
export interface BodyRailProps {
    id: string;
    side: 'left' | 'right' | 'centre';
    knots: number[][];
    isBoxed: boolean;
}

/** What the bolts of a mount bear; kg and N. */
export interface BoltedProps {
    mass: number;
    shear: number;
    pull: number;
    used: number;
    allowedShear: number;
    allowedPull: number;
}

/** A bracket of a body: whether it finds a place, how far it moves on top of the common shift, or would have to; mm. */
export interface BracketProps {
    id: string;
    placed: boolean;
    move: number | null;
    station: number | null;
    needed: number | null;
}

/** Brackets of a bolt-on body set on this frame; mm. */
export interface BracketedProps {
    brackets: BracketProps[];
    shift: number | null;
    trouble: string | null;
}

/** What the person at the screen may do with the job. */
export interface CanProps {
    work: boolean;
    strike: boolean;
}

/** Something that runs along the frame, how its length changes (mm, zero where it does not), which of its ends is cut out, and the voltage
that a longer wire loses (V; null where its current is not given), and whether it was seen to. */
export interface CarriedProps {
    feature: string;
    advice: string;
    outBeforeHeat: boolean;
    from: number;
    to: number;
    change: number;
    end: string | null;
    loss: number | null;
    current: number | null;
    copper: number | null;
    isTicked: boolean;
}

/** What may have gone wrong with a reading. */
export interface CauseProps {
    kind: string;
    error: number;
    text: Sentence;
    points: string[];
}

/** Something in the chart that is probably a slip. */
export interface ChartFaultProps {
    kind: string;
    points: string[];
    text: Sentence;
}

/** A row of the chart; mm. */
export interface ChartRowProps {
    id: string;
    name: string;
    side: 'left' | 'right' | 'centre';
    mate: string;
    x: number | null;
    y: number | null;
    z: number | null;
    hole: number | null;
    tolerance: number[];
    base: boolean;
}

/** One list of a frame: what its rows ask for, and the rows; lengths in mm, stations given from something else in their words. */
export interface ChassisListProps {
    list: string;
    label: string;
    purpose: string;
    maxCount: number;
    fields: FieldProps[];
    rows: Record<string, unknown>[];
}

/** The frame of a job as metal, list by list. */
export interface ChassisProps {
    lists: ChassisListProps[];
    quick: FieldProps[];
    points: PointProps[];
    axles: AxleProps[];
    body: BodyProps;
    adrift: string[];
    revision: string;
}

/** Something that is looked at again. */
export interface CheckAgainProps {
    what: string;
    when: string;
}

/** A surface, what it is coated with, and what closes it. */
export interface CoatingProps {
    place: string;
    what: string;
    closed: string;
    isCoated: boolean;
    isClosed: boolean;
    isOwn: boolean;
}

/** One thing that a sheet gave before the plan and gives after it; lengths in mm. */
export interface ComparedProps {
    what: string;
    kind: string;
    unit: string;
    before: unknown;
    after: unknown;
    limit: number | null;
    state: string | null;
    changes: boolean;
}

/** Two sources held against each other; mm. */
export interface ComparisonProps {
    first: string;
    second: string;
    regions: SourceRegionProps[];
    differences: DifferenceProps[];
    only: string[];
    text: Sentence;
}

/** One thing that the plan changes; in its unit. */
export interface ConsequenceProps {
    name: string;
    label: string;
    unit: string;
    before: number | null;
    after: number | null;
    note: string;
    changes: boolean;
}

/** What the plan does to the vehicle, before and after. */
export interface ConsequencesProps {
    rows: ConsequenceProps[];
    carried: CarriedProps[];
    variants: VariantProps[];
    isPlanned: boolean;
    trouble: TroubleProps | null;
}

/** How far a corner of the bench has to come; mm. */
export interface CornerMoveProps {
    corner: string;
    rearward: number;
    right: number;
}

/** A bar with its pieces; mm. */
export interface CutBarProps {
    length: number;
    isRemnant: boolean;
    pieces: CutPieceProps[];
    offcut: number;
}

/** The cut list of one stock; mm. */
export interface CutListProps {
    stock: string;
    parts: SawnPartProps[];
    bars: CutBarProps[];
    isProven: boolean;
    trouble: string | null;
    remarks: string[];
}

/** Where the rails may be cut; mm. */
export interface CutPageProps {
    points: PointProps[];
    axles: AxleProps[];
    forbidden: ForbiddenProps[];
    windows: WindowProps[];
    span: number[] | null;
    cuts: number[];
    rankedBy: string;
    standFields: FieldProps[];
    spread: SpreadProps[];
    trouble: TroubleProps | null;
}

/** A piece of a bar; mm. */
export interface CutPieceProps {
    title: string;
    length: number;
    at: number;
    cut: number;
}

/** A cut that is planned, by its operation; mm. */
export interface CutPlaceProps {
    operation: string;
    station: number;
    insert: number | null;
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
    sum: Sentence;
}

/** What a person decided of a base point. */
export interface DatumDecisionProps {
    point: string;
    choice: 'in' | 'out' | 'tested';
    reason: string;
    by: string;
    at: string;
}

/** What a dial has sent of a shaft: stations with angles and readings as the tool for run-out takes them; mm. */
export interface DialProps {
    stations: DialStationProps[];
    count: number;
    last: string | null;
}

/** Readings of a dial at one place of a shaft; mm, degrees. */
export interface DialStationProps {
    x: number;
    angles: number[];
    values: number[];
}

/** How far a point stands differently in two sources; mm along x, y, z. */
export interface DifferenceProps {
    id: string;
    off: number[];
}

/** A question about the chart; mm. */
export interface DoubtProps {
    kind: 'figure' | 'sign' | 'swapped' | 'mirrored' | 'axes';
    point: string;
    other: string | null;
    axis: number | null;
    chart: number | null;
    measured: number | null;
    suggested: number | null;
    text: Sentence;
}

/** A base point that the other base points contradict; mm along x, y, z. */
export interface DoubtfulBaseProps {
    point: string;
    off: number[];
    text: Sentence;
}

/** A drawing of a sheet, as it is on paper. */
export interface DrawingProps {
    source: string;
    caption: string;
}

/** The driveshaft of a job, before and after its plan. */
export interface DrivelineProps {
    form: ShaftFormProps;
    before: ShaftResultProps | null;
    after: ShaftResultProps | null;
    limits: LimitProps[];
    trouble: TroubleProps | null;
    revision: string;
}

/** Something to be made, bought, sent out or settled. */
export interface ErrandProps {
    kind: string;
    of: string;
    say: Sentence;
}

/** One consistent account of the survey: these readings are wrong, all others fit. */
export interface ExplanationProps {
    mistakes: MistakeProps[];
    weightedSum: number;
}

/** One thing that a form asks for, as core declares it. */
export interface FieldProps {
    name: string;
    label: string;
    kind: 'length' | 'number' | 'numbers' | 'lengths' | 'places' | 'count' | 'choice' | 'truth' | 'text' | 'names' | 'group' | 'list';
    unit: string;
    isRequired: boolean;
    default: string;
    help: string;
    range: string;
    choices: string[];
    fields: FieldProps[];
    isStation: boolean;
    names: string;
    size: number;
    bulges: boolean;
}

/** What the deviations mean together; mm. */
export interface FindingProps {
    pattern: string;
    section: string;
    side: string | null;
    amount: number;
    expanded: number;
    significant: boolean;
    text: Sentence;
    points: string[];
}

/** Who tried the first of a part, when, and what was corrected. */
export interface FirstArticleProps {
    by: string;
    at: string;
    note: string;
}

/** Whether the frame may be cut, with the reasons. Not an approval. */
export interface FitProps {
    state: 'fit' | 'straighten' | 'undecided';
    reasons: Sentence[];
}

/** Stations at which a rule refuses a cut; its ends are allowed; mm. */
export interface ForbiddenProps {
    rule: string;
    label: string;
    from: number;
    to: number;
    why: Sentence;
}

/** A page of sheets below the stages Running gear and Run sheet. */
export interface GearPageProps {
    page: string;
    label: string;
    isOfRunSheet: boolean;
    tools: GearToolProps[];
    surveyed: SurveyedPointProps[];
    instruments: InstrumentProps[];
}

/** A tool on a page of the running gear, with its sheets. */
export interface GearToolProps {
    tool: ToolProps;
    proposed: Record<string, unknown>;
    sheets: WorksheetProps[];
}

/** What the posts of each station carry in one case (kg). */
export interface HalfCaseProps {
    case: string;
    front: number;
    rear: number;
    steady: boolean;
    tips: boolean;
}

/** One half of a cut frame on its posts; mm, kg, N. */
export interface HalfProps {
    name: string;
    from: number;
    to: number;
    mass: number;
    centre: number | null;
    supports: number[];
    cases: HalfCaseProps[];
    steady: boolean | null;
    tips: boolean | null;
    load: number | null;
    allowable: number | null;
    used: number | null;
    governs: string;
    shims: number[] | null;
    trouble: string | null;
}

/** What is open at the hand-over, when to look again, and marks that stay; mm. */
export interface HandOverProps {
    points: OpenPointProps[];
    checks: CheckAgainProps[];
    areUsual: boolean;
    more: string[];
    marks: string[];
    candidates: string[];
    lengths: MarkLengthProps[];
    stale: string[];
}

/** A pull that is not ordered, and what has to be cleared up first. */
export interface HeldProps {
    what: Sentence;
    until: Sentence;
}

/** What is measured before the work goes on; mm. */
export interface HoldProps {
    what: string;
    target: number | null;
    tolerance: number | null;
    pending: number | null;
    pendingSigma: number | null;
    cases: number;
    stage: string;
    ways: ('look' | 'marks' | 'heights' | 'survey' | 'picture')[];
    from: number | null;
    to: number | null;
}

/** A tool of the shop; mm, or degrees for a level. */
export interface InstrumentProps {
    id: number;
    name: string;
    kind: 'tram-bar' | 'tape' | 'plumb-bob' | 'height-staff' | 'level' | 'dial';
    reads: string[];
    reach: number | null;
    sigma: number | null;
    offset: number;
    checked: string | null;
    check: Sentence | null;
    needsCheck: boolean;
    hasToken: boolean;
    angles: boolean;
    simulated: StandInProps | null;
}

/** Size and screws of the bench; mm. */
export interface JigProps {
    length: number | null;
    width: number | null;
    pitch: number;
    travel: number;
    clockwiseRaises: boolean;
    tolerance: number;
}

/** What a job is called and about. */
export interface JobAboutProps {
    id: number;
    title: string;
    vehicle: string;
    plate: string;
    frameNumber: string;
    odometer: string;
    customerReference: string;
    notes: string;
    revision: string;
    canWork: boolean;
}

/** What a job is expected to cost, and has cost so far; in the shop's own money. */
export interface JobCostProps {
    rate: number;
    labour: number;
    filler: number;
    taken: number;
    estimatedOfTaken: number;
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
    body: BodyProps | null;
}

/** A job in the list, with what it needs next. */
export interface JobRowProps {
    id: number;
    title: string;
    vehicle: string;
    plate: string;
    customerReference: string;
    href: string;
    next: string;
    nextHref: string;
    points: number;
    readings: number;
    updated: string;
    archive: string;
    about: string;
    isAside: boolean;
    canWork: boolean;
}

/** Which jobs a list shows, of how many, and what else could be asked. */
export interface JobsAskedProps {
    search: string;
    stage: string;
    state: string;
    sort: string;
    page: number;
    pages: number;
    total: number;
    stages: StageChoiceProps[];
    states: string[];
    sorts: string[];
}

/** How one joint of both rails is tacked and welded; mm, kJ. */
export interface JointWeldsProps {
    operation: string;
    title: string;
    school: string;
    isHeld: boolean;
    isTurned: boolean;
    sequence: WeldPieceProps[];
    scores: SequenceScoreProps[];
    tacks: SeamTacksProps[];
    distortion: Sentence[];
    heat: number;
}

/** One line of a score. */
export interface JudgedProps {
    right: boolean;
    text: Sentence;
}

/** What steps of one kind took; minutes. */
export interface KindTimeProps {
    kind: string;
    count: number;
    estimated: number;
    taken: number;
    factor: number;
}

/** One plate as it lies on a sheet; mm. */
export interface LaidPieceProps {
    key: string;
    title: string;
    corners: number[][];
    at: number[];
    rotation: number;
    isByHand: boolean;
    fault: string | null;
}

/** A guideline limit that something is held against: what it is, whose, and where it comes from. */
export interface LimitProps {
    label: string;
    said: string;
    source: string;
}

/** A frame under one way of loading. */
export interface LoadCaseProps {
    kind: string;
    label: string;
    assumes: string;
    mass: number;
    axles: AxleLoadProps[];
    moments: number[];
    shears: number[][];
    sag: number | null;
    frequency: number | null;
}

/** One frame under all its ways of loading. */
export interface LoadedProps {
    cases: LoadCaseProps[];
    worst: WorstProps[];
    stations: number[];
    hangers: number[][];
    twist: TwistProps | null;
}

/** What the frame bears, before and after; N·m, MPa, kg, mm. */
export interface LoadsProps {
    before: LoadedProps | null;
    after: LoadedProps | null;
    factor: number;
    isPlanned: boolean;
    brakes: boolean;
    moving: FieldProps[];
    winch: FieldProps[];
    beside: FieldProps[];
    trouble: TroubleProps | null;
}

/** Something that happened; lengths in mm. */
export interface LogEntryProps {
    id: number;
    step: string;
    title: string;
    kind: string;
    text: string;
    reading: number | null;
    action: string | null;
    expected: number | null;
    uncertainty: number | null;
    move: number | null;
    found: Sentence | null;
    settings: string;
    length: number | null;
    heatInput: number | null;
    coolingTime: number | null;
    readings: number | null;
    picture: string | null;
    voice: string | null;
    isSuperseded: boolean;
    by: string;
    at: string;
    arrivedAt: string | null;
}

/** A length between two marks that stay; mm. */
export interface MarkLengthProps {
    from: string;
    to: string;
    length: number;
}

/** A mark on a part, from its edges; mm. */
export interface MarkProps {
    what: string;
    fromLeft: number | null;
    fromRight: number | null;
    fromLow: number | null;
    fromHigh: number | null;
    line: string;
}

/** How a drawing is marked out by square and rule; mm. */
export interface MarkingProps {
    drawing: string;
    marks: MarkProps[];
    half: number;
    halfUp: number;
    sigma: number;
    between: number;
}

/** What is wrong with one reading if an explanation holds; mm, or degrees for an angle. */
export interface MistakeProps {
    reading: string;
    off: number;
    causes: CauseProps[];
}

/** Something fastened to the frame: where it stood, where it will stand, and how a tape finds it on either side; mm. */
export interface MountProps {
    id: string;
    name: string;
    side: string;
    before: number | null;
    after: number;
    left: SightProps[];
    right: SightProps[];
}

/** Mounts spaced along a body; mm. */
export interface MountedProps {
    mounts: PlacedMountProps[];
    added: number;
    lift: number | null;
    trouble: string | null;
}

/** What is fastened to the frame as it will be, each from what a tape can reach, and what is asked about new mounts; mm. */
export interface MountsProps {
    mounts: MountProps[];
    along: FieldProps[];
    brackets: FieldProps[];
    bolts: FieldProps[];
    bodyCut: FieldProps[];
    trouble: TroubleProps | null;
}

/** One coordinate of a point, from survey to survey; mm. */
export interface MovedCoordinateProps {
    point: string;
    axis: string;
    stages: StageMovementProps[];
    whole: StageMovementProps;
}

/** What a mass that moves along does at its worst places. */
export interface MovedLoadProps {
    over: string;
    axles: AxleRangeProps[];
    moment: number;
    station: number;
    position: number;
    worst: WorstProps | null;
    trouble: string | null;
}

/** What moved from one survey to the next; mm. */
export interface MovementByStageProps {
    surveys: string[];
    rows: MovedCoordinateProps[];
    still: number;
}

/** What moved between two surveys; mm. */
export interface MovementProps {
    earlier: string;
    later: string;
    points: PointProps[];
    texts: Sentence[];
    axles: AxleProps[];
    trouble: TroubleProps | null;
}

/** A sheet with its plates; mm. */
export interface NestedSheetProps {
    sheet: string;
    number: number;
    width: number;
    height: number;
    pieces: LaidPieceProps[];
    utilisation: number;
}

/** The plates of one stock on its sheets; mm. */
export interface NestedStockProps {
    stock: string;
    sheets: NestedSheetProps[];
    unplaced: string[];
    trouble: string | null;
}

/** The size of the survey and how well its readings agree. */
export interface NetworkProps {
    readings: number;
    unknowns: number;
    gauge: number;
    redundancy: number;
    varianceFactor: number | null;
    consistent: boolean;
    widening: number;
}

/** A reading worth taking next; mm. */
export interface NextProps {
    kind: string;
    points: string[];
    call: string;
    expected: number | null;
    gain: number;
    settles: number;
    because: 'deciding' | 'unread' | 'loose' | 'undecided' | 'unchecked';
    outcomes: OutcomeProps[];
}

/** Everything that depends on the plan, old against new, and what has to be made, bought and sent out for it. */
export interface OldNewProps {
    vehicle: ConsequenceProps[];
    shaft: DrivelineProps;
    sheets: OldNewSheetProps[];
    errands: ErrandProps[];
    isPlanned: boolean;
}

/** A sheet of the running gear, old against new. */
export interface OldNewSheetProps {
    id: number;
    title: string;
    stale: string[];
    trouble: string | null;
    isChanged: boolean;
    rows: ComparedProps[];
}

/** Something that is not settled by the frame being right. */
export interface OpenPointProps {
    id: string;
    what: string;
    because: string;
    answer: '' | 'yes' | 'no';
    who: string;
    isOwn: boolean;
    isSettled: boolean;
}

/** Something that can be planned, and what it asks for. */
export interface OperationKindProps {
    kind: string;
    label: string;
    fields: FieldProps[];
    proposed: Record<string, number>;
}

/** A planned operation, by the fields of its kind; lengths in mm. */
export interface OperationProps {
    id: string;
    kind: string;
    values: Record<string, unknown>;
}

/** What a deciding reading gives if certain readings are wrong; mm. */
export interface OutcomeProps {
    value: number;
    wrong: string[][];
    folded: string[];
}

/** A left and a right mate; mm. */
export interface PairProps {
    left: string;
    right: string;
    station: number | null;
    height: number | null;
}

/** A drawing of a part; mm. */
export interface PartDrawingProps {
    name: string;
    width: number;
    height: number;
    source: string;
    layers: string[];
}

/** A length that is sawn for one part; mm. */
export interface PartLengthProps {
    length: number;
    count: number;
}

/** A part with what comes of it; mm, kg. */
export interface PartProps {
    id: number;
    tool: string;
    made: string;
    title: string;
    values: Record<string, unknown>;
    result: Record<string, unknown> | null;
    count: number;
    side: string;
    material: string;
    used: string;
    stock: string;
    state: string;
    next: string[];
    lock: string | null;
    free: number;
    stale: string[];
    from: string | null;
    lengths: PartLengthProps[];
    thickness: number | null;
    mass: number | null;
    centre: number[] | null;
    drawings: PartDrawingProps[];
    mirrorOf: string;
    hasMirror: boolean;
    firstArticle: FirstArticleProps | null;
    points: Record<string, string>;
    marking: MarkingProps[];
    by: string;
    at: string;
    revision: string;
    trouble: string | null;
}

/** The parts of a job, and what is asked for besides. */
export interface PartsProps {
    parts: PartProps[];
    asked: AskedPartProps[];
    tools: ToolProps[];
    stock: string[];
    starts: Record<string, Record<string, unknown>>;
    surveyed: SurveyedPointProps[];
}

/** Somebody of the shop, as the owner sees them. */
export interface PersonProps {
    id: number;
    name: string;
    email: string;
    role: 'technician' | 'inspector' | 'owner';
    state: 'in' | 'invited' | 'closed';
    isMe: boolean;
}

/** A photograph of a face; pixels. */
export interface PictureProps {
    id: number;
    name: string;
    width: number;
    height: number;
    source: string;
}

/** A mount along a body: where, whether it stays, its share of an even load, its shim; mm. */
export interface PlacedMountProps {
    station: number;
    stays: boolean;
    share: number;
    shim: number | null;
}

/** The plan of a job and the frame it makes; mm. */
export interface PlanProps {
    operations: OperationProps[];
    kinds: OperationKindProps[];
    target: TargetProps[];
    cuts: CutProps[];
    stations: Record<string, Record<string, number>>;
    carried: CarriedProps[];
    wheelbaseBefore: number | null;
    wheelbaseAfter: number | null;
    axlesBefore: AxleProps[];
    axlesAfter: AxleProps[];
    warnings: Sentence[];
    rail: number[] | null;
    bodyAfter: BodyProps | null;
    named: Record<string, Record<string, string>>;
    adrift: string[];
    variant: 'A' | 'B' | 'C';
    variants: string[];
    startsFrom: string | null;
    surveys: string[];
    ends: Sentence[];
    trouble: TroubleProps | null;
    revision: string;
}

/** What was read of a DXF file, for the form of a plate; mm. */
export interface PlateOutlineProps {
    values: Record<string, unknown>;
    notes: string[];
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
    reasons: (string | null)[];
    reason: string | null;
    hull: ((number | null)[])[];
    datum: 'carries' | 'doubtful' | 'left-out' | 'no';
}

/** What a trainee read at a hold point; mm. */
export interface PracticeFoundProps {
    step: string;
    what: string;
    read: number;
    action: string;
    move: number | null;
}

/** A piece of the root. */
export interface PracticePieceProps {
    place: number;
    label: string;
    order: number | null;
    warmth: number;
}

/** An exercise as the trainee sees it; the truth only once they have answered. */
export interface PracticeProps {
    id: number;
    seed: number;
    level: 'apprentice' | 'journeyman' | 'master';
    par: number;
    points: PointProps[];
    readings: PracticeReadingProps[];
    score: number | null;
    findings: JudgedProps[];
    mistakes: JudgedProps[];
}

/** What the helper called out; mm or degrees. */
export interface PracticeReadingProps {
    number: number;
    kind: string;
    quantity: 'length' | 'angle';
    points: string[];
    value: number;
    chart: number;
}

/** An exercise in the list. */
export interface PracticeRowProps {
    id: number;
    seed: number;
    level: 'apprentice' | 'journeyman' | 'master';
    readings: number;
    score: number | null;
    at: string;
}

/** A splice as its trainee sees it; what nobody sees only once it is finished. */
export interface PracticeSpliceProps {
    id: number;
    seed: number;
    level: 'apprentice' | 'journeyman' | 'master';
    steps: RunStepProps[];
    readings: PracticeFoundProps[];
    pieces: PracticePieceProps[];
    score: number | null;
    lines: JudgedProps[];
    drewIn: number | null;
    twist: number | null;
}

/** How many coordinates of the charted points are settled. */
export interface ProgressProps {
    coordinates: number;
    settled: number;
    out: number;
    undecided: number;
    unread: number;
    toGo: number | null;
    tooClose: number;
}

/** A reading to watch while pulling; mm. */
export interface PullCheckProps {
    kind: 'tram' | 'rise';
    call: string;
    now: number;
    target: number;
}

/** One pull towards the reference, in its order; mm. */
export interface PullProps {
    order: number;
    pattern: 'sidesway' | 'sag' | 'short-rail' | 'twist' | 'diamond';
    section: 'front' | 'centre' | 'rear';
    points: string[];
    amount: number;
    expanded: number;
    direction: string;
    text: Sentence;
    checks: PullCheckProps[];
}

/** How warm a rail is estimated to be about its joint; °C. */
export interface RailHeatProps {
    joint: string;
    side: string;
    limit: number;
    factor: number | null;
    zones: ZoneHeatProps[];
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
    state: 'agrees' | 'doubtful' | 'questioned' | 'unchecked' | 'struck' | 'superseded' | 'alone';
    off: number | null;
    standardised: number | null;
    redundancy: number | null;
    pointers: number[] | null;
    reason: string | null;
    by: string;
    at: string;
    call: string;
    edge: 'near' | 'far' | null;
    instrument: string | null;
    detectable: number | null;
    causes: CauseProps[];
}

/** What the frame should measure, and where that comes from. */
export interface ReferenceProps {
    points: PointProps[];
    rows: ChartRowProps[];
    axles: AxleProps[];
    sources: SourceProps[];
    faults: ChartFaultProps[];
    surveys: SurveyChoiceProps[];
    inForce: string;
    revision: string;
}

/** The same thing read more than once, pooled; mm or degrees. */
export interface RepeatProps {
    kind: string;
    readings: string[];
    mean: number;
    expanded: number;
    spread: number;
    agree: boolean;
}

/** What the work has taught, in this job and in the shop. */
export interface RunBookProps {
    cases: ShrinkageCaseProps[];
    movement: MovementByStageProps;
    times: KindTimeProps[];
    shopTimes: KindTimeProps[];
    minutesLeft: number;
    longestChain: number;
    cost: JobCostProps;
}

/** What is to be done, in order, and what has happened. */
export interface RunSheetProps {
    state: string;
    latest: number;
    at: string;
    steps: RunStepProps[];
    minutesLeft: number;
    longestChain: number;
    setups: number;
    conflict: string[] | null;
    log: LogEntryProps[];
    heats: RailHeatProps[];
    zones: Record<string, ZoneProps[]>;
    lastRun: Record<string, unknown>;
    lastHeights: Record<string, unknown>;
    processes: string[];
    arrows: ArrowProps[];
    arc: ArcTimeProps;
}

/** A step of the run sheet. */
export interface RunStepProps {
    id: string;
    title: string;
    kind: string;
    joint: string;
    state: 'done' | 'possible' | 'blocked' | 'impossible';
    minutes: number;
    waitsFor: WaitProps[];
    isEarly: boolean;
    cautions: string[];
    asksCautions: boolean;
    hold: HoldProps | null;
    isOwn: boolean;
    by: string;
    at: string;
    isOtherwise: boolean;
    closedBy: string | null;
    shutsOut: string[];
}

/** What a job has to saw, and the rack of the shop; mm. */
export interface SawProps {
    kerf: number;
    trim: number;
    lists: CutListProps[];
    rack: StockItemProps[];
}

/** A length that is sawn, and how many of it now; mm. */
export interface SawnPartProps {
    part: number;
    title: string;
    length: number;
    now: number;
    all: number;
}

/** A way in which practice orders the pieces of a joint. */
export interface SchoolProps {
    key: string;
    label: string;
}

/** What to do with one screw; mm. */
export interface ScrewTurnProps {
    corner: string;
    change: number;
    turns: number;
    clockwise: boolean;
}

/** Where a seam is tacked; mm. */
export interface SeamTacksProps {
    seam: string;
    length: number;
    tackLength: number;
    centres: number[];
}

/** One rail cut square at a station, as it is drawn and what it has; mm. */
export interface SectionProps {
    side: 'left' | 'right' | 'centre';
    station: number;
    depth: number;
    width: number;
    lost: number;
    outlines: number[][][];
    area: number;
    inertia: number;
    modulus: number;
    torsion: number;
    yield: number | null;
    known: string;
    steel: string;
    moment: number | null;
}

/** How far out of balance the heat comes on the way, by one school; kJ·mm. */
export interface SequenceScoreProps {
    school: string;
    label: string;
    sideways: number;
    upright: number;
    along: number;
}

/** A place where somebody is logged in. */
export interface SessionProps {
    address: string;
    browser: string;
    at: string;
    isThis: boolean;
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
    saw: Sentence;
    bottomingClearance: number | null;
    minEngagement: number | null;
    criticalSpeed: number | null;
    speed: number;
    speedVariation: number;
    angularAcceleration: number;
    warnings: Sentence[];
    assumed: Sentence[];
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

/** Something that a shop may set: what it asks for, the shop's own value, and who set it. */
export interface ShopValueProps {
    group: string;
    field: FieldProps;
    own: number | null;
    usual: number;
    source: string;
    changed: string;
}

/** What one cut of the shop really drew in; mm. */
export interface ShrinkageCaseProps {
    job: string;
    kind: string;
    planned: number | null;
    tacked: number;
    root: number | null;
    cold: number;
    drewIn: number;
    isRecorded: boolean;
}

/** How far something lies behind what a tape is hooked to (mm), ahead of it negative. */
export interface SightProps {
    hook: string;
    distance: number;
}

/** A reference that the frame can be held against. */
export interface SourceProps {
    code: string;
    name: string;
    kind: 'chart' | 'lengths' | 'sister' | 'survey';
    points: number;
    remarks: string[];
    inForce: boolean;
    unsure: number | null;
}

/** A run of rows on which two sources agree or not; mm. */
export interface SourceRegionProps {
    from: string;
    to: string;
    points: string[];
    worst: number;
    side: 'agree' | 'first' | 'second' | 'neither' | 'open';
}

/** One way of joining the rail. */
export interface SpliceOptionProps {
    name: string;
    label: string;
    made: string;
    weldsFlange: boolean;
    holds: boolean;
    used: number;
    ratio: number | null;
    mass: number;
    step: number;
    rank: number;
    verdict: Sentence;
    improves: Sentence;
    parts: SplicePartProps[];
    places: Record<string, number>;
    plugs: number;
    fillets: number;
    buttPasses: number;
    filletPasses: number;
    access: Sentence;
    notes: Sentence[];
    slant: number;
    steps: number[];
}

/** The ways of joining a rail at one place, side by side. */
export interface SplicePageProps {
    fields: FieldProps[];
    places: CutPlaceProps[];
    site: SpliceSiteProps | null;
    options: SpliceOptionProps[];
    trouble: TroubleProps | null;
}

/** A sleeve or plate as it is drawn: what reaches to one side of the joint; the other is its mirror; mm. */
export interface SplicePartProps {
    id: string;
    kind: string;
    depth: number;
    width: number;
    thickness: number;
    length: number;
    plug: number | null;
    plugs: number[][];
    fillets: number[][];
}

/** A place where a rail is to be joined; mm, kN·m and kN of one rail, static. */
export interface SpliceSiteProps {
    station: number;
    depth: number;
    width: number;
    thickness: number;
    yield: number;
    steel: string;
    moment: number;
    shear: number;
    case: string;
    factor: number;
    length: number;
    insert: number | null;
}

/** One move of a loose half, in its place among the others; mm and degrees. */
export interface SpreadMoveProps {
    move: 'turn' | 'heights' | 'sideways' | 'gap';
    corner: string | null;
    by: number;
    sigma: number | null;
    angle: number | null;
}

/** The loose half of one cut: what to read across the gap, and the rounds so far. */
export interface SpreadProps {
    operation: string;
    cut: number;
    fields: FieldProps[];
    readings: SpreadReadingProps[];
    rounds: SpreadRoundProps[];
    tolerance: number;
}

/** One reading across a gap, with what it is in the frame as planned (mm). */
export interface SpreadReadingProps {
    field: string;
    between: string;
    planned: number;
}

/** A round of readings across a gap, with how the loose half lies and what to move, in order; mm and degrees. */
export interface SpreadRoundProps {
    by: string;
    at: string;
    shift: number[];
    shiftSigma: number[];
    turn: number[];
    turnSigma: number[];
    moves: SpreadMoveProps[];
    spare: number;
    worst: number;
    isSet: boolean;
    trouble: string | null;
}

/** A stage to choose from. */
export interface StageChoiceProps {
    name: string;
    label: string;
}

/** From one survey to the next; mm. */
export interface StageMovementProps {
    stage: string;
    moved: number;
    expanded: number;
    isSignificant: boolean;
}

/** A station on the rail of a job. */
export interface StageProps {
    key: string;
    label: string;
    href: string;
    state: 'done' | 'open' | 'waiting';
}

/** What a simulated instrument hides, and how well it is read. */
export interface StandInProps {
    seed: number;
    slop: number;
    misreads: number;
    damage: string;
}

/** Both halves on posts once the rails are cut. */
export interface StandProps {
    cut: number;
    halves: HalfProps[];
}

/** A bar or a sheet on the rack; mm. */
export interface StockItemProps {
    id: number;
    stock: string;
    length: number;
    width: number | null;
    count: number | null;
    isRemnant: boolean;
}

/** What comes off, in which bag, and what is coated. */
export interface StripProps {
    items: StrippedItemProps[];
    coatings: CoatingProps[];
}

/** Something that comes off before the heat. */
export interface StrippedItemProps {
    what: string;
    bag: number;
    isOwn: boolean;
    isOut: boolean;
    isBack: boolean;
}

/** What to do at one support, and what it does to the other end; mm. */
export interface SupportMoveProps {
    end: 'front' | 'rear';
    right: number;
    other: number;
    liftLeft: number;
    liftRight: number;
    otherLift: number;
}

/** A survey in the shop that a reference can be made of. */
export interface SurveyChoiceProps {
    id: number;
    own: boolean;
    job: string;
    code: string;
    stage: string;
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
    explanations: ExplanationProps[];
    beyond: boolean;
    doubtfulBase: DoubtfulBaseProps[];
    decisions: DatumDecisionProps[];
    held: HeldProps[];
    repeats: RepeatProps[];
    doubts: DoubtProps[];
    pulls: PullProps[];
    fit: FitProps | null;
    blocked: string[];
    tour: TourProps | null;
    against: 'chart' | 'mirror' | 'plane';
}

/** One survey of a job, to choose from. */
export interface SurveyTabProps {
    code: string;
    name: string;
    stage: string;
    href: string;
    toTarget: boolean;
}

/** A point that a survey found, to work on from; mm. */
export interface SurveyedPointProps {
    id: string;
    at: number[];
    isInSpace: boolean;
}

/** Where one point is to be after the plan; mm, null if it is cut out. */
export interface TargetProps {
    id: string;
    name: string;
    side: 'left' | 'right' | 'centre';
    chart: number[] | null;
    target: number[] | null;
}

/** A quick tool: what it asks for, and what it gives. */
export interface ToolProps {
    name: string;
    title: string;
    purpose: string;
    source: string;
    fields: FieldProps[];
    results: ToolResultProps[];
    href: string;
    group: string;
    draws: boolean;
}

/** One thing that a quick tool gives. */
export interface ToolResultProps {
    name: string;
    label: string;
    kind: string;
    unit: string;
    results: ToolResultProps[];
}

/** Readings in walking order round the frame. */
export interface TourProps {
    readings: NextProps[];
    metres: number;
}

/** What other numbers in a sheet would do, against what it says now. */
export interface TriedProps {
    rows: ComparedProps[];
    result: Record<string, unknown>;
}

/** Why something cannot be computed, and what to do. */
export interface TroubleProps {
    code: string;
    message: string;
}

/** A frame with one wheel lifted until another hangs in the air; N·m, degrees, MPa, mm. */
export interface TwistProps {
    over: string;
    lifts: string;
    torque: number;
    degrees: number;
    stress: number;
    station: number;
    side: string;
    isOpen: boolean;
}

/** Who is at the screen. */
export interface UserProps {
    id: number;
    name: string;
    role: string;
    workshop: string;
    canSetUpWorkshop: boolean;
    hidesExpected: boolean;
    version: string;
    unit: 'mm' | 'in' | null;
    theme: 'light' | 'dark' | null;
}

/** One variant of the plan, to be held beside the others. */
export interface VariantProps {
    letter: string;
    inForce: boolean;
    operations: string[];
    rows: ConsequenceProps[];
    worst: WorstProps | null;
    warnings: number;
    crossing: number;
    trouble: string | null;
}

/** A step that another one waits for. */
export interface WaitProps {
    id: string;
    title: string;
}

/** A piece of a run in its place in the order; mm, kJ. */
export interface WeldPieceProps {
    number: number;
    group: string;
    edge: string;
    position: string;
    from: number[];
    to: number[];
    length: number;
    heat: number;
}

/** The joints of a plan as they are welded. */
export interface WeldsProps {
    joints: JointWeldsProps[];
    schools: SchoolProps[];
}

/** What the pull of a rope does to the axles and the rails. */
export interface WinchedProps {
    over: string;
    axles: AxleRangeProps[];
    worst: WorstProps | null;
    railHeight: number | null;
    trouble: string | null;
}

/** A stretch in which both rails may be cut, and the best station in it; mm. */
export interface WindowProps {
    from: number;
    to: number;
    best: number;
    share: number | null;
    inLongestBay: boolean;
    text: Sentence;
}

/** A sheet of the running gear with what comes of it; mm. */
export interface WorksheetProps {
    id: number;
    tool: string;
    title: string;
    values: Record<string, unknown>;
    result: Record<string, unknown> | null;
    before: Record<string, unknown> | null;
    stale: string[];
    by: string;
    at: string;
    trouble: string | null;
    revision: string;
    points: Record<string, string>;
    drawings: DrawingProps[];
}

/** What holds for the whole shop. */
export interface WorkshopProps {
    name: string;
    inchDenominator: number;
    hidesExpected: boolean;
    values: ShopValueProps[];
    revision: string;
}

/** A place where a rail bears most. */
export interface WorstProps {
    case: string;
    station: number;
    side: string;
    moment: number;
    stress: number;
    margin: number | null;
    yield: number | null;
    known: string;
    isOnJack: boolean;
}

/** How warm a zone is estimated to be; °C, s. */
export interface ZoneHeatProps {
    id: string;
    label: string;
    temperature: number;
    low: number;
    high: number;
    wait: number | null;
    isCoolest: boolean;
}

/** A place at a joint where a run may lie. */
export interface ZoneProps {
    id: string;
    label: string;
}

/** Something said to a person: a code that stays when the wording changes, a template, and what stands in it. Facts first, prose last: it is
put into words once, where it is read, in the reader's unit. */
export interface Sentence {
    code: string;
    template: string;
    parts: Record<string, string | Measure>;
}

/** A length inside a sentence (mm): what was computed is rounded as tables round it, what was given or is allowed is said as it was given. */
export interface Measure {
    mm: number;
    expanded: number | null;
    isGiven: boolean;
    isFine: boolean;
}
