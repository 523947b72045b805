<?php

declare(strict_types=1);

namespace Geodex\Core\Survey\Explanation;

use Geodex\Core\Survey\Cause\LikelyCause;

/** What is wrong with one reading, if an explanation holds; mm or degrees. */
final readonly class Mistake
{
    /**
     * @param  string  $reading  id
     * @param  float  $error  read less what the others say
     * @param  float  $sigma  standard uncertainty of that
     * @param  list<LikelyCause>  $causes  the likeliest first; several where they fit equally
     */
    public function __construct(public string $reading, public float $error, public float $sigma, public array $causes) {}
}
