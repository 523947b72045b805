<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\Plates;

use Geodex\Core\Calculators\Calculator;
use Geodex\Core\Calculators\Result;
use Geodex\Core\Fields\Field;
use Geodex\Core\Fields\InvalidFields;
use Geodex\Core\Fields\Values;

/** Parts on sheets and remnants. */
final readonly class NestCalculator implements Calculator
{
    private const MOST = 300;

    public static function name(): string
    {
        return 'nest';
    }

    public static function title(): string
    {
        return 'Parts on sheets';
    }

    public static function purpose(): string
    {
        return 'How parts lie on sheets and remnants so that few are used: turned only as they may be, never mirrored, apart by a bridge everywhere and off the edge by a border. A part for the other side is another part; bend and rolling direction forbid turns.';
    }

    public static function source(): string
    {
        return 'Lowest place first by true shape, several orders; validity by exact distances. A good layout, not proven the best. Border, bridge and kerf: shop defaults.';
    }

    public static function fields(): array
    {
        return [
            Field::listing('sheets', 'Sheets', [Field::text('id', 'Name'), Field::length('width', 'width')->positive(), Field::length('height', 'height')->positive(), Field::count('count', 'how many', 'Left empty: as many as are wanted.')->between(1.0, 1000.0)->optional()], 1, 30),
            Field::listing('parts', 'Parts', [Field::text('id', 'Name'), Field::places('outline', 'outline, corner by corner', 2), Field::count('count', 'how many')->between(1.0, 300.0)->defaults(1), Field::series('rotations', 'may be turned by', '°', 1, 36)->between(-360.0, 360.0)->optional()], 1, 100),
            Field::length('border', 'Border of a sheet')->between(0.0, null)->defaults(10.0), Field::length('kerf', 'Kerf')->between(0.0, null)->defaults(1.5), Field::length('thickness', 'Plate')->between(0.0, null)->defaults(0.0), Field::length('bridge', 'Apart by', 'Left empty: two more than the kerf, and no less than the plate.')->between(0.0, null)->optional(),
        ];
    }

    public static function results(): array
    {
        return [
            Result::count('sheetsUsed', 'Sheets'), Result::number('utilisation', 'Of their area'),
            Result::table('placements', 'Parts', [Result::named('part', 'part'), Result::named('sheet', 'sheet'), Result::count('sheetNumber', 'number'), Result::lengths('at', 'its origin at'), Result::number('rotation', 'turned by', '°')]), Result::named('unplaced', 'Left over'),
        ];
    }

    public function calculate(Values $given): array
    {
        $least = max($given->number('kerf') + 2.0, $given->number('thickness'));
        $bridge = $given->optional('bridge') ?? $least;
        if ($bridge < $least - 1e-9) {
            throw InvalidFields::at('bridge', sprintf('at least %g mm: two more than the kerf, and no less than the plate.', $least));
        }
        $border = $given->number('border');
        $sheets = [];
        foreach ($given->list('sheets') as $i => $one) {
            $this->mustBeNew(array_column($sheets, 'id'), $one->text('id'), "sheets[$i].id");
            $sheets[] = ['id' => $one->text('id'), 'width' => $one->number('width'), 'height' => $one->number('height'), 'count' => $one->has('count') ? (int) $one->number('count') : null];
        }
        $parts = $sheets === [] ? [] : $this->parts($given, $sheets, $border);
        if ($sheets === [] || count($parts) > self::MOST) {
            throw InvalidFields::at('parts', sprintf('no more than %d together.', self::MOST));
        }
        $laid = (new Nesting($sheets, $parts, $border, $bridge))->laid();
        $areas = array_column($parts, 'area', 'id');
        $used = array_sum(array_map(fn (int $s): float => $sheets[$s]['width'] * $sheets[$s]['height'], $laid['sheets']));

        return [
            'placements' => $laid['placements'], 'sheetsUsed' => count($laid['sheets']), 'utilisation' => $used > 0.0 ? array_sum(array_map(fn (array $one): float => $areas[$one['part']], $laid['placements'])) / $used : 0.0, 'unplaced' => $laid['unplaced'],
        ];
    }

    /**
     * @param  non-empty-list<array{id: string, width: float, height: float, count: ?int}>  $sheets
     * @return list<array{id: string, piece: Piece, area: float, rotations: non-empty-list<float>}>
     */
    private function parts(Values $given, array $sheets, float $border): array
    {
        $parts = $known = [];
        foreach ($given->list('parts') as $i => $part) {
            $this->mustBeNew($known, $part->text('id'), "parts[$i].id");
            $known[] = $part->text('id');
            $corners = array_map(fn (array $one): array => [$one[0], $one[1]], $part->places('outline'));
            Outline::mustBeSimple($corners, "parts[$i].outline");
            $rotations = $part->has('rotations') ? $part->numbers('rotations') : [0.0, 90.0, 180.0, 270.0];
            $piece = Piece::of($corners);
            $fits = array_filter($rotations, function (float $rotation) use ($piece, $sheets, $border): bool {
                [$left, $low, $right, $high] = $piece->turned($rotation)->box;

                return array_filter($sheets, fn (array $sheet): bool => $right - $left <= $sheet['width'] - 2 * $border + 1e-9 && $high - $low <= $sheet['height'] - 2 * $border + 1e-9) !== [];
            });
            if ($fits === [] || $rotations === []) {
                throw InvalidFields::at("parts[$i].outline", "“{$part->text('id')}” fits no empty sheet.");
            }
            for ($n = 0; $n < $part->number('count'); $n++) {
                $parts[] = ['id' => $part->text('id'), 'piece' => $piece, 'area' => abs(Outline::area($corners)), 'rotations' => $rotations];
            }
        }

        return $parts;
    }

    /** @param  list<string>  $known */
    private function mustBeNew(array $known, string $id, string $path): void
    {
        if (in_array($id, $known, true)) {
            throw InvalidFields::at($path, "“{$id}” is used twice.");
        }
    }
}
