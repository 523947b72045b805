<!DOCTYPE html>
<html lang="en">
    <head>
        <meta charset="utf-8" />
        <title>{{ $job->title }} – Geodex hand-over</title>
        <style @if ($nonce) nonce="{{ $nonce }}" @endif>
            @include('paper-style')
        </style>
    </head>
    <body>
        <main>
            @php
                $words = ['in' => '○ within', 'out' => '■ out', 'unsure' => '◌ undecided', 'unmeasured' => '× not read'];
                $states = ['agrees' => 'agrees', 'doubtful' => 'does not fit', 'questioned' => 'one of these is wrong', 'unchecked' => 'unchecked', 'struck' => 'struck', 'superseded' => 'superseded', 'alone' => 'not computed'];
                $signed = fn (?float $v): string => $v === null ? '–' : ($v > 0 ? '+' : '').$length($v);
                $degrees = fn (float $v): string => number_format($v, 2).'°';
                $ordered = array_reverse($props->readings);
                // A page holds some sixty lines: what is long goes with the report as a table.
                $isLong = count($ordered) > 400;
                $printed = $isLong ? array_values(array_filter($ordered, fn ($reading) => ! in_array($reading->state, ['agrees', 'unchecked', 'alone'], true))) : $ordered;
            @endphp
            <h1>{{ $job->title }}</h1>
            <table class="facts">
                <tr><td>Workshop</td><td>{{ $job->workshop->name }}</td></tr>
                <tr><td>Vehicle</td><td>{{ $job->vehicle ?: '–' }}</td></tr>
                <tr><td>Survey</td><td>{{ $survey->called() }}, {{ count($props->readings) }} readings, {{ count($props->points) }} points</td></tr>
                <tr><td>Held against</td><td>{{ $props->against === 'mirror' ? 'its own mirror image: what bent both sides alike does not show' : ($source ?? 'the chart of the job') }}</td></tr>
                <tr><td>Printed</td><td>{{ $printedAt }} by {{ $printedBy->name }} ({{ $printedBy->role->value }}), Geodex {{ config('geodex.version') }}</td></tr>
            </table>
            <p class="caution">Everything here is computed from readings that people took. It is no approval: the vehicle maker's body-builder instructions, local rules and a licensed engineer or inspector decide. Support the frame on stands before work, disconnect the battery, keep fuel and brake lines away from heat.</p>
            @php $waiting = count(array_filter($handOver->points, fn ($one) => ! $one->isSettled)); @endphp
            @if ($handOver->points !== [])<p><strong>{{ $waiting === 0 ? 'All open points have an answer and a name.' : $waiting.' of '.count($handOver->points).' open points have no answer or no name yet: see the last page.' }}</strong></p>@endif
            @foreach ($handOver->stale as $stale)<p>◌ Out of date: {{ $stale }}</p>@endforeach

            @if ($sketch !== '')
                <img alt="Plan above, left side below; chart grey, measured frame black, deviations enlarged 20 times" src="data:image/svg+xml;base64,{{ base64_encode($sketch) }}" />
                <p>Plan seen from above, front to the left; side seen from the left, right rail dashed. Deviations enlarged 20 times. ○ within tolerance ◌ undecided ■ out × not read.</p>
            @endif

            <h2>Survey</h2>
            @if ($props->trouble)
                <p><strong>Not computed:</strong> {{ $props->trouble->message }}</p>
            @else
                <p>{{ $props->progress->settled }} of {{ $props->progress->coordinates }} coordinates settled, {{ $props->progress->out }} of them out, {{ $props->progress->undecided }} undecided, {{ $props->progress->unread }} not read. The readings {{ $props->network->consistent ? 'agree with the accuracy they claim' : 'agree worse than the accuracy they claim' }} (variance factor {{ $props->network->varianceFactor === null ? 'not known' : number_format($props->network->varianceFactor, 2) }}, {{ $props->network->redundancy }} to spare). Datum: {{ implode(', ', $props->base) }}.</p>
            @endif
            @foreach ($ordered as $reading)
                @if ($reading->state === 'doubtful')
                    <p><strong>Reading {{ $reading->number }} does not fit:</strong> {{ $reading->kind }} {{ implode(' ', $reading->points) }} reads {{ $reading->quantity === 'angle' ? $degrees(abs($reading->off)) : $length(abs($reading->off)) }} {{ $reading->off > 0 ? 'more' : 'less' }} than the others say. It is left out of the computation.{{ $reading->causes === [] ? '' : ' '.implode(' Or: ', array_map(fn ($cause) => $say($cause->text), $reading->causes)) }}</p>
                @endif
            @endforeach

            @if (count($props->explanations) > 1)
                <p><strong>The readings can be explained in {{ $props->beyond ? 'more than '.count($props->explanations) : count($props->explanations) }} ways; one of them holds:</strong></p>
                @foreach ($explanations as $sentence)<p>{{ $sentence }}</p>@endforeach
                @if (count($props->explanations) > 8)<p>And {{ count($props->explanations) - 8 }} more.</p>@endif
            @endif
            @foreach ($props->doubtfulBase as $doubtful)<p><strong>{{ $say($doubtful->text) }}</strong></p>@endforeach
            @if ($props->base !== [])<p>The datum is carried by {{ implode(', ', $props->base) }}.</p>@endif
            @foreach ($props->decisions as $decision)<p>{{ $decision->point }} was {{ ['in' => 'kept in the datum', 'out' => 'taken out of the datum', 'tested' => 'left to the test'][$decision->choice] }} by {{ $decision->by ?: 'not given' }}, {{ $decision->at }}: {{ $decision->reason }}</p>@endforeach
            @if (($props->network->widening ?? 1) > 1)<p>The readings scatter {{ number_format($props->network->widening, 1) }} times as much as their tools claim; every interval is that much wider.</p>@endif

            @if ($props->fit)
                <h2>{{ ['fit' => 'Fit to modify, as far as the readings show', 'straighten' => 'Straighten first', 'undecided' => 'Undecided: read on'][$props->fit->state] }}</h2>
                @foreach ($props->fit->reasons as $reason)<p>{{ $say($reason) }}</p>@endforeach
                <p>What the readings show, not an approval. Rust, cracks, old repairs and heat-treated rails are for the eye.</p>
            @endif
            @foreach ($props->doubts as $doubt)<p><strong>A question about the chart:</strong> {{ $say($doubt->text) }}</p>@endforeach

            @include('hand-over.before-after')

            <h2>Findings</h2>
            @forelse ($props->findings as $finding)
                @if ($finding->significant)<p>{{ $say($finding->text) }}</p>@endif
            @empty
                <p>None: no pair is fully measured yet.</p>
            @endforelse
            <table>
                <thead><tr><th>Point</th><th></th><th class="n">Station off</th><th class="n">Offset off</th><th class="n">Height off</th><th class="n">Allowed</th><th>State</th></tr></thead>
                @foreach ($props->points as $point)
                    <tr>
                        <td><strong>{{ $point->id }}</strong></td><td>{{ $point->name }}{{ $point->base ? ' (base)' : '' }}</td>
                        @foreach ([0, 1, 2] as $axis)
                            <td class="n">{{ $point->deviation === null ? '–' : (($point->determined[$axis] ?? true) ? ($point->deviation[$axis] > 0 ? '+' : '').$measure($point->deviation[$axis], $point->expanded[$axis]) : 'loose') }}</td>
                        @endforeach
                        <td class="n">{{ $length(max($point->tolerance)) }}</td><td class="s">{{ $words[$point->verdict] }}{{ $point->reason === null ? '' : ': '.$point->reason }}</td>
                    </tr>
                @endforeach
            </table>

            @if ($props->pulls !== [])
                <h2>What to pull, in this order</h2>
                <table>
                    <thead><tr><th class="n">#</th><th>Points</th><th class="n">Amount</th><th>Which way</th><th>To watch: now, target</th></tr></thead>
                    @foreach ($props->pulls as $pull)
                        <tr><td class="n">{{ $pull->order }}</td><td>{{ implode(', ', $pull->points) }}</td><td class="n">{{ $measure($pull->amount, $pull->expanded) }}</td><td>{{ $pull->direction }}</td>
                            <td>@foreach ($pull->checks as $check){{ $check->kind }} {{ $check->call }}: {{ $length($check->now) }}, {{ $length($check->target) }}{{ $loop->last ? '' : '; ' }}@endforeach</td></tr>
                    @endforeach
                </table>
            @endif
            @if ($props->held !== [])
                <h2>Not pulled yet</h2>
                @foreach ($props->held as $held)<p>{{ $say($held->what) }} Held back until {{ $say($held->until) }}.</p>@endforeach
            @endif

            <h2>Plan</h2>
            @if ($plan->trouble)
                <p>{{ $plan->trouble->message }}</p>
            @elseif ($plan->operations === [])
                <p>No change is planned.</p>
            @else
                <p>Wheelbase {{ $length($plan->wheelbaseBefore) }} before, {{ $length($plan->wheelbaseAfter) }} after. Stations are those of the chart before any change. Tie both halves to the bench before cutting.</p>
                <table>
                    <thead><tr><th>Cut</th><th>What</th><th class="n">Station</th><th class="n">Piece to saw</th><th class="n">Witness marks</th><th class="n">read before</th><th class="n">must read after</th></tr></thead>
                    @php $planned = array_column($plan->operations, null, 'id'); @endphp
                    @foreach ($plan->cuts as $cut)
                        <tr><td>{{ $cut->operation }}</td><td>{{ $operation($planned[$cut->operation]) }}</td><td class="n">{{ $length($cut->cut) }}</td><td class="n">{{ $cut->what }} {{ $length($cut->piece) }}</td><td class="n">{{ $length($cut->witness) }} each side</td><td class="n">{{ $length($cut->before) }}</td><td class="n">{{ $length($cut->after) }}</td></tr>
                    @endforeach
                </table>
                @foreach ($plan->operations as $one)
                    @if (! in_array($one->id, array_column($plan->cuts, 'operation'), true))<p>{{ $one->id }}: {{ $operation($one) }}</p>@endif
                @endforeach
                @foreach ($plan->warnings as $warning)<p>▲ {{ $say($warning) }}</p>@endforeach
                <h3>What crosses a cut</h3>
                @php $crossing = array_values(array_filter($plan->carried, fn ($item) => abs($item->change) > 0.001 || $item->end !== null)); @endphp
                @if ($crossing === [])
                    <p>{{ $plan->carried === [] ? 'Nothing that runs along the frame is listed in this job.' : 'Nothing that is listed crosses a cut.' }} Look along the rails before the saw starts: brake and fuel lines, air, loom, cables, exhaust, shafts.</p>
                @else
                    <table>
                        <thead><tr><th>Item</th><th class="n">Longer by</th><th>Done</th></tr></thead>
                        @foreach ($crossing as $item)
                            <tr><td>{{ $item->feature }}{{ $item->end === null ? '' : ': '.$item->end }}</td><td class="n">{{ $signed($item->change) }}</td><td>☐</td></tr>
                        @endforeach
                    </table>
                @endif
                <h3>Target</h3>
                <table>
                    <thead><tr><th>Point</th><th class="n">Station</th><th class="n">Offset</th><th class="n">Height</th></tr></thead>
                    @foreach ($plan->target as $target)
                        <tr><td>{{ $target->id }}</td>
                            @foreach ([0, 1, 2] as $axis)<td class="n">{{ $target->target === null ? ($axis === 0 ? 'cut out' : '') : $length($target->target[$axis]) }}</td>@endforeach
                        </tr>
                    @endforeach
                </table>
            @endif

            <h2>Driveline</h2>
            @php $shaft = $driveline->after ?? $driveline->before; @endphp
            @if ($driveline->trouble)
                <p>{{ $driveline->trouble->message }}</p>
            @elseif ($shaft === null)
                <p>No driveshaft is entered.</p>
            @else
                <p>Tube to {{ $shaft->tubeToCut < 0 ? 'add' : 'cut' }}: <strong>{{ $length(abs($shaft->tubeToCut)) }}</strong>. {{ $say($shaft->saw) }} {{ $shaft->minEngagement === null ? 'Engagement at droop is not checked' : 'Least engagement '.$length($shaft->minEngagement) }}, {{ $shaft->bottomingClearance === null ? 'bottoming at bump is not checked' : 'left before bottoming '.$length($shaft->bottomingClearance) }}. Critical speed {{ $shaft->criticalSpeed === null ? 'not known' : number_format($shaft->criticalSpeed).' rev/min' }}, fastest {{ number_format($shaft->speed) }} rev/min.</p>
                <table>
                    <thead><tr><th>At</th><th class="n">Length</th><th class="n">Engagement</th><th class="n">Front joint</th><th class="n">Rear joint</th><th class="n">Uncancelled</th></tr></thead>
                    @foreach ($shaft->states as $state)
                        <tr><td>{{ $state->at }}</td><td class="n">{{ $length($state->length) }}</td><td class="n">{{ $length($state->engagement) }}</td><td class="n">{{ $degrees($state->frontAngle) }}</td><td class="n">{{ $degrees($state->rearAngle) }}</td><td class="n">{{ $degrees($state->residual) }}</td></tr>
                    @endforeach
                </table>
                @foreach ($shaft->assumed as $sentence)<p>{{ $say($sentence) }}</p>@endforeach
                @foreach ($shaft->warnings as $warning)<p>▲ {{ $say($warning) }}</p>@endforeach
                <p>A shaft that was cut and welded is balanced by a driveline shop before it turns at speed.</p>
            @endif

            @if ($parts !== [])
                <h2>Parts</h2>
                <table>
                    <thead><tr><th>Part</th><th class="n">How many</th><th>Side</th><th>Stock</th><th class="n">To saw</th><th>State</th></tr></thead>
                    @foreach ($parts as $part)
                        <tr>
                            <td>{{ $part->title }}{{ $part->stale === [] ? '' : ' ◌ out of date: '.implode(', ', $part->stale) }}</td><td class="n">{{ $part->count }}</td><td>{{ $part->side }}</td><td>{{ $part->stock === '' ? 'not given' : $part->stock }}</td>
                            <td class="n">{{ $part->lengths === [] ? '–' : implode(', ', array_map(fn ($one) => ($one->count > 1 ? $one->count.' × ' : '').$length($one->length), $part->lengths)) }}</td><td>{{ $part->lock === null ? $part->state : 'locked' }}{{ $part->firstArticle === null ? '' : ', tried by '.$part->firstArticle->by }}</td>
                        </tr>
                    @endforeach
                </table>
            @endif

            @include('hand-over.work')

            <h2>Log of readings</h2>
            @if ($isLong)
                <p>{{ count($ordered) }} readings are too many for paper. The whole log is the table readings-{{ $survey->code }}.csv, which goes with this folder ({{ route('readings.table', [$job->id, $survey->code]) }}); below is what does not agree, was struck or superseded{{ count($printed) > 400 ? ', the latest 400 of '.count($printed) : '' }}.</p>
            @endif
            <table>
                <thead><tr><th>#</th><th>Kind</th><th>Points</th><th class="n">Read</th><th class="n">Off</th><th>State</th><th>By, at</th></tr></thead>
                @foreach (array_slice($printed, 0, 400) as $reading)
                    <tr>
                        <td>{{ $reading->number }}</td><td>{{ $reading->kind }}</td><td>{{ implode(' ', $reading->points) }}</td><td class="n">{{ $reading->typed }}</td>
                        <td class="n">{{ $reading->off === null ? '–' : ($reading->quantity === 'angle' ? $degrees($reading->off) : $signed($reading->off)) }}</td>
                        <td>{{ $states[$reading->state] }}{{ $reading->reason ? ': '.$reading->reason : '' }}</td><td>{{ $reading->by }} {{ substr($reading->at, 0, 16) }}</td>
                    </tr>
                @endforeach
            </table>

            @include('hand-over.open')
        </main>
    </body>
</html>
