<?php

declare(strict_types=1);

namespace Geodex\Core\RunSheet\Welds;

use Geodex\Core\Calculators\RunSheet\HeatBalance;
use Geodex\Core\Calculators\RunSheet\WeldPiece;
use Geodex\Core\Geometry\Vector3;

/** Ways in which practice orders the pieces of a joint. None is called wrong; each has its score. */
enum SequenceSchool: string
{
    case Balanced = 'balanced';
    case AsListed = 'as-listed';
    case Opposite = 'opposite';
    case Skipping = 'skipping';
    case TopFirst = 'top-first';

    /** Weight of what lies along the rail, and how far from the last piece: shop defaults (methods of the run sheet, section 4). */
    private const LENGTH_WEIGHT = 0.2;

    private const APART = 150.0;

    public function label(): string
    {
        return match ($this) {
            self::Balanced => 'Heat in balance, away from the last piece',
            self::AsListed => 'One edge after the other',
            self::Opposite => 'Always the opposite rail',
            self::Skipping => 'Every second piece, then the gaps',
            self::TopFirst => 'From the top down',
        };
    }

    public static function balance(Vector3 $centre): HeatBalance
    {
        return new HeatBalance($centre, self::APART, self::LENGTH_WEIGHT);
    }

    /**
     * Passes come one after the other, and what waits for the frame to be turned comes last, in every school.
     *
     * @param  list<WeldPiece>  $pieces  as listed
     * @return list<WeldPiece>
     */
    public function order(array $pieces, Vector3 $centre): array
    {
        $place = array_combine(array_map(fn (WeldPiece $one): int => spl_object_id($one), $pieces), array_keys($pieces));
        $listed = fn (WeldPiece $one): int => $place[spl_object_id($one)] ?? 0;
        $key = match ($this) {
            self::Balanced => null,
            self::AsListed => fn (WeldPiece $one): array => [$listed($one)],
            self::Skipping => fn (WeldPiece $one): array => [$listed($one) % 2, $listed($one)],
            self::TopFirst => fn (WeldPiece $one): array => [-$one->middle->z, $listed($one)],
            self::Opposite => $this->turnByTurn($pieces),
        };
        if ($key === null) {
            return self::balance($centre)->order($pieces)[0];
        }
        $groups = array_flip(array_values(array_unique(array_map(fn (WeldPiece $one): string => $one->group, $pieces))));
        usort($pieces, fn (WeldPiece $a, WeldPiece $b): int => [$groups[$a->group], ...$key($a)] <=> [$groups[$b->group], ...$key($b)]);

        return $pieces;
    }

    /**
     * @param  list<WeldPiece>  $pieces
     * @return \Closure(WeldPiece): list<int>
     */
    private function turnByTurn(array $pieces): \Closure
    {
        $turn = [];
        $count = ['left' => 0, 'right' => 0];
        foreach ($pieces as $piece) {
            $side = $piece->middle->y < 0.0 ? 'left' : 'right';
            $turn[spl_object_id($piece)] = [$count[$side]++, $side === 'left' ? 0 : 1];
        }

        return fn (WeldPiece $one): array => $turn[spl_object_id($one)] ?? [0, 0];
    }
}
