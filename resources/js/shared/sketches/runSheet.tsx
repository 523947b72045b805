import { Across, Label, Marked, Scribed, Sheet, Steel, Upright } from '@/shared/sketches/sheet';

/** Steps and what comes before what. */
export function OrderSketch() {
    return (
        <Sheet label="Steps joined by arrows: two lead to a third, and the longest chain of them is marked">
            <Steel d="M40 50H130V84H40ZM40 140H130V174H40ZM180 95H270V129H180ZM310 95H380V129H310Z" />
            <Scribed d="M130 67L180 102l-8 -1M180 102l-4 -7" />
            <Marked d="M130 157L180 122l-8 1M180 122l-4 7M270 112H310l-7 -4M310 112l-7 4" />
            <Label at={[85, 72]}>posts</Label>
            <Label at={[85, 162]}>strip</Label>
            <Label at={[225, 117]}>cut</Label>
            <Label at={[345, 117]}>tack</Label>
            <Label at={[230, 180]} marked>
                longest chain
            </Label>
        </Sheet>
    );
}

/** Ten minutes of a machine. */
export function DutySketch() {
    return (
        <Sheet label="Ten minutes of a machine: it burns for a share of them and rests for what is left">
            <Steel d="M40 80H160V140H40Z" />
            <Scribed d="M160 80H360V140H160" />
            <Label at={[100, 116]}>burns</Label>
            <Label at={[260, 116]}>rests</Label>
            <Across from={40} to={360} y={184}>
                10 minutes
            </Across>
        </Sheet>
    );
}

/** A bolt through plates. */
export function TorqueSketch() {
    return (
        <Sheet label="A bolt through plates with a washer at each end, stretched by its nut">
            <Steel d="M110 60H150V160H110ZM150 50H190V170H150ZM190 50H240V170H190Z" />
            <Marked d="M84 84H110V136H84ZM110 96H300V124H110M264 80H290V140H264Z" />
            <Scribed d="M110 72V148M240 76H248V144H240M248 72H256V148H248" />
            <Across from={150} to={240} y={194}>
                gripped
            </Across>
            <Label at={[310, 76]} anchor="start" marked>
                turned to
            </Label>
        </Sheet>
    );
}

/** Two plates warmed beside a weld. */
export function PreheatSketch() {
    return (
        <Sheet label="Two plates that meet in a weld and are warmed on both sides of it">
            <Steel d="M40 110H192L204 140H40ZM360 110H216L204 140H360Z" />
            <Marked d="M120 170q6 -10 0 -18q-6 8 0 18M286 170q6 -10 0 -18q-6 8 0 18" />
            <Scribed d="M120 150V100M286 150V100" />
            <Upright from={110} to={140} x={60}>
                thick
            </Upright>
            <Label at={[204, 92]}>weld</Label>
            <Label at={[204, 196]} marked>
                warmed
            </Label>
        </Sheet>
    );
}

/** A reading with its spread against what is allowed. */
export function HoldPointSketch() {
    return (
        <Sheet label="A reading with its spread against what is allowed on either side, and what is still to come">
            <Steel d="M70 40V180M330 40V180" />
            <Scribed d="M200 40V180M70 150H330" />
            <Marked d="M210 100a6 6 0 1 0 12 0a6 6 0 1 0 -12 0M164 100H268M164 92v16M268 92v16M222 100H300l-8 -5M300 100l-8 5" />
            <Label at={[70, 204]}>allowed</Label>
            <Label at={[330, 204]}>allowed</Label>
            <Label at={[200, 30]}>as planned</Label>
            <Label at={[216, 80]} marked>
                measured, then still to come
            </Label>
        </Sheet>
    );
}

/** Cases in a shop's book. */
export function ShrinkageBookSketch() {
    return (
        <Sheet label="The cases of a shop’s book about what was thought at first, and the band of the next one">
            <Scribed d="M40 180H370M40 120H370" />
            <Steel d="M60 96a5 5 0 1 0 10 0a5 5 0 1 0 -10 0M110 84a5 5 0 1 0 10 0a5 5 0 1 0 -10 0M160 104a5 5 0 1 0 10 0a5 5 0 1 0 -10 0M210 78a5 5 0 1 0 10 0a5 5 0 1 0 -10 0" />
            <Marked d="M300 60V130M290 60H310M290 130H310M294 94H306" />
            <Label at={[90, 144]}>first estimate</Label>
            <Label at={[140, 62]}>cases</Label>
            <Label at={[300, 48]} marked>
                the next
            </Label>
            <Label at={[330, 200]}>nothing</Label>
        </Sheet>
    );
}

/** A fillet and its wire. */
export function ConsumablesSketch() {
    return (
        <Sheet label="A fillet between a web and a flange, laid by a wire that travels along it">
            <Steel d="M60 170H340V190H60ZM190 40H210V170H190Z" />
            <Marked d="M210 130L250 170H210ZM300 60L236 142" />
            <Scribed d="M258 130V170M252 130h12M210 178v16M250 178v16" />
            <Label at={[276, 156]} anchor="start">
                leg
            </Label>
            <Label at={[310, 56]} anchor="start" marked>
                wire
            </Label>
        </Sheet>
    );
}

/** A section whose runs are numbered crosswise. */
export function WeldSequenceSketch() {
    return (
        <Sheet label="A channel whose runs are welded crosswise about its middle, not one beside the other">
            <Steel d="M130 40H250V54H146V166H250V180H130Z" />
            <Scribed d="M180 110H230M205 85V135" />
            <Marked d="M250 40L232 30M130 180L112 190M130 40L112 30M250 180L268 190" />
            <Label at={[222, 30]} marked>
                1
            </Label>
            <Label at={[104, 200]} marked>
                2
            </Label>
            <Label at={[104, 30]} marked>
                3
            </Label>
            <Label at={[278, 200]} marked>
                4
            </Label>
            <Label at={[260, 114]} anchor="start">
                middle of the section
            </Label>
        </Sheet>
    );
}

/** A rail bowed by the welds on its top. */
export function DistortionSketch() {
    return (
        <Sheet label="A rail whose welds above the neutral axis shrink, so that its ends rise">
            <Scribed d="M40 100H360" />
            <Steel d="M40 84Q200 132 360 84V124Q200 172 40 124Z" />
            <Marked d="M110 94Q200 116 290 94" />
            <Label at={[200, 84]} marked>
                shrinks
            </Label>
            <Upright from={100} to={128} x={200}>
                bow
            </Upright>
            <Label at={[70, 70]}>rises</Label>
            <Label at={[330, 70]}>rises</Label>
        </Sheet>
    );
}

/** Heat that spreads over a strip. */
export function InterpassSketch() {
    return (
        <Sheet label="A rail laid flat with a run across its middle and the heat spreading from it">
            <Steel d="M30 50H370V170H30Z" />
            <Marked d="M200 84V136" />
            <Scribed d="M180 110a20 44 0 1 0 40 0a20 44 0 1 0 -40 0M150 110a50 56 0 1 0 100 0a50 56 0 1 0 -100 0M316 104l12 12m0 -12l-12 12" />
            <Across from={200} to={322} y={196}>
                along
            </Across>
            <Label at={[200, 40]} marked>
                run
            </Label>
            <Label at={[322, 92]}>place</Label>
        </Sheet>
    );
}

/** Holes of two parts that do not quite meet. */
export function FitForecastSketch() {
    return (
        <Sheet label="Four holes of one part, and those of the other a little off: the bolt enters where what is left stays within the play">
            <Steel d="M60 40H340V180H60Z" />
            <Scribed d="M88 70a14 14 0 1 0 28 0a14 14 0 1 0 -28 0M284 70a14 14 0 1 0 28 0a14 14 0 1 0 -28 0M88 150a14 14 0 1 0 28 0a14 14 0 1 0 -28 0M284 150a14 14 0 1 0 28 0a14 14 0 1 0 -28 0" />
            <Marked d="M92 72a14 14 0 1 0 28 0a14 14 0 1 0 -28 0M281 68a14 14 0 1 0 28 0a14 14 0 1 0 -28 0M90 147a14 14 0 1 0 28 0a14 14 0 1 0 -28 0M288 153a14 14 0 1 0 28 0a14 14 0 1 0 -28 0" />
            <Label at={[200, 114]}>both patterns, as well as they are known</Label>
            <Label at={[330, 204]} marked>
                drill this one last
            </Label>
        </Sheet>
    );
}
