            <table class="facts">
                <tr><td>Workshop</td><td>{{ $job->workshop->name }}</td></tr>
                <tr><td>Vehicle</td><td>{{ $job->vehicle ?: 'not given' }}</td></tr>
                <tr><td>State</td><td>{{ $state }}: a sheet with another one is out of date</td></tr>
                <tr><td>Printed</td><td>{{ $printedAt }} by {{ $printedBy->name }} ({{ $printedBy->role->value }}), Geodex {{ config('geodex.version') }}</td></tr>
            </table>
