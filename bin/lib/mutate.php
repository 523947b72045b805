<?php

/*
 * Before the mutation plugin: it asks the tests that run a changed line, and counts a change in a line that no test runs as noticed by none.
 * A constant has no line that runs, and none is counted for a bare `continue`; there the tests that reach the file are asked.
 */

declare(strict_types=1);

/**
 * @param  array<int, array<int, string>>  $covered  tests by line
 * @return list<int>
 */
function lines_to_ask(array $covered, int $first, int $last): array
{
    $changed = range($first, $last);

    return array_intersect($changed, array_keys($covered)) === [] ? array_keys($covered) : $changed;
}

$class = __DIR__.'/../../vendor/pestphp/pest-plugin-mutate/src/MutationTest.php';
$source = (string) file_get_contents($class);
$asks = 'range($this->mutation->startLine, $this->mutation->endLine)';
if (substr_count($source, $asks) !== 1) {
    throw new RuntimeException("$class does not ask for its lines by $asks any more: look at bin/lib/mutate.php");
}
eval(substr(str_replace($asks, '\lines_to_ask($coveredLines[$this->mutation->file->getRealPath()] ?? [], $this->mutation->startLine, $this->mutation->endLine)', $source), strlen('<?php')));
