<?php

declare(strict_types=1);

namespace Geodex\Core\Chassis;

use Geodex\Core\Fields\Field;
use Geodex\Core\Fields\InvalidFields;
use Geodex\Core\Fields\Values;
use Geodex\Core\Structure\ChannelPreset;
use Geodex\Core\Structure\Preset;
use Geodex\Core\Structure\Presets;
use Geodex\Core\Structure\Section;
use Geodex\Core\Structure\Strip;
use Geodex\Core\Structure\StripRole;

/**
 * A run of rail of one section, or one that tapers evenly from its front depth to its rear depth. A liner lies inside a channel; a closing
 * plate stands on its tips. Where a wall has been measured thinner, that much is taken off every face.
 */
final readonly class Rail implements ChassisPart
{
    /** @param  Values  $section  by the fields of a preset */
    private function __construct(
        private string $id,
        public RailSide $side,
        public float $from,
        public float $to,
        private Values $section,
        public ?float $rearDepth,
        public ?float $liner,
        public ?float $plate,
        public ?float $doubler,
        public ?float $doublerHeight,
        public ?float $yield,
        public ?Known $known,
        public Steel $steel,
        public PointsAt $pointsAt,
        public ?float $offset,
        private string $path,
    ) {}

    public static function list(): string
    {
        return 'rails';
    }

    public static function label(): string
    {
        return 'Rail';
    }

    public static function purpose(): string
    {
        return 'Each run of rail of one section, from one station to another: “640 ahead of front axle” to “350 behind CL”. A new run where the section changes.';
    }

    public static function maxCount(): int
    {
        return 40;
    }

    public static function fields(): array
    {
        return [
            Field::choice('side', 'Side', RailSide::ofRails())->defaults(RailSide::Both->value),
            Field::length('from', 'From station')->station(),
            Field::length('to', 'To station')->station(),
            Field::group('section', 'Section', Presets::fields()),
            Field::length('rearDepth', 'Depth at its rear end', 'Where the rail tapers.')->positive()->optional(),
            Field::length('liner', 'Liner, thickness', 'A channel inside the channel.')->positive()->optional(),
            Field::length('plate', 'Closing plate, thickness', 'On the tips of the channel.')->positive()->optional(),
            Field::length('doubler', 'Plate on the back of the web, thickness')->positive()->optional(),
            Field::length('doublerHeight', 'its height', 'Left empty: as high as the flat of the web.')->positive()->optional(),
            Field::number('yield', 'Yield of the steel', 'MPa')->between(100.0, 1500.0)->optional(),
            Field::choice('known', 'Yield known', array_map(fn (Known $one): string => $one->value, Known::cases()))->optional(),
            Field::choice('steel', 'Steel', array_map(fn (Steel $one): string => $one->value, Steel::cases()))->defaults(Steel::Mild->value),
            Field::choice('pointsAt', 'Charted points lie at', array_map(fn (PointsAt $one): string => $one->value, PointsAt::cases()), 'Where in the depth of the rail.')->defaults(PointsAt::Middle->value),
            Field::length('offset', 'Web from the centreline', 'Only where no charted points draw the rail.')->positive()->optional(),
        ];
    }

    public static function of(string $id, Values $given, string $path = ''): static
    {
        if ($given->number('to') <= $given->number('from')) {
            throw InvalidFields::at("$path.to", 'a rail runs rearward: it has to end behind where it begins.');
        }
        if ($given->text('known') !== '' && ! $given->has('yield')) {
            throw InvalidFields::at("$path.yield", 'missing: it is said how the yield is known, but not what it is.');
        }
        $rail = new self(
            id: $id,
            side: RailSide::from($given->text('side')),
            from: $given->number('from'),
            to: $given->number('to'),
            section: $given->within('section'),
            rearDepth: $given->optional('rearDepth'),
            liner: $given->optional('liner'),
            plate: $given->optional('plate'),
            doubler: $given->optional('doubler'),
            doublerHeight: $given->optional('doublerHeight'),
            yield: $given->optional('yield'),
            // What nobody vouches for is a guess.
            known: $given->has('yield') ? Known::tryFrom($given->text('known')) ?? Known::Guess : null,
            steel: Steel::from($given->text('steel')),
            pointsAt: PointsAt::from($given->text('pointsAt')),
            offset: $given->optional('offset'),
            path: $path,
        );

        return $rail->checked();
    }

    public function id(): string
    {
        return $this->id;
    }

    public function isAt(float $station): bool
    {
        return $station >= $this->from && $station <= $this->to;
    }

    /** Kind of its preset. */
    public function kind(): string
    {
        return $this->section->text('kind');
    }

    public function isChannel(): bool
    {
        return $this->section->text('kind') === 'channel';
    }

    /** Over all, at a station (mm). */
    public function depth(float $station): float
    {
        $front = $this->section->optional('depth') ?? $this->section->optional('diameter') ?? 0.0;
        $share = max(0.0, min(1.0, ($station - $this->from) / ($this->to - $this->from)));

        return $this->rearDepth === null ? $front : $front + ($this->rearDepth - $front) * $share;
    }

    /** Over all, without the plate (mm). */
    public function width(): float
    {
        return $this->section->optional('width') ?? $this->section->optional('diameter') ?? 0.0;
    }

    /** Of the web, as it was new (mm). */
    public function thickness(): float
    {
        return $this->section->number('thickness');
    }

    public function flangeThickness(): float
    {
        return $this->section->optional('flangeThickness') ?? $this->thickness();
    }

    /** Inside, between web and flange (mm). */
    public function insideRadius(): float
    {
        return $this->section->optional('insideRadius') ?? 0.0;
    }

    public function tapers(): bool
    {
        return $this->rearDepth !== null;
    }

    /**
     * @param  float  $lost  taken off every face by rust or grinding (mm)
     *
     * @throws InvalidFields if its parts do not go together, or loss leaves no wall
     */
    public function section(float $station, float $lost = 0.0): Section
    {
        $preset = $this->preset($station, $lost);

        return new Section(preset: $preset, strips: [...$this->linerStrips($preset), ...$this->plateStrips($preset), ...$this->doublerStrips($station)], holes: [], given: null, path: "$this->path.");
    }

    private function preset(float $station, float $lost): Preset
    {
        $given = $this->section->toArray();
        if (isset($given['depth'])) {
            $given['depth'] = $this->depth($station);
        }
        if ($lost > 0.0) {
            $given['lossOutside'] = ($this->section->optional('lossOutside') ?? 0.0) + $lost;
        }

        return Presets::read(new Values($given), "$this->path.section");
    }

    /** @return list<Strip> web and flanges of a channel inside the channel, as far as it is still there */
    private function linerStrips(Preset $worn): array
    {
        if ($this->liner === null) {
            return [];
        }
        $l = $this->liner;
        if (! $worn instanceof ChannelPreset || 2 * ($worn->thickness + $l) >= $worn->depth || $worn->thickness + $l >= $worn->width) {
            throw InvalidFields::at("$this->path.liner", 'a liner lies inside a channel, and has to leave room in it.');
        }
        [$h, $t] = [$worn->depth, $worn->thickness];
        $sign = $this->opensLeft() ? -1 : 1;
        $flange = $worn->width - $t - $l;
        $strip = fn (float $y, float $z, float $width, float $angle): Strip => new Strip(y: $sign * $y, z: $z, width: $width, thickness: $l, angle: $angle, role: StripRole::Open);

        return [
            $strip($t + $l / 2, 0.0, $h - 2 * $t, 90.0),
            $strip($t + $l + $flange / 2, $h / 2 - $t - $l / 2, $flange, 0.0),
            $strip($t + $l + $flange / 2, -$h / 2 + $t + $l / 2, $flange, 0.0),
        ];
    }

    /** @return list<Strip> on the tips of a channel as far as they are still there */
    private function plateStrips(Preset $worn): array
    {
        if ($this->plate === null) {
            return [];
        }
        if (! $worn instanceof ChannelPreset) {
            throw InvalidFields::at("$this->path.plate", 'a closing plate stands on the tips of a channel.');
        }
        $y = $worn->width + $this->plate / 2;

        return [new Strip(y: $this->opensLeft() ? -$y : $y, z: 0.0, width: $worn->depth, thickness: $this->plate, angle: 90.0, role: StripRole::Closing)];
    }

    /** @return list<Strip> */
    private function doublerStrips(float $station): array
    {
        if ($this->doubler === null) {
            return [];
        }
        $height = $this->doublerHeight ?? $this->depth($station) - 2 * ($this->insideRadius() + $this->thickness());
        if ($height > $this->depth($station) + 1e-6) {
            throw InvalidFields::at("$this->path.doublerHeight", 'a plate on the web is no higher than the rail.');
        }
        // A channel has its origin at the back of its web, any other section in its middle.
        $y = $this->isChannel() ? -$this->doubler / 2 : -$this->width() / 2 - $this->doubler / 2;

        return [new Strip(y: $this->opensLeft() ? -$y : $y, z: 0.0, width: $height, thickness: $this->doubler, angle: 90.0, role: StripRole::Open)];
    }

    /** The same rail from one station to another (mm), its ends as deep as they were. */
    public function moved(float $from, float $to): self
    {
        return $this->with(['from' => $from, 'to' => $to]);
    }

    /** A part of it, as deep at its ends as it is there. */
    public function part(string $id, float $from, float $to): self
    {
        $section = $this->section->toArray();
        if (isset($section['depth'])) {
            $section['depth'] = $this->depth($from);
        }

        return $this->with(['id' => $id, 'from' => $from, 'to' => $to, 'section' => new Values($section), 'rearDepth' => $this->rearDepth === null ? null : $this->depth($to)]);
    }

    /** @throws InvalidFields if no plate stands on its tips */
    public function closedBy(float $thickness): self
    {
        return $this->with(['plate' => $thickness])->checked();
    }

    /** @throws InvalidFields if the plate is higher than the rail */
    public function doubledBy(float $thickness, ?float $height): self
    {
        return $this->with(['doubler' => $thickness, 'doublerHeight' => $height])->checked();
    }

    /** The same on one side alone. */
    public function on(RailSide $side, string $id): self
    {
        return $this->with(['side' => $side, 'id' => $id]);
    }

    /** @param  array<string, mixed>  $change */
    private function with(array $change): self
    {
        return new self(...[...get_object_vars($this), ...$change]);
    }

    /** @throws InvalidFields */
    private function checked(): self
    {
        $this->section($this->from);
        $this->section($this->to);

        return $this;
    }

    /** Whether the channel opens to the left. */
    public function opensLeft(): bool
    {
        return $this->section->text('opens') === 'left';
    }
}
