<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\Marking;

use Geodex\Core\Fields\InvalidFields;

/** A seam as a line of straight pieces, by the length along it; mm. */
final readonly class Seam
{
    /**
     * @param  list<list<float>>  $corners
     * @param  list<float>  $from  where each piece begins along the seam
     */
    private function __construct(private array $corners, private array $from, public float $length) {}

    /**
     * @param  list<list<float>>  $corners
     *
     * @throws InvalidFields if two in succession are alike
     */
    public static function of(array $corners): self
    {
        $from = [];
        $length = 0.0;
        foreach (array_slice($corners, 1) as $i => $to) {
            $piece = hypot($to[0] - $corners[$i][0], $to[1] - $corners[$i][1]);
            if ($piece < 1e-9) {
                throw InvalidFields::at('seam['.($i + 1).']', 'stands on the corner before it.');
            }
            $from[] = $length;
            $length += $piece;
        }

        return new self($corners, $from, $length);
    }

    /** @return array{float, float} */
    public function at(float $along): array
    {
        $i = count($this->from) - 1;
        while ($i > 0 && $this->from[$i] > $along) {
            $i--;
        }
        [[$x, $y], [$u, $v]] = [$this->corners[$i], $this->corners[$i + 1]];
        $share = ($along - $this->from[$i]) / hypot($u - $x, $v - $y);

        return [$x + ($u - $x) * $share, $y + ($v - $y) * $share];
    }

    /**
     * Where it runs nearer to a place than that.
     *
     * @param  list<float>  $place
     * @return list<array{float, float}>
     */
    public function near(array $place, float $radius): array
    {
        $near = [];
        foreach ($this->from as $i => $start) {
            [[$x, $y], [$u, $v]] = [$this->corners[$i], $this->corners[$i + 1]];
            $length = hypot($u - $x, $v - $y);
            [$dx, $dy] = [($u - $x) / $length, ($v - $y) / $length];
            $foot = ($place[0] - $x) * $dx + ($place[1] - $y) * $dy;
            $square = $radius ** 2 - (($place[0] - $x) * $dy - ($place[1] - $y) * $dx) ** 2;
            if ($square > 0.0) {
                $half = sqrt($square);
                [$from, $to] = [max(0.0, $foot - $half), min($length, $foot + $half)];
                if ($from < $to) {
                    $near[] = [$start + $from, $start + $to];
                }
            }
        }

        return $near;
    }
}
