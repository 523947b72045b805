            <div class="sheet">
                <h2>Hand-over</h2>
                <p class="caution">Whoever answers and signs here answers for it. Nothing on these pages approves or releases the vehicle: the vehicle maker, the law of the place and licensed practice do.</p>
                @if ($handOver->points !== [])
                    <table>
                        <thead><tr><th>Open point</th><th>Seen to</th><th>By whom</th></tr></thead>
                        @foreach ($handOver->points as $point)
                            <tr><td><strong>{{ $point->what }}</strong> {{ $point->because }}</td><td class="s">{{ ['yes' => '■ yes', 'no' => '□ no', '' => '× no answer'][$point->answer] }}</td><td>{{ $point->who ?: '–' }}</td></tr>
                        @endforeach
                    </table>
                @endif
                @if ($handOver->checks !== [])
                    <h3>To be looked at again</h3>
                    <table>
                        <thead><tr><th>What</th><th>When</th><th class="tick">Done</th></tr></thead>
                        @foreach ($handOver->checks as $check)<tr><td>{{ $check->what }}</td><td>{{ $check->when }}</td><td>☐</td></tr>@endforeach
                    </table>
                @endif
                @if ($handOver->lengths !== [])
                    <h3>Marks that stay: ten minutes, the longest first</h3>
                    <table>
                        <thead><tr><th>From</th><th>To</th><th class="n">Now</th><th class="n">Read again</th></tr></thead>
                        @foreach ($handOver->lengths as $one)<tr><td>{{ $one->from }}</td><td>{{ $one->to }}</td><td class="n">{{ $length($one->length) }}</td><td></td></tr>@endforeach
                    </table>
                @endif
                <table class="sign">
                    <thead><tr><th>For</th><th>Name</th><th>Date</th><th>Signature</th></tr></thead>
                    @foreach (\App\Report\HandOverFolder::ROLES as $role)<tr><td>{{ $role }}</td><td></td><td></td><td></td></tr>@endforeach
                </table>
            </div>
