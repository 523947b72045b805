<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\Tubes;

use Geodex\Core\Fields\Field;
use Geodex\Core\Fields\InvalidFields;
use Geodex\Core\Fields\Values;

/** One of two pieces that meet in a mitre: a round or a rectangular tube, as deep as it is in the plane of the bend (mm). */
final readonly class MitredPiece
{
    private function __construct(public bool $isRound, public float $depth, public float $width, private float $corner, public ?float $length) {}

    /** @return list<Field> */
    public static function fields(): array
    {
        return [
            Field::choice('shape', 'Tube', ['round', 'rectangular'])->defaults('round'), Field::length('diameter', 'Diameter', 'Of a round one.')->positive()->optional(),
            Field::length('height', 'Height, in the plane of the bend', 'Of a rectangular one.')->positive()->optional(), Field::length('width', 'Width')->positive()->optional(), Field::length('cornerRadius', 'Radius of its corners')->between(0.0, null)->optional(),
            Field::length('wall', 'Wall')->positive()->optional(), Field::length('centreLength', 'Length on the centre line, corner to square end')->positive()->optional(),
        ];
    }

    /** @throws InvalidFields if it is no tube */
    public static function of(Values $given, string $path): self
    {
        $isRound = $given->text('shape') !== 'rectangular';
        foreach ($isRound ? ['height', 'width', 'cornerRadius'] : ['diameter'] as $other) {
            if ($given->has($other)) {
                throw InvalidFields::at("$path.$other", $isRound ? 'is not of a round tube.' : 'is not of a rectangular tube.');
            }
        }
        foreach ($isRound ? ['diameter'] : ['height', 'width'] as $asked) {
            if (! $given->has($asked)) {
                throw InvalidFields::at("$path.$asked", 'missing.');
            }
        }
        [$depth, $width] = $isRound ? [$given->number('diameter'), $given->number('diameter')] : [$given->number('height'), $given->number('width')];
        $corner = $given->optional('cornerRadius') ?? 0.0;
        if ($corner > min($depth, $width) / 2) {
            throw InvalidFields::at("$path.cornerRadius", 'is over half a side.');
        }
        if ($given->has('wall') && $given->number('wall') >= min($depth, $width) / 2) {
            throw InvalidFields::at("$path.wall", 'less than half of the tube.');
        }

        return new self($isRound, $depth, $width, $corner, $given->optional('centreLength'));
    }

    public function withoutLength(): self
    {
        return new self($this->isRound, $this->depth, $this->width, $this->corner, null);
    }

    /**
     * What is cut back all round, from the long point.
     *
     * @return list<array<string, float>>
     */
    public function template(float $tan, int $stations, float $paper): array
    {
        return $this->isRound ? array_map(function (int $i) use ($tan, $stations, $paper): array {
            $clock = 360.0 * $i / $stations;

            return ['clock' => $clock, 'wrap' => M_PI * ($this->depth + $paper) * $clock / 360.0, 'cutBack' => $this->depth / 2 * $tan * (1.0 - cos(deg2rad($clock)))];
        }, range(0, $stations - 1)) : $this->aroundCorners($tan, $paper);
    }

    /** @return list<array<string, float>> from the middle of the long face, at both ends of every corner, to that middle again */
    private function aroundCorners(float $tan, float $paper): array
    {
        [$h, $w, $r] = [$this->depth, $this->width, $this->corner];
        $arc = M_PI / 2 * ($r + $paper / 2);
        $template = [['wrap' => $wrap = 0.0, 'cutBack' => 0.0]];
        foreach ([[$w / 2 - $r, 0.0], [$arc, $r], [$h - 2 * $r, $h - $r], [$arc, $h], [$w - 2 * $r, $h], [$arc, $h - $r], [$h - 2 * $r, $r], [$arc, 0.0], [$w / 2 - $r, 0.0]] as [$on, $depth]) {
            $template[] = ['wrap' => $wrap += $on, 'cutBack' => $tan * $depth];
        }

        return $template;
    }
}
