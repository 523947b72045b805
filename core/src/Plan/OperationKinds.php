<?php

declare(strict_types=1);

namespace Geodex\Core\Plan;

/** The one place where plan operations are registered. */
final readonly class OperationKinds
{
    /** @var list<class-string<Stretch|Shorten>> */
    private const KINDS = [Stretch::class, Shorten::class];

    /** @return list<string> */
    public static function names(): array
    {
        return array_map(fn (string $kind): string => $kind::kind(), self::KINDS);
    }

    /**
     * @param  float  $at  mm
     * @param  float  $length  mm
     *
     * @throws InvalidPlan if the kind is unknown or the length impossible
     */
    public static function make(string $kind, string $id, float $at, float $length, Cutting $cutting): Operation
    {
        foreach (self::KINDS as $class) {
            if ($class::kind() === $kind) {
                return new $class($id, $at, $length, $cutting);
            }
        }
        throw InvalidPlan::unknownKind($kind, self::names());
    }
}
