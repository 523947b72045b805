<?php

declare(strict_types=1);

namespace Geodex\Core\Plan;

use Geodex\Core\Fields\FieldReader;
use Geodex\Core\Fields\InvalidFields;

/** The one place where plan operations are registered. */
final readonly class OperationKinds
{
    /** @var list<class-string<Operation>> */
    private const ALL = [Stretch::class, Shorten::class, Replace::class, Kick::class, MoveAxle::class, MoveFixture::class, AddFixture::class, RemoveFixture::class, PlateWeb::class, BoxIn::class];

    /** @return list<class-string<Operation>> */
    public static function all(): array
    {
        return self::ALL;
    }

    /** @return list<string> */
    public static function names(): array
    {
        return array_map(fn (string $class): string => $class::kind(), self::ALL);
    }

    /**
     * @return class-string<Operation>
     *
     * @throws InvalidPlan
     */
    public static function named(string $kind): string
    {
        foreach (self::ALL as $class) {
            if ($class::kind() === $kind) {
                return $class;
            }
        }
        throw InvalidPlan::unknownKind($kind, self::names());
    }

    /**
     * @param  mixed  $given  by the names of its fields
     * @param  string  $path  where it stands, for what is reported
     *
     * @throws InvalidPlan if the kind is unknown or no frame is changed by that
     * @throws InvalidFields
     */
    public static function read(string $kind, string $id, mixed $given, FieldReader $reader, string $path = ''): Operation
    {
        $class = self::named($kind);

        return $class::of($id, $reader->read($class::fields(), $given, $path));
    }
}
