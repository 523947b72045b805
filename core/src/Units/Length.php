<?php

declare(strict_types=1);

namespace Geodex\Core\Units;

/** A signed length, held in millimetres and never rounded until it is shown. */
final readonly class Length implements \JsonSerializable
{
    public const MILLIMETRES_PER_INCH = 25.4;

    /** A kilometre: nothing on a vehicle is longer, and every column that stores a length holds it. */
    private const MAX_MM = 999_999.0;

    private function __construct(public float $mm) {}

    /** @throws InvalidQuantity if $mm is NaN, infinite or longer than anything on a vehicle */
    public static function ofMillimetres(float $mm): self
    {
        if (! is_finite($mm)) {
            throw InvalidQuantity::notFinite('A length');
        }

        if (abs($mm) > self::MAX_MM) {
            throw InvalidQuantity::tooLong($mm, self::MAX_MM);
        }

        return new self($mm);
    }

    /** @throws InvalidQuantity if $inches is NaN or infinite */
    public static function ofInches(float $inches): self
    {
        return self::ofMillimetres($inches * self::MILLIMETRES_PER_INCH);
    }

    /**
     * Reads a length as typed; a bare number is in $default.
     *
     * @throws UnreadableLength if the text is ambiguous or no length
     */
    public static function parse(string $typed, LengthUnit $default): self
    {
        try {
            return self::ofMillimetres((new LengthParser)->parse($typed, $default)->toFloat());
        } catch (InvalidQuantity) {
            throw UnreadableLength::because($typed, 'nothing on a vehicle is that long; check the unit and the decimal point.');
        }
    }

    public function plus(self $other): self
    {
        return new self($this->mm + $other->mm);
    }

    public function minus(self $other): self
    {
        return new self($this->mm - $other->mm);
    }

    public function negated(): self
    {
        return new self(-$this->mm);
    }

    public function isWithin(self $tolerance, self $of): bool
    {
        return abs($this->mm - $of->mm) <= $tolerance->mm;
    }

    public function inches(): float
    {
        return $this->mm / self::MILLIMETRES_PER_INCH;
    }

    public function jsonSerialize(): float
    {
        return $this->mm;
    }
}
