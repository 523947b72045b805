<?php

declare(strict_types=1);

namespace Geodex\Core\RunSheet;

/** What may hurt at a step, one line each. All of it stands behind the vehicle maker's instructions, the law of the place and licensed practice. */
final readonly class Cautions
{
    /** @var array<string, list<string>> by kind of step */
    private const LINES = [
        'make-safe' => ['Battery off, airbags and belt tensioners made safe as their maker says, and the time he names waited.', 'Fuel and gas closed; what burns is out of reach of sparks.'],
        'support' => ['Two independent supports at every place where somebody is underneath; never a jack alone.'],
        'fuel' => ['A tank is never cut, welded or heated near, empty or not: out, or left to who may work on it.'],
        'cut' => ['What is cut off falls or springs: both halves held before the saw, nobody in line with a chain.'],
        'tack' => ['Earth clamp beside the weld: never through bearings, shafts, springs or the battery.', 'A closed cavity is vented before it is heated.'],
        'weld' => ['Earth clamp beside the weld: never through bearings, shafts, springs or the battery.', 'Hot work alone: a fire watch, and again half an hour after the last arc.', 'High-strength rails only as their maker says.'],
        'close' => ['A closed cavity is vented before it is heated; wax and primer in it burn.', 'Earth clamp beside the weld: never through bearings, shafts, springs or the battery.', 'Hot work alone: a fire watch, and again half an hour after the last arc.'],
        'release' => ['Posts off only when all welds are cold, one side after the other, nobody underneath.'],
        'pull' => ['Nobody in line with a chain; a tether on every hook.'],
        'drill' => ['No hole in a flange, or near a bend, that the maker of the vehicle forbids.'],
        'fit' => ['Steering, brakes and driveshaft: joints and welds of these only by who is licensed for them.'],
    ];

    /** @var list<string> kinds whose cautions are asked before the step is begun */
    private const ASKED = ['make-safe', 'support', 'fuel', 'cut', 'tack', 'weld', 'close', 'release', 'pull'];

    /** @return list<string> */
    public static function of(Step $step): array
    {
        return self::LINES[$step->kind] ?? [];
    }

    /** Whether somebody has to say that they were seen to before the step counts as done. */
    public static function areAsked(Step $step): bool
    {
        return in_array($step->kind, self::ASKED, true);
    }
}
