<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\Tubes;

use Geodex\Core\Fields\Field;
use Geodex\Core\Fields\InvalidFields;
use Geodex\Core\Fields\Values;

/** The end of a round branch on a header: where its wall meets it, and where to cut so that it fits (methods of the shop papers, section 2; mm). */
final readonly class Cope
{
    /** Steps over the whole turn for a least or a greatest. */
    private const TURN = 3600;

    private function __construct(
        private string $shape, private float $half, private float $height, private float $corner, public float $angle, public float $offset, public float $gap, private float $outer, private float $inner,
    ) {}

    /** @return list<Field> */
    public static function header(): array
    {
        return [
            Field::choice('shape', 'Header', ['round', 'flat', 'box'])->defaults('round'), Field::length('diameter', 'Diameter', 'Of a round one.')->positive()->optional(), Field::length('width', 'Width, across the branch', 'Of a box.')->positive()->optional(),
            Field::length('height', 'Height, toward the branch')->positive()->optional(), Field::length('cornerRadius', 'Radius of its corners')->between(0.0, null)->optional(),
        ];
    }

    /** @return list<Field> */
    public static function seat(): array
    {
        return [Field::number('angle', 'Between the axes', '°', 'On a flat face: between axis and face.')->between(10.0, 90.0), Field::length('offset', 'Branch beside the middle by', 'On the side of clock 90: plus.')->defaults(0.0), Field::length('gap', 'Root gap')->between(0.0, null)->defaults(0.0)];
    }

    /** @throws InvalidFields if the branch does not sit on it */
    public static function of(Values $given, float $diameter, float $wall, string $within): self
    {
        $header = $given->within('header');
        $shape = $header->text('shape');
        $asked = ['round' => ['diameter'], 'flat' => [], 'box' => ['width', 'height']][$shape] ?? [];
        foreach (['diameter', 'width', 'height', 'cornerRadius'] as $name) {
            if ($header->has($name) && ! in_array($name, [...$asked, ...($shape === 'box' ? ['cornerRadius'] : [])], true)) {
                throw InvalidFields::at("{$within}header.$name", "is not of a $shape header.");
            }
        }
        foreach ($asked as $name) {
            if (! $header->has($name)) {
                throw InvalidFields::at("{$within}header.$name", 'missing.');
            }
        }
        [$offset, $outer] = [$given->number('offset'), $diameter / 2];
        if ($shape === 'flat' && abs($offset) > 1e-9) {
            throw InvalidFields::at("{$within}offset", 'a flat face has no middle to be beside.');
        }
        $half = match ($shape) {
            'round' => $header->number('diameter') / 2, 'box' => $header->number('width') / 2, default => INF
        };
        $corner = $header->optional('cornerRadius') ?? 0.0;
        if ($shape === 'box' && $corner > min($half, $header->number('height') / 2)) {
            throw InvalidFields::at("{$within}header.cornerRadius", 'is over half a side.');
        }
        if (abs($offset) + $outer > $half + 1e-9) {
            throw InvalidFields::at("{$within}offset", sprintf('the branch hangs over the header by %.1f mm.', abs($offset) + $outer - $half));
        }

        return new self($shape, $half, $header->optional('height') ?? 0.0, $corner, deg2rad($given->number('angle')), $offset, $given->number('gap'), $outer, $outer - $wall);
    }

    /** From the foot of both axes to where the wall at that radius meets the header. */
    public function surface(float $clock, float $radius): float
    {
        return ($this->rise($this->offset + $radius * sin($clock)) - $radius * cos($clock) * cos($this->angle)) / sin($this->angle);
    }

    /** Where to cut, square to the tube's surface, so that no part of the wall touches first. */
    public function cut(float $clock): float
    {
        return max(array_map(fn (float $radius): float => $this->surface($clock, $radius), [$this->inner, $this->outer, ...$this->between($clock)]));
    }

    public function outer(float $clock): float
    {
        return $this->surface($clock, $this->outer);
    }

    public function inner(float $clock): float
    {
        return $this->surface($clock, $this->inner);
    }

    /**
     * Over the whole turn.
     *
     * @param  \Closure(float): float  $of  an angle in radians
     * @return array{float, float} least and greatest
     */
    public static function extremes(\Closure $of): array
    {
        $all = array_map(fn (int $i): float => $of(2 * M_PI * $i / self::TURN), range(0, self::TURN - 1));

        return [min($all), max($all)];
    }

    /** @return ?array{diameter: float, fromSquare: float, offset: float, depth: float} that cuts both walls without a gap; of a round header */
    public function holeSaw(): ?array
    {
        if ($this->shape !== 'round') {
            return null;
        }
        [$least, $greatest] = self::extremes(fn (float $clock): float => $this->outer($clock) * cos($this->angle) - $this->outer * cos($clock) * sin($this->angle));

        return ['diameter' => 2 * ($this->half + $this->gap), 'fromSquare' => 90.0 - rad2deg($this->angle), 'offset' => $this->offset, 'depth' => $greatest - $least];
    }

    /** Height of the header's surface over its axis, beside its middle by y. */
    private function rise(float $y): float
    {
        return match ($this->shape) {
            'flat' => $this->gap,
            'round' => sqrt(max(0.0, ($this->half + $this->gap) ** 2 - $y ** 2)),
            default => $this->height / 2 - $this->corner + sqrt(max(0.0, ($this->corner + $this->gap) ** 2 - max(0.0, abs($y) - $this->flat()) ** 2)),
        };
    }

    /** @return list<float> the radius within the wall, if any, at which it stands proudest */
    private function between(float $clock): array
    {
        $sin = sin($clock);
        if ($this->shape === 'flat' || abs($sin) < 1e-12) {
            return [];
        }
        $k = cos($clock) * cos($this->angle) / $sin;
        $radius = ($this->shape === 'round' ? $this->half : $this->corner) + $this->gap;
        $y = -($k <=> 0.0) * ($this->flat() + $radius * abs($k) / sqrt(1 + $k ** 2));

        return [max($this->inner, min($this->outer, ($y - $this->offset) / $sin))];
    }

    private function flat(): float
    {
        return $this->shape === 'box' ? $this->half - $this->corner : 0.0;
    }
}
