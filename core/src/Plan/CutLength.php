<?php

declare(strict_types=1);

namespace Geodex\Core\Plan;

use Geodex\Core\Words\HasProvenance;
use Geodex\Core\Words\Provenance;

/** What to saw: the insert out of stock, or the band out of the rail, with the kerf on the waste side (mm). */
final readonly class CutLength implements HasProvenance
{
    /**
     * @param  float  $mark  distance between the marks (mm)
     * @param  float  $piece  what lies on the bench afterwards (mm): the insert, or the piece that came out
     */
    public function __construct(public string $operation, public string $what, public float $mark, public float $piece, public string $saw) {}

    public static function provenance(): array
    {
        return [
            new Provenance(
                name: 'piece',
                title: 'Piece to saw',
                formula: 'stretch: s + kerf of the rail cut; shorten: s − 2 kerfs comes out',
                source: 'docs/formulas.md, Stretch and shorten',
                limit: 'Root gaps and shrinkage of the welds are not in it.',
            ),
        ];
    }
}
