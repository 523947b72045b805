<?php

declare(strict_types=1);

namespace Geodex\Core\Survey\Explanation;

use Geodex\Core\Survey\Reading\Reading;

/** The observations of a survey, parted into those that are searched and those that are wrong beyond doubt. */
final readonly class Observed
{
    /** @var list<int> */
    private array $searched;

    /** @param  list<int>  $gross  observations that are wrong under every explanation */
    public function __construct(private PooledReadings $pooled, private array $gross)
    {
        $this->searched = array_values(array_diff(array_keys($pooled->observations()), $gross));
    }

    /** @return non-empty-list<Reading> the repeats behind one of the observations that are searched */
    public function behind(int $searched): array
    {
        return $this->pooled->behind($this->searched[$searched]);
    }

    /** @return list<non-empty-list<Reading>> */
    public function gross(): array
    {
        return array_map($this->pooled->behind(...), $this->gross);
    }
}
