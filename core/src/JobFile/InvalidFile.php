<?php

declare(strict_types=1);

namespace Geodex\Core\JobFile;

use Geodex\Core\Failure\Refusal;

/** A file that cannot be taken in; every problem is named, and nothing of it is kept. */
final class InvalidFile extends Refusal
{
    private const SHOWN = 50;

    /** @param  non-empty-list<Problem>  $problems */
    public static function with(array $problems): self
    {
        $shown = array_slice($problems, 0, self::SHOWN);
        $more = count($problems) - count($shown);
        if ($more > 0) {
            $shown[] = new Problem('', "and $more more of the kind");
        }

        return new self('file.invalid', implode("\n", array_map(strval(...), $shown)), ['problems' => $shown]);
    }

    /** @return list<Problem> */
    public function problems(): array
    {
        /** @var list<Problem> */
        return $this->context()['problems'];
    }
}
