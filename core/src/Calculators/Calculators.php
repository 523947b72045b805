<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators;

use Geodex\Core\Calculators\Plan\InsertCalculator;
use Geodex\Core\Calculators\Plan\SectionCalculator;
use Geodex\Core\Calculators\Plan\TorsionCalculator;
use Geodex\Core\Fields\FieldReader;

/** The one place where calculators are registered. */
final readonly class Calculators
{
    /** @var list<class-string<Calculator>> */
    private const ALL = [
        SquareCheckCalculator::class,
        SupportTwistCalculator::class,
        HeatInputCalculator::class,
        InsertCalculator::class,
        SectionCalculator::class,
        TorsionCalculator::class,
    ];

    /** @return list<class-string<Calculator>> */
    public static function all(): array
    {
        return self::ALL;
    }

    /** @throws UnknownCalculator */
    public static function named(string $name): Calculator
    {
        foreach (self::ALL as $class) {
            if ($class::name() === $name) {
                return new $class;
            }
        }
        throw UnknownCalculator::named($name, array_map(fn (string $class): string => $class::name(), self::ALL));
    }

    /**
     * Reads and calculates.
     *
     * @return array<string, mixed>
     */
    public static function run(string $name, mixed $given, FieldReader $reader = new FieldReader): array
    {
        $calculator = self::named($name);

        return $calculator->calculate($reader->read($calculator::fields(), $given));
    }
}
