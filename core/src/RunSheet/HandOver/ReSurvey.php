<?php

declare(strict_types=1);

namespace Geodex\Core\RunSheet\HandOver;

use Geodex\Core\Geometry\Vector3;

/** Lengths between marks that stay on the frame: read again in ten minutes, they say whether it moved since. */
final readonly class ReSurvey
{
    /** More than these take longer than ten minutes. */
    private const MOST = 12;

    private function __construct(public string $from, public string $to, public float $length) {}

    /**
     * Every pair, the longest first: diagonals tell most.
     *
     * @param  array<string, Vector3>  $marks  as the last survey found them, mm
     * @return list<self>
     */
    public static function lengths(array $marks): array
    {
        $names = array_keys($marks);
        $pairs = [];
        foreach ($names as $i => $from) {
            foreach (array_slice($names, $i + 1) as $to) {
                $pairs[] = new self($from, $to, $marks[$from]->minus($marks[$to])->norm());
            }
        }
        usort($pairs, fn (self $a, self $b): int => $b->length <=> $a->length);

        return array_slice($pairs, 0, self::MOST);
    }
}
