<?php

declare(strict_types=1);

namespace Geodex\Core\Plan;

use Geodex\Core\Failure\Refusal;

/** A plan that cannot be carried out on any frame. */
final class InvalidPlan extends Refusal
{
    public const MIN_LENGTH_MM = 1.0;

    public const MAX_LENGTH_MM = 8_000.0;

    public static function length(string $id, float $mm): self
    {
        return new self('plan.length', sprintf('Operation %s changes the frame by %s mm; give a length between %d and %d mm.', $id, round($mm, 1), self::MIN_LENGTH_MM, self::MAX_LENGTH_MM), ['operation' => $id, 'mm' => $mm]);
    }

    public static function kerf(float $mm): self
    {
        return new self('plan.kerf', sprintf('A cut %s mm wide is not made with a saw or disc; give 0 to 20 mm.', round($mm, 2)), ['mm' => $mm]);
    }

    public static function kick(string $id, float $mm, float $max): self
    {
        return new self('plan.kick', sprintf('Operation %s kicks the rail by %s mm; give %d to %d mm, and its direction.', $id, round($mm, 1), self::MIN_LENGTH_MM, $max), ['operation' => $id, 'mm' => $mm]);
    }

    public static function nothingLeft(string $id): self
    {
        return new self('plan.nothing-left', "Operation $id: kerfs and root gaps leave no piece to saw; give a greater length.", ['operation' => $id]);
    }

    public static function noSuchFixture(string $id, string $fixture): self
    {
        return new self('plan.no-such-feature', "Operation $id: the frame has no feature “{$fixture}”; take its id from the table of the frame.", ['operation' => $id, 'feature' => $fixture]);
    }

    public static function noSuchAxle(string $id, string $axle): self
    {
        return new self('plan.no-such-axle', "Operation $id: there is no axle “{$axle}”; take its id from the table of the frame.", ['operation' => $id, 'axle' => $axle]);
    }

    public static function fixtureTwice(string $id, string $fixture): self
    {
        return new self('plan.feature-twice', "Operation $id: the frame already has a feature “{$fixture}”.", ['operation' => $id, 'feature' => $fixture]);
    }

    public static function noRail(string $id, float $from, float $to): self
    {
        return new self('plan.no-rail', sprintf('Operation %s: no rail is entered between %.0f and %.0f mm to put a plate on.', $id, $from, $to), ['operation' => $id]);
    }

    public static function offTheFrame(string $id, float $at, float $front, float $rear): self
    {
        return new self(
            'plan.off-the-frame',
            sprintf('Operation %s cuts at station %.0f mm, off the frame; it runs from %.0f to %.0f mm.', $id, $at, $front, $rear),
            ['operation' => $id, 'at' => $at, 'front' => $front, 'rear' => $rear],
        );
    }

    public static function overlap(string $first, string $second): self
    {
        return new self('plan.overlap', "Operations $first and $second cut into each other; move one, or make them one.", ['operations' => [$first, $second]]);
    }

    /** @param  list<string>  $known */
    public static function unknownKind(string $kind, array $known): self
    {
        return new self('plan.unknown-kind', "There is no operation “{$kind}”; use ".implode(', ', array_slice($known, 0, -1)).' or '.end($known).'.', ['kind' => $kind, 'known' => $known]);
    }

    public static function noChart(): self
    {
        return new self('plan.no-chart', 'There is no chart to plan on. Give at least two points their chart positions first.');
    }
}
