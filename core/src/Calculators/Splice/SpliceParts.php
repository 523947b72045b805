<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\Splice;

/** Sleeves and plates with their plugs and fillets, laid out for one place. */
final readonly class SpliceParts
{
    /** Plugs stand this many diameters apart (AISC 360, J2.3b). */
    private const APART = 4.0;

    /** Fillets end short of a part's end (mm), so that the end stays free. */
    private const FREE_MM = 20.0;

    /** Length of a stitch, and of the gap to the next (mm). */
    private const STITCH_MM = 40.0;

    private const GAP_MM = 60.0;

    /**
     * A folded channel inside the rail, with the clearance that a hand can push in.
     *
     * @return array<string, mixed>
     */
    public static function sleeve(SpliceSite $site, bool $fillets): array
    {
        $depth = $site->depth - 2 * $site->thickness - 2 * SpliceSite::FIT_MM;
        $width = $site->width - $site->thickness * ($site->kind === 'box' ? 2 : 1) - SpliceSite::FIT_MM * ($site->kind === 'box' ? 2 : 1);

        return [
            'id' => 'sleeve', 'kind' => 'sleeve', 'section' => ['kind' => $site->kind, 'depth' => $depth, 'width' => $width, 'thickness' => $site->sleeve],
            'each' => ['length' => $site->length, 'plugs' => self::plugs($site, $site->plug($site->thickness), $depth), ...($fillets ? ['fillets' => self::edges($site, $depth)] : [])],
        ];
    }

    /**
     * A plate on the back of the web, as high as its flat.
     *
     * @return array<string, mixed>
     */
    public static function webPlate(SpliceSite $site, bool $fillets): array
    {
        $depth = self::flat($site);

        return [
            'id' => 'web plate', 'kind' => 'webPlate', 'section' => ['kind' => 'upright', 'depth' => $depth, 'thickness' => $site->plate],
            'each' => ['length' => $site->length, 'plugs' => self::plugs($site, $site->plug($site->plate), $depth), ...($fillets ? ['fillets' => self::edges($site, $depth)] : [])],
        ];
    }

    /**
     * A plate on the back of the web, on stitches along its edges.
     *
     * @return array<string, mixed>
     */
    public static function stitchedPlate(SpliceSite $site): array
    {
        $depth = self::flat($site);
        $stitches = [];
        for ($x = self::FREE_MM; $x + self::STITCH_MM <= $site->length - self::FREE_MM || $stitches === []; $x += self::STITCH_MM + self::GAP_MM) {
            foreach ([1, -1] as $sign) {
                $stitches[] = ['leg' => $site->leg, 'from' => [$x, $sign * $depth / 2], 'to' => [$x + self::STITCH_MM, $sign * $depth / 2]];
            }
        }

        return ['id' => 'web plate', 'kind' => 'webPlate', 'section' => ['kind' => 'upright', 'depth' => $depth, 'thickness' => $site->plate], 'each' => ['length' => $site->length, 'fillets' => $stitches]];
    }

    /**
     * A plate over the tips of a channel, as high as the rail.
     *
     * @return array<string, mixed>
     */
    public static function closingPlate(SpliceSite $site): array
    {
        return [
            'id' => 'closing plate', 'kind' => 'webPlate', 'section' => ['kind' => 'upright', 'depth' => $site->depth, 'thickness' => $site->plate],
            'each' => ['length' => $site->length, 'fillets' => self::edges($site, $site->depth)],
        ];
    }

    /**
     * Plates on both flanges, welded along their edges.
     *
     * @return list<array<string, mixed>>
     */
    public static function flangePlates(SpliceSite $site): array
    {
        $width = max(20.0, $site->width - 2 * $site->leg - 4.0);
        $run = max(20.0, $site->length - self::FREE_MM - 20.0);
        $plate = fn (string $id, int $sign): array => [
            'id' => $id, 'kind' => 'flangePlate', 'section' => ['kind' => 'flat', 'width' => $width, 'thickness' => $site->plate, 'z' => $sign * ($site->depth + $site->plate) / 2],
            'each' => ['length' => $site->length, 'fillets' => [['leg' => $site->leg, 'length' => 2 * $run]]],
        ];

        return [$plate('top plate', 1), $plate('bottom plate', -1)];
    }

    /** Height of the web between its corners (mm). */
    private static function flat(SpliceSite $site): float
    {
        return floor($site->depth - 2 * ($site->thickness + max($site->insideRadius, 3.0)));
    }

    /** @return array<string, mixed> in columns four diameters apart, two high or three */
    private static function plugs(SpliceSite $site, float $diameter, float $depth): array
    {
        $apart = self::APART * $diameter;
        $rows = $depth >= 2 * $apart + 3 * $diameter ? [-$apart, 0.0, $apart] : ($depth >= $apart + 3 * $diameter ? [-$apart / 2, $apart / 2] : [0.0]);
        $positions = [];
        for ($x = 2 * $diameter; $x <= $site->length - 2 * $diameter; $x += $apart) {
            foreach ($rows as $z) {
                $positions[] = [$x, $z];
            }
        }

        return ['diameter' => $diameter, 'positions' => $positions === [] ? [[$site->length / 2, 0.0]] : $positions];
    }

    /** @return list<array<string, mixed>> along the upper and the lower edge */
    private static function edges(SpliceSite $site, float $depth): array
    {
        [$from, $to] = [min(20.0, $site->length / 4), max($site->length / 2, $site->length - self::FREE_MM)];

        return array_map(fn (int $sign): array => ['leg' => $site->leg, 'from' => [$from, $sign * $depth / 2], 'to' => [$to, $sign * $depth / 2]], [1, -1]);
    }
}
