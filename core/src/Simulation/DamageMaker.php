<?php

declare(strict_types=1);

namespace Geodex\Core\Simulation;

use Geodex\Core\Findings\Pattern;
use Geodex\Core\Findings\Section;

/** Makes up what a frame may have been through. */
final readonly class DamageMaker
{
    private const ENDS = [Pattern::Sidesway, Pattern::Sag, Pattern::ShortRail, Pattern::Twist];

    /**
     * @param  int  $count  how many, each of another pattern and section
     * @param  float  $min  mm
     * @param  float  $max  mm
     * @return list<Damage>
     */
    public function make(RandomSource $random, int $count, float $min, float $max): array
    {
        $damages = [];
        for ($tries = 0; count($damages) < $count && $tries < 50; $tries++) {
            $section = $random->pick([Section::Front, Section::Rear, Section::Rear]);
            $pattern = $random->pick(self::ENDS);
            $key = "{$section->value} {$pattern->value}";
            // A short rail is a hit from that end, so it is short, not long.
            $sign = $pattern === Pattern::ShortRail ? 1.0 : $random->pick([-1.0, 1.0]);
            $damages[$key] ??= new Damage($pattern, $section, round($sign * $random->between($min, $max), 1), $pattern === Pattern::ShortRail ? $random->pick(['left', 'right']) : null);
        }

        return array_values($damages);
    }
}
