<?php

declare(strict_types=1);

namespace App\Http\Props;

/** A sleeve or plate as it is drawn: what reaches to one side of the joint; the other is its mirror; mm. */
final readonly class SplicePartProps
{
    /**
     * @param  list<list<float>>  $plugs  from the joint, and height over the middle
     * @param  list<list<float>>  $fillets  from x, z to x, z
     * @param  ?float  $plug  diameter
     */
    public function __construct(public string $id, public string $kind, public float $depth, public float $width, public float $thickness, public float $length, public ?float $plug, public array $plugs, public array $fillets) {}

    /** @param  array<string, mixed>  $part  as the calculator “splice” takes it */
    public static function from(array $part): self
    {
        /** @var array{id: string, kind: string, section: array{depth?: float, width?: float, thickness: float}, each: array{length: float, plugs?: array{diameter: float, positions: list<list<float>>}, fillets?: list<array{from?: list<float>, to?: list<float>}>}} $part */
        $section = $part['section'];
        $fillets = array_values(array_filter(array_map(fn (array $one): array => [...($one['from'] ?? []), ...($one['to'] ?? [])], $part['each']['fillets'] ?? []), fn (array $one): bool => count($one) === 4));

        return new self($part['id'], $part['kind'], $section['depth'] ?? $section['thickness'], $section['width'] ?? $section['thickness'], $section['thickness'], $part['each']['length'], $part['each']['plugs']['diameter'] ?? null, $part['each']['plugs']['positions'] ?? [], $fillets);
    }
}
