            @if ($surveys !== [])
                <h2>Before and after</h2>
                <p>“{{ $surveys[0]['name'] }}” against {{ $surveys[0]['toTarget'] ? 'the target' : 'the chart' }}, “{{ $surveys[1]['name'] }}” against {{ $surveys[1]['toTarget'] ? 'the target' : 'the chart' }}: station, offset and height off.</p>
                <table>
                    <thead><tr><th>Point</th><th class="n">Before</th><th>State</th><th class="n">After</th><th>State</th></tr></thead>
                    @php $off = fn ($point) => $point?->deviation === null ? '–' : implode(' / ', array_map(fn (int $axis) => ($point->determined[$axis] ?? true) ? $signed($point->deviation[$axis]) : 'loose', [0, 1, 2])); @endphp
                    @foreach (array_keys($surveys[0]['points'] + $surveys[1]['points']) as $id)
                        @php [$before, $after] = [$surveys[0]['points'][$id] ?? null, $surveys[1]['points'][$id] ?? null]; @endphp
                        <tr><td><strong>{{ $id }}</strong></td><td class="n">{{ $off($before) }}</td><td class="s">{{ $before === null ? '' : $words[$before->verdict] }}</td><td class="n">{{ $off($after) }}</td><td class="s">{{ $after === null ? '' : $words[$after->verdict] }}</td></tr>
                    @endforeach
                </table>
                @if ($movement->rows !== [])
                    <h3>What moved at which stage</h3>
                    <p>Each survey against what it was held against; ◆ is more than both surveys are unsure of.</p>
                    @php $step = fn ($one) => $one === null ? '–' : ($one->isSignificant ? '◆ ' : '').$signed($one->moved).' ± '.$length($one->expanded); @endphp
                    <table>
                        <thead><tr><th>Point</th>@foreach (array_slice($movement->surveys, 1) as $name)<th class="n">to {{ $name }}</th>@endforeach<th class="n">from first to last</th></tr></thead>
                        @foreach (array_slice($movement->rows, 0, 120) as $row)
                            @php $stages = array_column($row->stages, null, 'stage'); @endphp
                            <tr><td>{{ $row->point }}, {{ $row->axis }}</td>@foreach (array_slice($movement->surveys, 1) as $name)<td class="n">{{ $step($stages[$name] ?? null) }}</td>@endforeach<td class="n">{{ $step($row->whole) }}</td></tr>
                        @endforeach
                    </table>
                @endif
            @endif
