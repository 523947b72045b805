<?php

declare(strict_types=1);

namespace Geodex\Core\Cli;

use Geodex\Core\Findings\Pattern;
use Geodex\Core\Findings\Section;
use Geodex\Core\Simulation\Damage;

/** Damages as they are typed: "rear-sidesway=12,front-short-rail-left=8". */
final readonly class DamageOption
{
    /**
     * @return list<Damage>
     *
     * @throws UnusableCall naming the part that is no damage
     */
    public static function read(string $typed, string $usage): array
    {
        $damages = [];
        foreach (array_filter(explode(',', $typed), fn (string $part): bool => $part !== '') as $part) {
            if (preg_match('/^(front|centre|rear)-(sidesway|sag|short-rail|twist|diamond)(?:-(left|right))?=([+-]?\d+(?:\.\d+)?)$/', trim($part), $found) !== 1) {
                throw UnusableCall::because("“{$part}” is no damage, such as rear-sidesway=12 or front-short-rail-left=8", $usage);
            }
            $pattern = Pattern::from($found[2]);
            $side = $found[3] === 'left' || $found[3] === 'right' ? $found[3] : null;
            if (($pattern === Pattern::ShortRail) !== ($side !== null)) {
                throw UnusableCall::because("“{$part}”: a short rail, and only that, has a side", $usage);
            }
            $damages[] = new Damage($pattern, Section::from($found[1]), (float) $found[4], $side);
        }

        return $damages;
    }
}
