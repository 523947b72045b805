<?php

declare(strict_types=1);

namespace Geodex\Core\Simulation;

/** What the study of the judgement found, as a table of docs. */
final readonly class JudgementTable
{
    public function __construct(private JudgementStudy $study = new JudgementStudy) {}

    /** @return list<string> lines of the table, of that many frames of each kind */
    public function lines(int $frames, int $seed): array
    {
        $clean = $this->study->clean($frames, $seed);
        $tour = $this->study->startingTour($frames, $seed + 10_000);
        $two = $this->study->twoMistakes($frames, $seed + 20_000);
        $unit = $this->study->unitMistake($frames, $seed + 30_000);
        $trams = $this->study->tramsOnly($frames, $seed + 40_000);
        $base = $this->study->bentBase($frames, $seed + 50_000);
        $centre = $this->study->centrePulls($frames, $seed + 60_000);

        return [
            '| frames | question | asked | found | of |', '|---|---|---|---|---|',
            $this->row('full survey, clean', 'wrong verdicts', 'at most 0.2 %', $clean->wrong, $clean->coordinates, 'coordinates'),
            $this->row('', '95 % intervals that hold the true coordinate', '93 to 97.5 %', $clean->held, $clean->intervals, 'intervals'),
            $this->row('', 'refused', 'none', $clean->refused, $clean->frames, 'frames'),
            $this->row('', 'decided', 'as many as before, less 5 points', $clean->decided, $clean->coordinates, 'coordinates'),
            $this->row('starting tour, one mistake', 'wrong verdicts', 'at most 0.5 %', $tour->wrong, $tour->coordinates, 'coordinates'),
            $this->row('', 'the true mistake among the explanations', 'at least 95 %', $tour->told, $tour->mistakes, 'surveys'),
            $this->row('', 'sound frames told to be pulled', 'none', $tour->pulled, $tour->sound, 'sound frames'),
            $this->row('', 'decided', 'at least 33.3 %', $tour->decided, $tour->coordinates, 'coordinates'),
            $this->row('', 'more than one explanation', '–', $tour->ambiguous, $tour->mistakes, 'surveys'),
            $this->row('full survey, two mistakes', 'wrong verdicts', 'at most 0.5 %', $two->wrong, $two->coordinates, 'coordinates'),
            $this->row('', 'both mistakes in one explanation', 'at least 90 %', $two->told, $two->mistakes, 'surveys'),
            $this->row('one reading in the wrong unit', 'named', '–', $unit->told, $unit->mistakes, 'surveys'),
            $this->row('', 'result that of the survey with it struck, to 0.001 mm', 'all that are named', $unit->same, $unit->told, 'surveys'),
            $this->row('trams only, stepped frame', 'wrong verdicts', 'at most 0.2 %', $trams->wrong, $trams->coordinates, 'coordinates'),
            $this->row('', 'refused', 'none', $trams->refused, $trams->frames, 'frames'),
            $this->row('one base point bent or mistyped', 'wrong verdicts', 'at most 1 %', $base->wrong, $base->coordinates, 'coordinates'),
            $this->row('', 'named', 'at least 80 %', $base->told, $base->mistakes, 'frames'),
            $this->row('centre twist and sag, both signs', 'pulls that bring the frame nearer to its chart', 'every one', $centre->told, $centre->mistakes, 'pulls'),
        ];
    }

    private function row(string $frames, string $question, string $asked, int $found, int $of, string $what): string
    {
        return sprintf('| %s | %s | %s | %s | %d %s |', $frames, $question, $asked, $of === 0 ? '–' : sprintf('%.2f %%', 100 * $found / $of), $of, $what);
    }
}
