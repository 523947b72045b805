<?php

declare(strict_types=1);

namespace Geodex\Core\JobFile\Internal;

use Geodex\Core\Driveline\ExistingShaft;
use Geodex\Core\Driveline\Shaft;
use Geodex\Core\Driveline\ShaftEnd;
use Geodex\Core\Driveline\Slip;
use Geodex\Core\Driveline\Tube;
use Geodex\Core\Driveline\YokePhase;
use Geodex\Core\Geometry\Vector3;
use Geodex\Core\Units\Angle;

/** Builds the shaft of a job. */
final readonly class ShaftBuilder
{
    /** Engagement that must stay when nothing is said: about the diameter of a spline, shop practice (mm). */
    private const MIN_ENGAGEMENT_MM = 40.0;

    public function __construct(private Fields $fields) {}

    /** @param  array<mixed>  $entry */
    public function shaft(array $entry, string $path): ?Shaft
    {
        return $this->fields->attempt($path, fn (): Shaft => new Shaft(
            id: is_string($entry['id'] ?? null) ? $entry['id'] : 'shaft',
            front: $this->end($entry, 'front', $path),
            rear: $this->end($entry, 'rear', $path),
            existing: new ExistingShaft($this->length($entry, 'existing', 'length', $path) ?? 0.0, $this->length($entry, 'existing', 'engagement', $path) ?? 0.0),
            slip: new Slip(
                $this->length($entry, 'slip', 'possible', $path) ?? 0.0,
                $this->length($entry, 'slip', 'wanted', $path) ?? 0.0,
                $this->length($entry, 'slip', 'least', $path) ?? self::MIN_ENGAGEMENT_MM,
                is_array($entry['slip'] ?? null) && isset($entry['slip']['least']),
            ),
            tube: new Tube($this->length($entry, 'tube', 'outside', $path) ?? 0.0, $this->length($entry, 'tube', 'wall', $path), $this->length($entry, 'tube', 'kerf', $path), $this->length($entry, 'tube', 'gap', $path)),
            phase: YokePhase::from(is_string($entry['yokes'] ?? null) ? $entry['yokes'] : 'in-phase'),
            bump: $this->travel($entry, 'bump', $path),
            droop: $this->travel($entry, 'droop', $path),
            speed: $this->fields->number($entry['speed'] ?? null),
        ));
    }

    /** @param  array<mixed>  $entry */
    private function end(array $entry, string $end, string $path): ShaftEnd
    {
        $at = is_array($entry[$end] ?? null) ? $entry[$end] : [];

        return new ShaftEnd(
            $this->fields->vector($at['joint'] ?? null, "$path.$end.joint"),
            Angle::ofDegrees($this->fields->number($at['pitch'] ?? null)),
            isset($at['yaw']) ? Angle::ofDegrees($this->fields->number($at['yaw'])) : null,
        );
    }

    /** @param  array<mixed>  $entry */
    private function travel(array $entry, string $name, string $path): ?Vector3
    {
        return isset($entry[$name]) ? $this->fields->vector($entry[$name], "$path.$name") : null;
    }

    /** @param  array<mixed>  $entry */
    private function length(array $entry, string $part, string $key, string $path): ?float
    {
        $at = is_array($entry[$part] ?? null) ? $entry[$part] : [];

        return $this->fields->optionalLength($at[$key] ?? null, "$path.$part.$key");
    }
}
