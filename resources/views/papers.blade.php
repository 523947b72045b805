<!DOCTYPE html>
<html lang="en">
    <head>
        <meta charset="utf-8" />
        <title>{{ $job->title }} – sheets of the plan</title>
        <style @if ($nonce) nonce="{{ $nonce }}" @endif>
            @include('paper-style')
        </style>
    </head>
    <body>
        <main>
            <h1>{{ $job->title }}: the plan on paper</h1>
            @include('paper-head')
            <div class="caution">
                <p><strong>Before anything is cut.</strong> The vehicle maker's body-builder instructions, local law and a licensed engineer decide whether this frame may be changed, where, and by whom it is welded and inspected. Nothing here is an approval.</p>
                <p>Support both halves; disconnect the battery and everything electronic; fuel, lines and looms out of the heat, the tank out or drained; extinguisher at hand; nobody under a half that is not on its posts.</p>
            </div>
            @if ($plan->trouble)
                <p><strong>This cannot be planned yet:</strong> {{ $plan->trouble->message }}</p>
            @elseif ($plan->operations === [])
                <p>No change is planned, so that there is nothing to print.</p>
            @endif
            @foreach ($plan->adrift as $fault)<p>▲ Left out: {{ $fault }}</p>@endforeach
            @foreach ($plan->warnings as $warning)<p>▲ {{ $say($warning) }}</p>@endforeach

            @foreach ($cuts as $rows)
                @php($cut = $rows[0])
                <h2 @if (! $loop->first) class="sheet" @endif>Cut sheet {{ $cut->operation }}: {{ $operation($operations[$cut->operation]) }}</h2>
                <table>
                    <thead><tr><th></th><th>Left rail</th><th>Right rail</th></tr></thead>
                    <tr><td>First cut, station {{ $length($cut->cut) }}</td>
                        @foreach (['left', 'right'] as $side)<td>{!! implode('<br>', array_map(e(...), $sights($cut->cut, $side))) ?: 'nothing near to measure from' !!}</td>@endforeach
                    </tr>
                    @if ($cut->bandEnd - $cut->cut > 0.05)
                        <tr><td>Second cut, station {{ $length($cut->bandEnd) }}</td>
                            @foreach (['left', 'right'] as $side)<td>{!! implode('<br>', array_map(e(...), $sights($cut->bandEnd, $side))) ?: 'nothing near to measure from' !!}</td>@endforeach
                        </tr>
                    @endif
                    <tr><td>Marks squared round all faces; both rails compared by the diagonals between them</td><td>☐ web ☐ top ☐ bottom</td><td>☐ web ☐ top ☐ bottom</td></tr>
                </table>
                @foreach ($rows as $row)
                    <p><span class="big">{{ ucfirst($row->what) }} to saw: {{ $length($row->piece) }}</span><br>{{ $say($row->sum) }}. {{ $row->saw }}</p>
                @endforeach
                <table>
                    <thead><tr><th>Witness marks, {{ $length($cut->witness) }} from the cut</th><th class="n">read before</th><th class="n">must read after</th><th class="n">tacked</th><th class="n">root</th><th class="n">cold</th></tr></thead>
                    @foreach (['left', 'right'] as $side)
                        <tr><td>{{ $side }} rail, over the joint on top and bottom</td><td class="n">{{ $length($cut->before) }}</td><td class="n">{{ $length($cut->after) }}</td><td></td><td></td><td></td></tr>
                    @endforeach
                </table>
                @php($halves = $stand($cut->cut)->halves)
                <h3>Both halves on posts</h3>
                <table>
                    <thead><tr><th>Half</th><th class="n">weighs</th><th class="n">posts at</th><th class="n">and at</th><th class="n">carry alone, kg</th><th class="n">and, kg</th><th>With a person on an end</th></tr></thead>
                    @foreach ($halves as $half)
                        <tr><td>{{ $half->name }}</td><td class="n">{{ round($half->mass) }} kg</td><td class="n">{{ $length($half->supports[0]) }}</td><td class="n">{{ $length($half->supports[1]) }}</td>
                            <td class="n">{{ $half->cases === [] ? 'not given' : round($half->cases[0]->front) }}</td><td class="n">{{ $half->cases === [] ? 'not given' : round($half->cases[0]->rear) }}</td>
                            <td>{{ $half->trouble ?? ($half->tips ? '■ tips: move the posts' : ($half->steady ? '○ steady' : '◌ not steady enough')) }}</td></tr>
                    @endforeach
                </table>
            @endforeach

            @if ($splice->site && $splice->options !== [])
                @php($best = $splice->options[0])
                <h2 class="sheet">Splice sheet, joint at {{ $length($splice->site->station) }}</h2>
                <p>Rail {{ $length($splice->site->depth) }} × {{ $length($splice->site->width) }} × {{ $length($splice->site->thickness) }}, yield {{ $splice->site->yield }} MPa. {{ ucfirst($splice->site->case) }}: {{ number_format($splice->site->moment, 2) }} kN·m and {{ number_format($splice->site->shear, 2) }} kN a rail, times {{ $splice->site->factor }}.</p>
                <table>
                    <thead><tr><th>Way</th><th class="n">weakest place used to</th><th class="n">strength to the rail's</th><th class="n">kinder to fatigue</th><th class="n">mass, both</th><th>welds a flange</th></tr></thead>
                    @foreach ($splice->options as $one)
                        <tr><td>{{ $one->label }}</td><td class="n">{{ $one->holds ? '○' : '■' }} {{ round(100 * $one->used) }} %</td><td class="n">{{ $one->ratio === null ? '–' : round(100 * $one->ratio).' %' }}</td><td class="n">{{ number_format($one->rank, 2) }}</td><td class="n">{{ number_format($one->mass, 1) }} kg</td><td>{{ $one->weldsFlange ? 'yes' : 'no' }}</td></tr>
                    @endforeach
                </table>
                @foreach ($splice->options as $one)
                    @if ($one->holds && $one->parts !== [])
                        <h3>{{ $one->label }}</h3>
                        <p>{{ $one->made }} {{ $say($one->verdict) }}</p>
                        @foreach ($one->parts as $part)
                            <p>{{ $part->id }}: {{ $length($part->depth) }} × {{ $length($part->width) }} × {{ $length($part->thickness) }}, {{ $length(2 * $part->length) }} long, {{ $length($part->length) }} to each side.
                                @if ($part->plug) Plugs ⌀ {{ $length($part->plug) }} on either side of the joint at {{ implode(', ', array_map($length, array_values(array_unique(array_column($part->plugs, 0))))) }}; heights {{ implode(', ', array_map($length, array_values(array_unique(array_column($part->plugs, 1))))) }} from mid-height. @endif
                                @foreach ($part->fillets as $fillet) Fillet at {{ $length($fillet[1]) }} from {{ $length($fillet[0]) }} to {{ $length($fillet[2]) }}. @endforeach
                            </p>
                        @endforeach
                        @break
                    @endif
                @endforeach
                <p>Bending in the plane of the web alone. Passes, current and order from the shop's own procedure; both rails in turn, short runs, cold in between.</p>
            @endif

            @if ($added !== [])
                <h2 class="sheet">Marking out</h2>
                <p>Stations of the frame before any cut. Left and right from their own hooks; the one checks the other.</p>
                <table>
                    <thead><tr><th>What</th><th class="n">Station</th><th>Left</th><th>Right</th><th>Face, height</th></tr></thead>
                    @foreach ($added as $one)
                        <tr><td>{{ $one['name'] }} ({{ $one['what'] }}){{ $one['diameter'] === null ? '' : ', ⌀ '.$length($one['diameter']) }}</td><td class="n">{{ $length($one['station']) }}</td>
                            @foreach (['left', 'right'] as $side)<td>{!! in_array($one['side'], [$side, 'both'], true) ? (implode('<br>', array_map(e(...), $sights($one['station'], $side))) ?: 'nothing near') : '–' !!}</td>@endforeach
                            <td>{{ $one['face'] }}{{ $one['face'] === 'web' ? ', '.$length($one['up']).' from mid-height' : '' }}</td></tr>
                    @endforeach
                </table>
            @endif

            @if ($plan->operations !== [])
                <h2 class="sheet">What comes along</h2>
                <table>
                    <thead><tr><th class="tick"></th><th>Item</th><th class="n">Longer by</th><th>What is done</th></tr></thead>
                    @forelse ($after->carried as $item)
                        @if (abs($item->change) > 0.001 || $item->end !== null)
                            <tr><td>☐</td><td>{{ $item->feature }}{{ $item->end === null ? '' : ': '.$item->end }}</td><td class="n">{{ ($item->change > 0 ? '+' : '').$length($item->change) }}</td><td>{{ $item->advice }}{{ $item->outBeforeHeat ? '; ▲ out of the way or drained before any heat' : '' }}{{ $item->loss === null ? '' : '; '.number_format($item->loss, 2).' V lost at '.$item->current.' A' }}</td></tr>
                        @endif
                    @empty
                        <tr><td></td><td colspan="3">Nothing that runs along the frame is entered. Look along the rails before the saw starts.</td></tr>
                    @endforelse
                    @foreach (['brake and fuel lines', 'air', 'looms and sensors', 'cables', 'exhaust', 'shafts', 'hoses'] as $look)<tr><td>☐</td><td colspan="3">Looked along both rails for {{ $look }}</td></tr>@endforeach
                </table>

                <h2>Before and after</h2>
                <table>
                    <thead><tr><th>What</th><th class="n">before</th><th class="n">after</th></tr></thead>
                    @foreach ($after->rows as $row)
                        @php($show = fn (?float $v): string => $v === null ? 'not given' : ($row->unit === 'mm' ? $length($v) : number_format($v, $row->unit === 'm' ? 2 : 1).' '.$row->unit))
                        <tr><td>{{ $row->label }}{{ $row->note === '' ? '' : ' – '.$row->note }}</td><td class="n">{{ $show($row->before) }}</td><td class="n">{{ $show($row->after) }}</td></tr>
                    @endforeach
                </table>
                @if ($loads->after)
                    <table>
                        <thead><tr><th>Axle loads, kg</th>@foreach ($loads->after->cases[0]->axles as $axle)<th class="n">{{ $axle->axle }}{{ $axle->rating === null ? ', limit not given' : ', may '.round($axle->rating) }}</th>@endforeach</tr></thead>
                        @foreach ($loads->after->cases as $case)
                            <tr><td>{{ $case->label }}: {{ $case->assumes }}</td>@foreach ($case->axles as $axle)<td class="n">{{ $axle->axle === 'jack' ? 'jack ' : '' }}{{ round($axle->carries) }}{{ $axle->rating !== null && $axle->carries > $axle->rating ? ' ■ over' : '' }}</td>@endforeach</tr>
                        @endforeach
                    </table>
                    @foreach ($loads->after->worst as $worst)
                        <p>{{ ucfirst($worst->case) }}, {{ $worst->side }} rail at {{ $length($worst->station) }}: {{ number_format($worst->stress) }} MPa {{ $worst->isOnJack ? 'on the jack, without the factor' : 'with factor '.$loads->factor }}, yield over stress {{ $worst->margin === null ? 'not known' : number_format($worst->margin, 2) }}{{ $worst->known === '' ? '' : ' (yield '.$worst->known.')' }}.</p>
                    @endforeach
                    <p>Static, bending alone, half on each rail; a number with these assumptions and never a release.</p>
                @endif
                <table class="sign"><tr><td>Marked out by</td><td>Checked by</td><td>Date</td></tr></table>
            @endif
        </main>
    </body>
</html>
