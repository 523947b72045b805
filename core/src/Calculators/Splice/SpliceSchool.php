<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\Splice;

/** A way in which practice joins a rail. None is called wrong; all are computed for one joint. A new one is a new class, entered in SpliceSchools. */
interface SpliceSchool
{
    public static function name(): string;

    public static function label(): string;

    /** How it is made, in a sentence. */
    public static function made(): string;

    /** Whether it welds on a flange: some makers and rule books forbid that. */
    public static function weldsFlange(): bool;

    /** Fatigue class of its poorest detail at the joint itself, to rank by and never to promise a life (MPa). */
    public static function jointClass(SpliceSite $site): float;

    /** Fatigue class of what it does to the rail at the ends of its parts (MPa); null where it has none. */
    public static function endClass(): ?float;

    /** Whether a torch has to reach into the rail. */
    public static function weldsInside(): bool;

    /** What the butt weld of the rail counts. */
    public static function butt(SpliceSite $site): float;

    /** @return list<array<string, mixed>> parts as the calculator “splice” takes them */
    public function parts(SpliceSite $site): array;
}
