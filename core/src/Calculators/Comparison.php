<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators;

use Geodex\Core\Fields\FieldKind;

/** Two results of one calculator side by side, for a screen and for paper. */
final readonly class Comparison
{
    /** Rows of a list that are told; more would be no summary. */
    private const MOST_ROWS = 6;

    private const LIMITS = ['limit', 'need'];

    /**
     * @param  list<Result>  $results
     * @param  array<mixed>  $before  empty where there was nothing before
     * @param  array<mixed>  $after
     * @return list<ComparedRow> what is not told after is left out
     */
    public static function of(array $results, array $before, array $after): array
    {
        return self::rows($results, $before, $after, '', false);
    }

    /**
     * @param  list<Result>  $results
     * @param  array<mixed>  $before
     * @param  array<mixed>  $after
     * @return list<ComparedRow>
     */
    private static function rows(array $results, array $before, array $after, string $within, bool $isInside): array
    {
        $rows = [];
        // Within a group the first number is what its limit and its state are about.
        $isFirst = $isInside;
        foreach ($results as $result) {
            [$was, $is] = [$before[$result->name] ?? null, $after[$result->name] ?? null];
            $what = $within === '' ? $result->label : "$within, $result->label";
            if ($result->results !== []) {
                array_push($rows, ...($result->kind === FieldKind::Listing ? self::listed($result, $was, $is, $what) : self::rows($result->results, self::record($was), self::record($is), $what, true)));
            } elseif (is_array($is)) {
                array_push($rows, ...self::numbers($result, self::record($was), $is, $what));
            } elseif (is_scalar($is) && ! self::isTold($result, $results, $isInside)) {
                $isNumber = is_int($is) || is_float($is);
                $rows[] = new ComparedRow($what, $result->kind, $result->unit, is_scalar($was) ? $was : null, $is, $isNumber ? self::limit($result, $after, $isFirst) : null, $isNumber ? self::state($result, $after, $isFirst) : null);
                $isFirst = $isFirst && ! $isNumber;
            }
        }

        return $rows;
    }

    /**
     * Several numbers by name, or by their place.
     *
     * @param  array<mixed>  $was
     * @param  array<mixed>  $is
     * @return list<ComparedRow>
     */
    private static function numbers(Result $result, array $was, array $is, string $what): array
    {
        $kind = $result->kind === FieldKind::Lengths ? FieldKind::Length : FieldKind::Number;
        $rows = [];
        foreach ($is as $key => $value) {
            $before = $was[$key] ?? null;
            if (is_int($value) || is_float($value)) {
                $rows[] = new ComparedRow($what.' '.(is_int($key) ? (string) ($key + 1) : $key), $kind, $result->unit, is_int($before) || is_float($before) ? $before : null, $value, null, null);
            }
        }

        return $rows;
    }

    /** @return list<ComparedRow> each entry by its name, or by its place in the list */
    private static function listed(Result $result, mixed $was, mixed $is, string $what): array
    {
        $rows = [];
        foreach (array_slice(is_array($is) ? array_values($is) : [], 0, self::MOST_ROWS) as $i => $entry) {
            $entry = self::record($entry);
            $name = is_string($entry['id'] ?? null) ? $entry['id'] : (string) ($i + 1);
            array_push($rows, ...self::rows(array_values(array_filter($result->results, fn (Result $one): bool => $one->name !== 'id')), self::record(self::record($was)[$i] ?? null), $entry, "$what $name", true));
        }

        return $rows;
    }

    /**
     * Whether it is said in the column of limits or of states of another row.
     *
     * @param  list<Result>  $results
     */
    private static function isTold(Result $result, array $results, bool $isInside): bool
    {
        $own = ['state', ...self::LIMITS];
        $numbers = array_filter($results, fn (Result $one): bool => in_array($one->kind, [FieldKind::Number, FieldKind::Length, FieldKind::Count], true) && ! in_array($one->name, $own, true));

        return array_filter($numbers, fn (Result $one): bool => in_array($result->name, [$one->name.'State', $one->name.'Limit'], true)) !== [] || ($isInside && $numbers !== [] && in_array($result->name, $own, true));
    }

    /** @param  array<mixed>  $after */
    private static function limit(Result $result, array $after, bool $isFirst): ?float
    {
        foreach ([$result->name.'Limit', ...($isFirst ? self::LIMITS : [])] as $name) {
            if (is_numeric($after[$name] ?? null) && $name !== $result->name) {
                return (float) $after[$name];
            }
        }

        return null;
    }

    /** @param  array<mixed>  $after */
    private static function state(Result $result, array $after, bool $isFirst): ?string
    {
        foreach ([$result->name.'State', ...($isFirst ? ['state'] : [])] as $name) {
            if (is_string($after[$name] ?? null)) {
                return $after[$name];
            }
        }

        return null;
    }

    /** @return array<mixed> */
    private static function record(mixed $value): array
    {
        return is_array($value) ? $value : [];
    }
}
