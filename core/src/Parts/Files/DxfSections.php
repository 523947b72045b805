<?php

declare(strict_types=1);

namespace Geodex\Core\Parts\Files;

/** A DXF file parted into its unit, its blocks and what is drawn. */
final readonly class DxfSections
{
    private const MOST_ENTITIES = 100_000;

    /** Counted before the file is taken apart, which costs a hundred times its size. */
    private const MOST_LINES = 600_000;

    /**
     * @param  array<string, list<DxfEntity>>  $blocks
     * @param  list<DxfEntity>  $entities
     */
    private function __construct(public int $unit, public array $blocks, public array $entities) {}

    public static function of(string $file): self
    {
        if (substr_count($file, "\n") > self::MOST_LINES) {
            throw UnreadableDxf::because(sprintf('More than %d lines of text: no part has so many corners. Draw it with arcs instead of points.', self::MOST_LINES));
        }
        $lines = preg_split('/\r\n|\r|\n/', $file) ?: [];
        [$unit, $section, $block, $header] = [0, '', '', ''];
        $blocks = $entities = [];
        foreach (self::entities($lines) as $entity) {
            if (in_array($entity->kind, ['ENDSEC', 'EOF'], true)) {
                [$section, $block] = ['', ''];
            } elseif ($entity->kind === 'SECTION') {
                $section = $entity->text(2);
                foreach ($section === 'HEADER' ? $entity->pairs : [] as [$code, $value]) {
                    $header = $code === 9 ? $value : $header;
                    $unit = $header === '$INSUNITS' && $code === 70 ? (int) $value : $unit;
                }
            } elseif ($section === 'BLOCKS' && in_array($entity->kind, ['BLOCK', 'ENDBLK'], true)) {
                $block = $entity->kind === 'BLOCK' ? $entity->text(2) : '';
                $blocks += $block === '' ? [] : [$block => []];
            } elseif ($section === 'BLOCKS' && $block !== '') {
                $blocks[$block][] = $entity;
            } elseif ($section === 'ENTITIES') {
                $entities[] = $entity;
            }
        }
        if ($entities === []) {
            throw UnreadableDxf::because('No DXF file, or nothing is drawn in it.');
        }

        return new self($unit, array_map(self::withVertices(...), $blocks), self::withVertices($entities));
    }

    /**
     * @param  list<string>  $lines
     * @return list<DxfEntity>
     */
    private static function entities(array $lines): array
    {
        $entities = $pairs = [];
        [$kind, $at] = ['', 0];
        for ($i = 0; $i + 1 < count($lines); $i += 2) {
            $code = trim($lines[$i]);
            if (preg_match('/^-?\d{1,4}$/', $code) !== 1) {
                throw UnreadableDxf::because(sprintf('line %d: “%s” is no group code: no DXF file, or a spoilt one.', $i + 1, mb_strimwidth(mb_scrub($code), 0, 20, '…')));
            }
            if ($code !== '0') {
                $pairs[] = [(int) $code, trim($lines[$i + 1])];

                continue;
            }
            if ($kind !== '') {
                $entities[] = new DxfEntity($kind, $pairs, $at);
            }
            if (count($entities) > self::MOST_ENTITIES) {
                throw UnreadableDxf::because(sprintf('More than %d things are drawn: no part has so many.', self::MOST_ENTITIES));
            }
            [$kind, $pairs, $at] = [strtoupper(trim($lines[$i + 1])), [], $i + 1];
        }

        return $kind === '' ? $entities : [...$entities, new DxfEntity($kind, $pairs, $at)];
    }

    /**
     * Old polylines with their vertices, which stand after them, taken in.
     *
     * @param  list<DxfEntity>  $entities
     * @return list<DxfEntity>
     */
    private static function withVertices(array $entities): array
    {
        $whole = [];
        foreach ($entities as $entity) {
            $last = count($whole) - 1;
            if ($entity->kind === 'VERTEX' && $last >= 0 && $whole[$last]->kind === 'POLYLINE') {
                $corner = [[10, (string) $entity->number(10)], [20, (string) $entity->number(20)], [42, (string) $entity->number(42)], [38, (string) $entity->number(30)]];
                $own = array_values(array_filter($whole[$last]->pairs, fn (array $pair): bool => $whole[$last]->text(-1) !== '' || ! in_array($pair[0], [10, 20, 30], true)));
                $whole[$last] = new DxfEntity('POLYLINE', [...$own, ...($whole[$last]->text(-1) === '' ? [[-1, 'read']] : []), ...$corner], $whole[$last]->line);
            } else {
                $whole[] = $entity;
            }
        }

        return array_values($whole);
    }
}
