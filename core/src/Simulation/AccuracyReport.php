<?php

declare(strict_types=1);

namespace Geodex\Core\Simulation;

/** Writes what an accuracy study found as a page of docs. */
final readonly class AccuracyReport
{
    public function __construct(private AccuracyStudy $study = new AccuracyStudy, private JudgementTable $judgement = new JudgementTable) {}

    /** @param  int  $frames  of each kind; a twentieth of them for the advice, which surveys each many times */
    public function write(int $frames, int $seed): string
    {
        $held = $this->study->intervals($frames, $seed);
        $found = $this->study->mistakes($frames, $seed + 100_000);
        $advice = $this->study->advice(max(1, intdiv($frames, 20)), $seed + 200_000);
        $fixed = array_sum(array_column($advice, 'fixed'));
        $advised = array_sum(array_column($advice, 'advised'));
        $lines = [
            '# Accuracy', '',
            "Made-up frames of 4 to 7 pairs whose truth is known, bent by two damages of 4 to 20 mm, read once round with the noise that the sigmas claim. Written by `bin/geodex accuracy --frames $frames --seed $seed > docs/accuracy.md`; the same seed gives the same table.", '',
            '| question | asked | found | of |', '|---|---|---|---|',
            $this->row(question: '95 % intervals that hold the true coordinate', asked: '93 to 97 %', found: $held['held'], of: $held['coordinates'], what: 'coordinates'),
            $this->row(
                question: 'single mistakes of 1 to 3 smallest detectable sizes that are found',
                asked: 'at least 95 %',
                found: $found['found'],
                of: $found['mistakes'],
                what: 'mistakes',
            ),
            $this->row(question: 'good readings accused beside a mistake', asked: 'at most 1 %', found: $found['accused'], of: $found['good'], what: 'readings'),
            $this->row(question: 'good readings accused where nothing is wrong', asked: 'at most 1 %', found: $held['accused'], of: $held['good'], what: 'readings'),
            $this->row(question: 'readings that the advice needs of those of the fixed tour', asked: 'at most 67 %', found: $advised, of: $fixed, what: 'readings'),
            '', 'The smallest detectable size of a mistake is (3.29 + 1.645) σ / √r, r the redundancy number of the reading: found in 95 of 100 cases, falsely accused once in a thousand.', '',
            '## The judgement', '',
            'A verdict is wrong where it says out and the truth is 1 mm or more inside the tolerance, or in and the truth is 1 mm or more outside. Mistakes are of 1 to 3 smallest detectable sizes. The starting tour is what a survey asks for first; every other of its frames is sound. The full survey is row by row across, heights, along, diagonals and over one row, once.', '',
            ...$this->judgement->lines($frames, $seed + 300_000),
            '',
            '## Advice against a fixed tour', '',
            'Readings until every coordinate is settled and every reading is checked, with a tool of 0.8 usual sigmas and one damage of 8 to 16 mm. The fixed tour goes row by row (across, heights, along, diagonals, over one row) and round again; the advice is the first suggestion each time. Frames on which one of the two ends with a coordinate too close to its tolerance to settle are passed over.', '',
            '| frame (seed) | fixed tour | advice | share |', '|---|---|---|---|',
            ...array_map(fn (array $row): string => sprintf('| %d | %d | %d | %.0f %% |', $row['seed'], $row['fixed'], $row['advised'], 100 * $row['advised'] / $row['fixed']), $advice),
        ];

        return implode("\n", $lines)."\n";
    }

    private function row(string $question, string $asked, int $found, int $of, string $what): string
    {
        return sprintf('| %s | %s | %.2f %% | %d %s |', $question, $asked, $of === 0 ? 0.0 : 100 * $found / $of, $of, $what);
    }
}
