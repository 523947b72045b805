<!DOCTYPE html>
<html lang="en">
    <head>
        <meta charset="utf-8" />
        <title>{{ $job->title }} – sheets of the running gear</title>
        <style @if ($nonce) nonce="{{ $nonce }}" @endif>
            @include('paper-style')
        </style>
    </head>
    <body>
        <main>
            <h1>{{ $job->title }}: the running gear on paper</h1>
            @include('paper-head')
            <div class="caution">
                <p><strong>Before anything is cut or welded.</strong> Shafts, links, steering and suspension carry lives: the vehicle maker's instructions, local law and a licensed engineer decide what may be changed, and by whom it is welded, balanced and inspected. Nothing here is an approval.</p>
                <p>Vehicle on stands, wheels chocked, brake off the shaft that is taken out; springs and torsion bars without load before a link or a mount is loosened.</p>
            </div>

            <h2>Old against new</h2>
            @if (! $gear->isPlanned)<p>Nothing is planned, so that old and new are the same.</p>@endif
            <table>
                <thead><tr><th>What</th><th class="n">before</th><th class="n">after</th></tr></thead>
                @foreach ($gear->vehicle as $row)
                    @php($show = fn (?float $v): string => $v === null ? 'not given' : ($row->unit === 'mm' ? $length($v) : number_format($v, $row->unit === 'm' ? 2 : 1).' '.$row->unit))
                    <tr><td>{{ $row->label }}{{ $row->changes ? ' ●' : '' }}</td><td class="n">{{ $show($row->before) }}</td><td class="n">{{ $show($row->after) }}</td></tr>
                @endforeach
            </table>
            <p>● changes with the plan.</p>
            @foreach ($gear->sheets as $sheet)
                @if ($sheet->isChanged)
                    @php($changed = array_filter($sheet->rows, fn ($row) => $row->changes))
                    <h3>{{ $sheet->title }}</h3>
                    <table>
                        <thead><tr><th>What</th><th class="n">before</th><th class="n">after</th><th class="n">limit</th><th>state</th></tr></thead>
                        @forelse (array_map($values->compared(...), $changed) as $row)
                            <tr><td>{{ $row['what'] }}</td><td class="n">{{ $row['before'] }}</td><td class="n">{{ $row['after'] }}</td><td class="n">{{ $row['limit'] }}</td><td>{{ $row['state'] }}</td></tr>
                        @empty
                            <tr><td colspan="5">Nothing that comes of it is changed by the plan.</td></tr>
                        @endforelse
                    </table>
                @endif
            @endforeach
            @if ($gear->errands)
                <h2>To be made, bought, sent out</h2>
                <table>
                    <thead><tr><th></th><th>What</th><th>Of</th></tr></thead>
                    @foreach ($gear->errands as $errand)
                        <tr><td>☐ {{ $errand->kind }}</td><td>{{ $say($errand->say) }}</td><td>{{ $errand->of }}</td></tr>
                    @endforeach
                </table>
            @endif

            @php($shaft = $gear->shaft->after ?? $gear->shaft->before)
            @if ($shaft)
                <h2 class="sheet">Driveshaft</h2>
                <p><span class="big">{{ $say($shaft->saw) }}</span></p>
                <table>
                    <thead><tr><th>At</th><th class="n">joint to joint</th><th class="n">slip in by</th><th class="n">front joint</th><th class="n">rear joint</th><th class="n">residual</th></tr></thead>
                    @foreach ($shaft->states as $at)
                        <tr><td>{{ $at->at }}</td><td class="n">{{ $length($at->length) }}</td><td class="n">{{ $length($at->engagement) }}</td><td class="n">{{ number_format($at->frontAngle, 2) }}°</td><td class="n">{{ number_format($at->rearAngle, 2) }}°</td><td class="n">{{ number_format($at->residual, 2) }}°</td></tr>
                    @endforeach
                </table>
                @foreach ($shaft->warnings as $warning)<p>▲ {{ $say($warning) }}</p>@endforeach
                @foreach ($shaft->assumed as $assumed)<p>Assumed: {{ $say($assumed) }}</p>@endforeach
                @foreach ($gear->shaft->limits as $limit)<p>{{ $limit->label }}: {{ $limit->said }}</p>@endforeach
                <p>☐ phase line over both ends ☐ ears in line by rocking ☐ tacked at four places, across in turn ☐ dial read again after the weld ☐ balanced, or noted that it was not</p>
            @elseif ($gear->shaft->trouble)
                <p>The driveshaft is not worked out: {{ $gear->shaft->trouble->message }}</p>
            @endif

            @foreach ($sheets as $sheet)
                @php($tool = $tools[$sheet->tool])
                <h2 class="sheet">{{ $sheet->title }}</h2>
                <p>{{ $tool::title() }}, by {{ $sheet->by }}, {{ str_replace(['T', 'Z'], [' ', ' UTC'], $sheet->at) }}.</p>
                @if ($sheet->stale)<p><strong>▲ Out of date:</strong> the job says otherwise now of {{ implode(', ', $sheet->stale) }}.</p>@endif
                @if ($sheet->result)
                    @foreach ($drawings($sheet) as $drawing)
                        <h3>{{ $drawing['caption'] }}</h3>
                        <img class="drawn" style="width: {{ $drawing['width'] }}mm; height: {{ $drawing['height'] }}mm" alt="{{ $drawing['caption'] }}" src="data:image/svg+xml;base64,{{ base64_encode($drawing['svg']) }}" />
                    @endforeach
                    <h3>What comes of it</h3>
                    <table class="facts">
                        @foreach ($values->lines($tool::results(), $sheet->result) as $label => $said)
                            <tr><td>{{ $label }}</td><td>{{ $said }}</td></tr>
                        @endforeach
                    </table>
                    @foreach ($values->tables($tool::results(), $sheet->result) as $label => $rows)
                        @php($heads = array_keys(array_merge(...$rows)))
                        <h3>{{ $label }}</h3>
                        <table>
                            <thead><tr>@foreach ($heads as $head)<th>{{ $head }}</th>@endforeach</tr></thead>
                            @foreach ($rows as $row)
                                <tr>@foreach ($heads as $head)<td>{{ $row[$head] ?? '–' }}</td>@endforeach</tr>
                            @endforeach
                        </table>
                    @endforeach
                @else
                    <p>■ Not worked out: {{ $sheet->trouble }}</p>
                @endif
                <h3>What was entered</h3>
                <table class="facts">
                    @foreach ($values->given($tool::fields(), $sheet->values) as $label => $said)
                        <tr><td>{{ $label }}</td><td>{{ $said }}</td></tr>
                    @endforeach
                </table>
                <p>{{ $tool::source() }}</p>
                @foreach ($templates($sheet) as $template)
                    <h2 class="sheet">{{ $sheet->title }}: template at full size</h2>
                    <p>{{ $template['caption'] }}. Print at 100 %, without fitting to the page; measure the line at the foot before anything is punched.</p>
                    <img class="drawn" style="width: {{ $template['width'] }}mm; height: {{ $template['height'] }}mm" alt="{{ $template['caption'] }}" src="data:image/svg+xml;base64,{{ base64_encode($template['svg']) }}" />
                @endforeach
            @endforeach
            @if ($sheets === [])
                <p>No other sheet is kept for this job.</p>
            @endif
            <table class="sign"><tr><td>Worked out by</td><td>Checked by</td><td>Date</td></tr></table>
        </main>
    </body>
</html>
