<?php

declare(strict_types=1);

namespace Geodex\Core\Survey\Rival;

/** Two readings of which one is wrong, and the reading that tells which; mm or degrees. */
final readonly class Rival
{
    /**
     * @param  string  $suspect  id of the reading that was left out
     * @param  string  $other  id of a reading that explains it as well if it is the wrong one
     * @param  string  $kind  of the reading that decides
     * @param  list<string>  $points
     * @param  float  $ifSuspectWrong  what it reads if the suspect is wrong
     * @param  float  $ifOtherWrong  what it reads if the other is wrong
     */
    public function __construct(public string $suspect, public string $other, public string $kind, public array $points, public float $ifSuspectWrong, public float $ifOtherWrong) {}
}
