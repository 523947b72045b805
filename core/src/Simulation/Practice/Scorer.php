<?php

declare(strict_types=1);

namespace Geodex\Core\Simulation\Practice;

use Geodex\Core\Findings\FindingSentence;
use Geodex\Core\Simulation\Damage;
use Geodex\Core\Words\Sentence;

/** Holds what a trainee says against the truth: 60 points for what is bent, 25 for the readings, 15 for few readings. */
final readonly class Scorer
{
    private const FOR_FINDINGS = 60.0;

    private const FOR_READINGS = 25.0;

    private const FOR_FEW = 15.0;

    /** A false statement takes half of what a right one would have brought. */
    private const FALSE_COSTS = 0.5;

    /**
     * @param  list<Statement>  $statements
     * @param  list<string>  $accused  numbers of the readings called wrong
     * @param  array<array-key, string>  $mistakes  what really went wrong, by number of the reading
     */
    public function score(Exercise $exercise, array $statements, array $accused, array $mistakes, int $taken): Score
    {
        $findings = $this->findings($exercise->simulated->damages, $statements);
        $readings = [];
        foreach ($mistakes as $number => $what) {
            $right = in_array((string) $number, $accused, true);
            $readings[] = ['right' => $right, 'text' => Sentence::of('score.reading', 'Reading {number}: {what}. '.($right ? 'You found it.' : 'You missed it.'), number: (string) $number, what: $what)];
        }
        foreach (array_diff($accused, array_map(strval(...), array_keys($mistakes))) as $number) {
            $readings[] = ['right' => false, 'text' => Sentence::of('score.accused', 'Reading {number} was good; you called it wrong.', number: $number)];
        }
        $few = $taken === 0 ? 0.0 : max(0.0, min(1.0, 2 - $taken / $exercise->level->par()));
        $share = $this->share($findings, count($exercise->simulated->damages));
        // Few readings count for nothing where nothing was found.
        $points = self::FOR_FINDINGS * $share + self::FOR_READINGS * ($taken === 0 ? 0.0 : $this->share($readings, count($mistakes))) + self::FOR_FEW * $few * $share;

        return new Score(points: (int) round($points), findings: $findings, readings: $readings, taken: $taken, par: $exercise->level->par());
    }

    /**
     * @param  list<Damage>  $damages
     * @param  list<Statement>  $statements
     * @return list<array{right: bool, text: Sentence}>
     */
    private function findings(array $damages, array $statements): array
    {
        $findings = [];
        foreach ($damages as $damage) {
            $said = array_values(array_filter($statements, fn (Statement $statement): bool => $statement->names($damage)));
            $right = $said !== [] && $said[0]->hasTheWayOf($damage);
            $findings[] = ['right' => $right, 'text' => Sentence::together((new FindingSentence)->simply($damage->pattern, $damage->section, $damage->side, $damage->amount), Sentence::of('score.found', match (true) {
                $right => 'You found it.',
                $said !== [] => 'You found it, but the other way round.',
                default => 'You missed it.',
            }))];
        }
        foreach ($statements as $statement) {
            if (array_filter($damages, $statement->names(...)) === []) {
                $findings[] = ['right' => false, 'text' => Sentence::of('score.not-so', 'Not so: {what}', what: (new FindingSentence)->simply($statement->pattern, $statement->section, $statement->side, $statement->positive ? INF : -INF))];
            }
        }

        return $findings;
    }

    /** @param  list<array{right: bool, text: Sentence}>  $lines the first $count are what was to be found */
    private function share(array $lines, int $count): float
    {
        $right = count(array_filter($lines, fn (array $line): bool => $line['right']));
        $false = max(0, count($lines) - $count);
        if ($count === 0) {
            return max(0.0, 1 - self::FALSE_COSTS * $false);
        }

        return max(0.0, min(1.0, ($right - self::FALSE_COSTS * $false) / $count));
    }
}
