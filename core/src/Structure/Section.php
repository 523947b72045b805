<?php

declare(strict_types=1);

namespace Geodex\Core\Structure;

use Geodex\Core\Fields\InvalidFields;

/** A built-up section: a preset, strips, holes, and the cell that they make; y right, z up (mm). */
final readonly class Section
{
    private const WITHIN_MM = 1e-6;

    /**
     * @param  list<Strip>  $strips
     * @param  list<Outline>  $holes
     * @param  string  $path  where it was given, for what is refused
     *
     * @throws InvalidFields if its parts do not go together
     */
    public function __construct(public ?Preset $preset, public array $strips, public array $holes, private ?Cell $given, string $path = '')
    {
        $closing = $this->closing();
        if ($preset === null && $strips === []) {
            throw InvalidFields::at($path === '' ? 'input' : $path, 'give a preset, strips, or both.');
        }
        if (count($closing) > 1 || ($closing !== [] && ! $this->closes($closing[0]))) {
            throw InvalidFields::at("{$path}strips", 'one plate closes one plain channel: upright, at z 0, on its open side, no farther out than on its tips.');
        }
        if (array_filter($strips, fn (Strip $strip): bool => $strip->role === StripRole::Cell) !== [] && $given === null) {
            throw InvalidFields::at("{$path}cell", 'missing: strips of role cell are walls of it.');
        }
        if ($given !== null && ($preset?->cell() !== null || $closing !== [] || $given->area <= self::WITHIN_MM)) {
            throw InvalidFields::at("{$path}cell", 'a closed section has its own cell, and a cell encloses something.');
        }
    }

    /** @return list<array{Outline, int}> outlines of the material, without holes */
    public function material(): array
    {
        return [...($this->preset?->outlines() ?? []), ...array_map(fn (Strip $strip): array => [$strip->outline(), 1], $this->strips)];
    }

    public function cell(): ?Cell
    {
        $closing = $this->closing()[0] ?? null;

        return match (true) {
            $this->given !== null => $this->given,
            $closing !== null && $this->preset instanceof ChannelPreset => $this->preset->closedBy(abs($closing->y), $closing->thickness),
            default => $this->preset?->cell(),
        };
    }

    /** J (mm⁴): Bredt's cell, and Σ b t³ / 3 of what is open. */
    public function torsionConstant(): float
    {
        $open = array_sum(array_map(fn (Strip $strip): float => $strip->openConstant(), $this->strips));
        $cell = $this->cell();

        return $cell === null ? $open + ($this->preset?->openConstant() ?? 0.0) : $cell->constant() + $open;
    }

    /** Thickest wall of an open section, thinnest of the cell of a closed one (mm). */
    public function wallThickness(): float
    {
        $open = array_filter($this->strips, fn (Strip $strip): bool => $strip->role === StripRole::Open);

        return $this->cell()->thinnestWall ?? max([$this->preset?->thickestWall() ?? 0.0, ...array_map(fn (Strip $strip): float => $strip->thickness, array_values($open))]);
    }

    /** @return ?array{y: float, z: float, fromWebMidline?: float} null where it is not known */
    public function shearCentre(): ?array
    {
        $closing = $this->closing();

        return match (true) {
            $this->preset === null || $this->given !== null || count($this->strips) > count($closing) => null,
            $closing !== [] && $this->preset instanceof ChannelPreset => $this->preset->shearCentreClosedBy(abs($closing[0]->y), $closing[0]->thickness),
            default => $this->preset->shearCentre(),
        };
    }

    /** @return list<Strip> */
    private function closing(): array
    {
        return array_values(array_filter($this->strips, fn (Strip $strip): bool => $strip->role === StripRole::Closing));
    }

    private function closes(Strip $plate): bool
    {
        $channel = $this->preset;
        if (! $channel instanceof ChannelPreset || $channel->lip !== null) {
            return false;
        }
        $out = $channel->opensLeft ? -$plate->y : $plate->y;

        return abs(abs($plate->angle) - 90.0) < self::WITHIN_MM && abs($plate->z) < self::WITHIN_MM && $out > $channel->thickness / 2 && $out <= $channel->width + $plate->thickness / 2 + self::WITHIN_MM;
    }
}
