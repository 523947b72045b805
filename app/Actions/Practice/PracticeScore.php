<?php

declare(strict_types=1);

namespace App\Actions\Practice;

use App\Models\PracticeRun;
use Geodex\Core\Findings\Pattern;
use Geodex\Core\Findings\Section;
use Geodex\Core\Simulation\Practice\Score;
use Geodex\Core\Simulation\Practice\Scorer;
use Geodex\Core\Simulation\Practice\Statement;
use Geodex\Core\Survey\Reading\ReadingKinds;

/** Scores a finished exercise; the truth follows from its seed. */
final readonly class PracticeScore
{
    public static function of(PracticeRun $run): Score
    {
        $exercise = $run->exercise();
        $mistakes = [];
        foreach ($run->readings as $reading) {
            $kind = ReadingKinds::named($reading['kind'])::between($reading['points'], null);
            $mistake = $exercise->measurer->read($kind, $reading['number'])->mistake;
            if ($mistake !== null) {
                $mistakes[(string) $reading['number']] = $mistake;
            }
        }
        $statements = array_map(fn (array $finding): Statement => new Statement(
            Pattern::from($finding['pattern']), Section::from($finding['section']), $finding['positive'],
            $finding['side'] === 'left' || $finding['side'] === 'right' ? $finding['side'] : null,
        ), $run->statement['findings'] ?? []);

        return (new Scorer)->score($exercise, $statements, $run->statement['readings'] ?? [], $mistakes, count($run->readings));
    }
}
