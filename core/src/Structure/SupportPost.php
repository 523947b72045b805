<?php

declare(strict_types=1);

namespace Geodex\Core\Structure;

/** Section of a post that a frame stands on, about its weaker axis: area (mm²) and second moment (mm⁴); corners sharp. */
final readonly class SupportPost
{
    private function __construct(public float $area, public float $inertia) {}

    public static function box(float $width, float $depth, float $wall): self
    {
        [$less, $more] = [min($width, $depth), max($width, $depth)];
        [$lessIn, $moreIn] = [$less - 2 * $wall, $more - 2 * $wall];

        return new self($less * $more - $lessIn * $moreIn, ($more * $less ** 3 - $moreIn * $lessIn ** 3) / 12);
    }

    public static function tube(float $diameter, float $wall): self
    {
        $inside = $diameter - 2 * $wall;

        return new self(M_PI / 4 * ($diameter ** 2 - $inside ** 2), M_PI / 64 * ($diameter ** 4 - $inside ** 4));
    }

    /** Load at which it buckles (N), by Euler: height mm, E MPa; a free top has k 2. */
    public function critical(float $height, float $k, float $modulus): float
    {
        return M_PI ** 2 * $modulus * $this->inertia / ($k * $height) ** 2;
    }

    public function slenderness(float $height, float $k): float
    {
        return $k * $height / sqrt($this->inertia / $this->area);
    }
}
