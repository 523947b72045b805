<?php

declare(strict_types=1);

namespace Geodex\Core\JobFile\Internal;

use Geodex\Core\Failure\CoreFailure;
use Geodex\Core\Fields\InvalidFields;
use Geodex\Core\Frame\Code;
use Geodex\Core\Geometry\Vector3;
use Geodex\Core\JobFile\Problem;
use Geodex\Core\Units\Length;
use Geodex\Core\Units\LengthUnit;

/** Reads values out of a checked document, collecting what is wrong with its path instead of stopping. */
final class Fields
{
    /** @var list<Problem> */
    private array $problems = [];

    public function __construct(public readonly LengthUnit $unit) {}

    /** @return list<Problem> */
    public function problems(): array
    {
        return $this->problems;
    }

    public function report(string $path, string $message): void
    {
        $this->problems[] = new Problem($path, $message);
    }

    public function mustBeCode(string $id, string $path): void
    {
        if (! Code::is($id)) {
            $this->report($path, Code::WORDS);
        }
    }

    /** Millimetres of a number or typed length; 0 once reported. */
    public function length(mixed $value, string $path): float
    {
        return $this->attempt($path, fn (): float => is_string($value)
            ? Length::parse($value, $this->unit)->mm
            : ($this->unit === LengthUnit::Inch ? Length::ofInches($this->number($value)) : Length::ofMillimetres($this->number($value)))->mm) ?? 0.0;
    }

    public function optionalLength(mixed $value, string $path): ?float
    {
        return $value === null ? null : $this->length($value, $path);
    }

    public function vector(mixed $value, string $path): Vector3
    {
        $value = array_values((array) $value);

        return Vector3::of(...array_map(fn (int $i): float => $this->length($value[$i] ?? null, "{$path}[$i]"), [0, 1, 2]));
    }

    public function number(mixed $value): float
    {
        return is_int($value) || is_float($value) ? (float) $value : 0.0;
    }

    /**
     * @template T
     *
     * @param  callable(): T  $build
     * @return ?T null once the failure is reported
     */
    public function attempt(string $path, callable $build): mixed
    {
        try {
            return $build();
        } catch (InvalidFields $invalid) {
            foreach ($invalid->problems() as $problem) {
                $this->report($problem['path'], $problem['message']);
            }

            return null;
        } catch (CoreFailure $failure) {
            $this->report($path, $failure->getMessage());

            return null;
        }
    }
}
