<?php

declare(strict_types=1);

namespace Geodex\Core\Plan;

use Geodex\Core\Fields\Field;
use Geodex\Core\Fields\Values;
use Geodex\Core\Words\Sentence;

/**
 * One change of the frame. All stations are those of the chart as it was before any change. The form on screen, the job file, what is
 * stored and the command line are drawn from what it declares. A new one is a new class, entered in OperationKinds.
 */
interface Operation
{
    /** Its name in a document. */
    public static function kind(): string;

    /** What a person calls it: “Stretch”. */
    public static function label(): string;

    /** @return list<Field> */
    public static function fields(): array;

    /** @throws InvalidPlan if no frame is changed by that */
    public static function of(string $id, Values $given): static;

    public function id(): string;

    /** @return array<string, mixed> by the names of its fields, lengths in mm */
    public function values(): array;

    /** Where it begins (mm); operations are laid on the frame from the front. */
    public function station(): float;

    /** @throws InvalidPlan if the frame does not take it */
    public function apply(FrameDraft $draft): FrameDraft;

    /**
     * What a careful technician would say about it before the saw starts.
     *
     * @param  FrameDraft  $draft  with all operations laid on it
     * @return list<Sentence>
     */
    public function checks(FrameDraft $draft): array;
}
