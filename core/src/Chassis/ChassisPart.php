<?php

declare(strict_types=1);

namespace Geodex\Core\Chassis;

use Geodex\Core\Fields\Field;
use Geodex\Core\Fields\InvalidFields;
use Geodex\Core\Fields\Values;

/**
 * Something of a frame as metal: a rail, what is fastened to it, what runs along it, what it carries. The table on screen, the job file,
 * the CSV and what is stored are drawn from what it declares. A new kind is a new class, entered in ChassisParts.
 */
interface ChassisPart
{
    /** Its list in a document: “rails”. */
    public static function list(): string;

    /** What one is called: “Rail”. */
    public static function label(): string;

    /** What the list is for, and how to fill it, in a sentence. */
    public static function purpose(): string;

    public static function maxCount(): int;

    /** @return list<Field> */
    public static function fields(): array;

    /**
     * @param  string  $path  where it stands, for what is refused
     *
     * @throws InvalidFields if there is no such thing
     */
    public static function of(string $id, Values $given, string $path = ''): static;

    public function id(): string;
}
