<?php

declare(strict_types=1);

/**
 * Runs each some times and prints how long it took.
 *
 * @param  array<string, Closure(): mixed>  $measured  by what it is
 */
function measured(array $measured): void
{
    foreach ($measured as $what => $run) {
        $run();
        $times = [];
        for ($i = 0; $i < 15; $i++) {
            $start = hrtime(true);
            $run();
            $times[] = (hrtime(true) - $start) / 1e6;
        }
        sort($times);
        printf("%-24s median %6.1f ms, 95 %% %6.1f ms\n", $what, $times[7], $times[14]);
    }
}
