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
            $this->row(frames: 'full survey, clean', question: 'wrong verdicts', asked: 'at most 0.2 %', found: $clean->wrong, of: $clean->coordinates, what: 'coordinates'),
            $this->row(frames: '', question: '95 % intervals that hold the true coordinate', asked: '93 to 97.5 %', found: $clean->held, of: $clean->intervals, what: 'intervals'),
            $this->row(frames: '', question: 'refused', asked: 'none', found: $clean->refused, of: $clean->frames, what: 'frames'),
            $this->row(frames: '', question: 'decided', asked: 'as many as before, less 5 points', found: $clean->decided, of: $clean->coordinates, what: 'coordinates'),
            $this->row(frames: 'starting tour, one mistake', question: 'wrong verdicts', asked: 'at most 0.5 %', found: $tour->wrong, of: $tour->coordinates, what: 'coordinates'),
            $this->row(frames: '', question: 'the true mistake among the explanations', asked: 'at least 95 %', found: $tour->told, of: $tour->mistakes, what: 'surveys'),
            $this->row(frames: '', question: 'sound frames told to be pulled', asked: 'none', found: $tour->pulled, of: $tour->sound, what: 'sound frames'),
            $this->row(frames: '', question: 'decided', asked: 'at least 33.3 %', found: $tour->decided, of: $tour->coordinates, what: 'coordinates'),
            $this->row(frames: '', question: 'more than one explanation', asked: '–', found: $tour->ambiguous, of: $tour->mistakes, what: 'surveys'),
            $this->row(frames: 'full survey, two mistakes', question: 'wrong verdicts', asked: 'at most 0.5 %', found: $two->wrong, of: $two->coordinates, what: 'coordinates'),
            $this->row(frames: '', question: 'both mistakes in one explanation', asked: 'at least 90 %', found: $two->told, of: $two->mistakes, what: 'surveys'),
            $this->row(frames: 'one reading in the wrong unit', question: 'named', asked: '–', found: $unit->told, of: $unit->mistakes, what: 'surveys'),
            $this->row(frames: '', question: 'result that of the survey with it struck, to 0.001 mm', asked: 'all that are named', found: $unit->same, of: $unit->told, what: 'surveys'),
            $this->row(frames: 'trams only, stepped frame', question: 'wrong verdicts', asked: 'at most 0.2 %', found: $trams->wrong, of: $trams->coordinates, what: 'coordinates'),
            $this->row(frames: '', question: 'refused', asked: 'none', found: $trams->refused, of: $trams->frames, what: 'frames'),
            $this->row(frames: 'one base point bent or mistyped', question: 'wrong verdicts', asked: 'at most 1 %', found: $base->wrong, of: $base->coordinates, what: 'coordinates'),
            $this->row(frames: '', question: 'named', asked: 'at least 80 %', found: $base->told, of: $base->mistakes, what: 'frames'),
            $this->row(
                frames: 'centre twist and sag, both signs',
                question: 'pulls that bring the frame nearer to its chart',
                asked: 'every one',
                found: $centre->told,
                of: $centre->mistakes,
                what: 'pulls',
            ),
        ];
    }

    private function row(string $frames, string $question, string $asked, int $found, int $of, string $what): string
    {
        return sprintf('| %s | %s | %s | %s | %d %s |', $frames, $question, $asked, $of === 0 ? '–' : sprintf('%.2f %%', 100 * $found / $of), $of, $what);
    }
}
