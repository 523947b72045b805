<?php

declare(strict_types=1);

namespace Geodex\Core\Simulation\Practice;

use Geodex\Core\Words\Sentence;

/** How an exercise went. */
final readonly class Score
{
    /**
     * @param  int  $points  of 100
     * @param  list<array{right: bool, text: Sentence}>  $findings  each damage and each false statement
     * @param  list<array{right: bool, text: Sentence}>  $readings  each mistake and each false accusation
     */
    public function __construct(public int $points, public array $findings, public array $readings, public int $taken, public int $par) {}
}
