            @if ($run->log !== [])
                @php
                    $undone = array_filter($run->steps, fn ($step) => $step->state !== 'done');
                    $entries = array_reverse(array_values(array_filter($run->log, fn ($entry) => ! $entry->isSuperseded)));
                    $when = fn ($entry) => str_replace('T', ' ', substr($entry->at, 0, 16));
                    $different = array_filter($entries, fn ($entry) => in_array($entry->kind, ['otherwise', 'stop'], true));
                    $runs = array_filter($entries, fn ($entry) => $entry->kind === 'run');
                    $kinds = ['begun' => 'begun', 'done' => 'done', 'reopened' => 'opened again', 'reading' => 'found, not gone on', 'run' => 'welded', 'temperature' => 'temperature', 'note' => 'note', 'otherwise' => 'not as planned', 'stop' => 'stopped', 'picture' => 'picture', 'voice' => 'voice note'];
                @endphp
                <h2>What was done</h2>
                @if ($different !== [])
                    <h3>Where it differs from the plan</h3>
                    @foreach ($different as $entry)<p>▲ {{ $entry->title ?: 'The job' }}, {{ $kinds[$entry->kind] }}: {{ $entry->text }} ({{ $entry->by }}, {{ $when($entry) }})</p>@endforeach
                @endif
                @foreach (array_filter($run->steps, fn ($step) => $step->isEarly) as $step)<p>▲ {{ $step->title }} was done before {{ implode('; ', array_map(fn ($one) => $one->title, $step->waitsFor)) }}.</p>@endforeach
                @foreach (array_filter($run->steps, fn ($step) => $step->state === 'impossible') as $step)<p>✕ {{ $step->title }} cannot be done any more: closed by “{{ $step->closedBy }}”.</p>@endforeach
                <table>
                    <thead><tr><th>When</th><th>By</th><th>Step</th><th>What</th><th class="n">Read</th></tr></thead>
                    @foreach (array_slice(array_filter($entries, fn ($entry) => $entry->kind !== 'run'), -400) as $entry)
                        <tr>
                            <td class="s">{{ $when($entry) }}</td><td>{{ $entry->by }}</td><td>{{ $entry->title }}</td>
                            <td>{{ $kinds[$entry->kind] }}{{ $entry->settings === '' ? '' : ': '.$entry->settings }}{{ $entry->text === '' ? '' : ': '.$entry->text }}{{ $entry->found === null ? '' : '. '.$say($entry->found) }}</td>
                            <td class="n">{{ $entry->reading === null ? '' : $length($entry->reading) }}</td>
                        </tr>
                    @endforeach
                </table>
                @if ($undone !== [])<p>Not done yet, {{ count($undone) }}: {{ implode('; ', array_map(fn ($step) => $step->title, array_slice($undone, 0, 40))) }}.</p>@endif
                @if ($runs !== [])
                    <h3>Weld runs</h3>
                    <table>
                        <thead><tr><th>When</th><th>Where and how</th><th class="n">Length</th><th class="n">kJ/mm</th></tr></thead>
                        @foreach (array_slice($runs, -200) as $entry)<tr><td class="s">{{ $when($entry) }}</td><td>{{ $entry->settings }}</td><td class="n">{{ $entry->length === null ? '–' : $length($entry->length) }}</td><td class="n">{{ number_format($entry->heatInput ?? 0, 2) }}</td></tr>@endforeach
                    </table>
                @endif
            @endif

            @if ($welds !== [])
                <h2>Welds, what they were expected to do</h2>
                @foreach ($welds as $joint)
                    <p><strong>{{ $joint->title }}</strong>, {{ count($joint->sequence) }} pieces, {{ number_format($joint->heat) }} kJ, {{ $joint->isHeld ? 'held until cold' : 'free' }}. @foreach ($joint->distortion as $one){{ $say($one) }} @endforeach</p>
                @endforeach
            @endif

            @foreach ($sheets as $sheet)
                @if ($loop->first)<h2>Fasteners, filler and heat</h2>@endif
                <h3>{{ $sheet->title ?: $sheet->tool }}{{ $sheet->stale === [] ? '' : ' ◌ out of date' }}</h3>
                @if ($sheet->trouble)<p>{{ $sheet->trouble }}</p>@endif
                @php $tool = \Geodex\Core\Calculators\Calculators::named($sheet->tool); @endphp
                <table class="facts">
                    @foreach ($values->given($tool::fields(), $sheet->values) as $label => $said)<tr><td>{{ $label }}</td><td>{{ $said }}</td></tr>@endforeach
                    @foreach ($values->lines($tool::results(), $sheet->result ?? []) as $label => $said)<tr><td>{{ $label }}</td><td><strong>{{ $said }}</strong></td></tr>@endforeach
                </table>
            @endforeach

            @if ($strip->items !== [] || $strip->coatings !== [])
                <h2>Stripped and coated</h2>
                @if ($strip->items !== [])
                    <table>
                        <thead><tr><th>Bag</th><th>What</th><th>State</th></tr></thead>
                        @foreach ($strip->items as $item)<tr><td class="big">{{ $item->bag }}</td><td>{{ $item->what }}</td><td>{{ $item->isBack ? '■ back' : ($item->isOut ? '◧ out' : '□ on the vehicle') }}</td></tr>@endforeach
                    </table>
                @endif
                @if ($strip->coatings !== [])
                    <table>
                        <thead><tr><th>Surface</th><th>With</th><th>Closed by</th><th>State</th></tr></thead>
                        @foreach ($strip->coatings as $one)<tr><td>{{ $one->place }}</td><td>{{ $one->what ?: '–' }}</td><td>{{ $one->closed ?: 'stays open' }}</td><td>{{ $one->isOwn ? '' : ($one->isCoated ? '■ coated' : ($one->isClosed ? '✕ closed uncoated' : '□ not yet')) }}</td></tr>@endforeach
                    </table>
                @endif
            @endif

            @foreach ($pictures as $picture)
                @if ($loop->first)<h2>Pictures</h2>@endif
                <p style="page-break-inside: avoid"><img alt="{{ $picture['text'] }}" src="data:image/jpeg;base64,{{ base64_encode($picture['jpeg']) }}" /><br />{{ $picture['text'] }}</p>
            @endforeach
