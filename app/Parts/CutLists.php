<?php

declare(strict_types=1);

namespace App\Parts;

use App\Models\Job;
use App\Models\Part;
use App\Models\StockItem;
use Geodex\Core\Calculators\Calculators;
use Geodex\Core\Failure\CoreFailure;
use Geodex\Core\Parts\PartFacts;
use Geodex\Core\Parts\Told;

/** The cut lists of a job, one for each stock that its parts are sawn from: what may be cut now, on what is on the rack. */
final readonly class CutLists
{
    /** Two of a saw's settings: shop defaults. */
    public const KERF = 3.0;

    public const TRIM = 10.0;

    /** @return list<CutList> */
    public static function of(Job $job, float $kerf, float $trim): array
    {
        $groups = $remarks = [];
        foreach ($job->parts()->with(['mirrored'])->get() as $part) {
            foreach (self::lengths($part) as $i => $length) {
                $groups[$part->stock][] = new SawnPart($part->id, "$part->id-$i", $part->title, $length['length'], $length['count'] * $part->state->free($part->count, $part->mirrored?->state), $length['count'] * $part->count);
            }
            $remark = self::remark($part);
            $remarks[$part->stock] = [...$remarks[$part->stock] ?? [], ...($remark === null ? [] : [$remark])];
        }
        $lists = [];
        foreach ($groups as $stock => $parts) {
            $bars = $job->workshop->stock()->whereNull('width')->where('stock', $stock)->get()->all();
            $lists[] = self::one((string) $stock, $parts, array_values($bars), $kerf, $trim)->saying($remarks[$stock] ?? []);
        }

        return $lists;
    }

    private static function remark(Part $part): ?string
    {
        return match (true) {
            $part->mirrored !== null => "Clamp {$part->mirrored->title} and its mirror image together and saw both as one.",
            in_array($part->tool, ['arch', 'mitre'], true) => "$part->title: neighbours that are mitred alike share one cut where every second piece is turned over. That is not counted here.",
            default => null,
        };
    }

    /** @return list<array{length: float, count: int}> */
    private static function lengths(Part $part): array
    {
        try {
            return PartFacts::of($part->tool, $part->made(), $part->sheet()->worked($part->made()), [])->lengths;
        } catch (CoreFailure) {
            return [];
        }
    }

    /**
     * @param  list<SawnPart>  $parts
     * @param  list<StockItem>  $bars
     */
    private static function one(string $stock, array $parts, array $bars, float $kerf, float $trim): CutList
    {
        $now = array_values(array_filter($parts, fn (SawnPart $one): bool => $one->now > 0));
        if ($bars === [] || $now === []) {
            return new CutList($stock, $parts, $bars, [], false, $bars === [] ? 'Nothing of this stock is on the rack: enter a bar of it first.' : null);
        }
        try {
            $told = Told::of(Calculators::run('cut-list', [
                'stock' => array_map(fn (StockItem $bar): array => ['id' => (string) $bar->id, 'length' => $bar->length, ...($bar->count === null ? [] : ['count' => $bar->count])], array_values(array_filter($bars, fn (StockItem $bar): bool => $bar->count !== 0))),
                'parts' => array_map(fn (SawnPart $one): array => ['id' => $one->key, 'length' => $one->length, 'count' => $one->now], $now), 'kerf' => $kerf, 'trim' => $trim,
            ]));
        } catch (CoreFailure $failure) {
            return new CutList($stock, $parts, $bars, [], false, $failure->getMessage());
        }
        $sawn = [];
        foreach ($told->list('bars') as $bar) {
            $sawn[] = new SawnBar((int) $bar->text('stock'), $bar->names('parts'), $bar->number('offcut'));
        }

        return new CutList($stock, $parts, $bars, $sawn, $told->truth('proven'), null);
    }
}
