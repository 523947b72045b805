<?php

declare(strict_types=1);

namespace Geodex\Core\Tests\Support;

use Geodex\Core\Units\LengthUnit;
use Geodex\Core\Words\Sentence;
use PHPUnit\Framework\Assert;

/**
 * Whole results of whole surveys, kept beside the tests, so that no change of a number, a sentence or an order goes unnoticed. What they are worth
 * is shown elsewhere, against truth and an independent implementation; here they are only held. KEEP=1 writes them anew.
 */
final class Kept
{
    /** Positions are found to 1e-6 mm; what is made of them wanders a little more from one machine to the next. */
    private const WITHIN = 2e-5;

    public static function same(string $name, mixed $value): void
    {
        $path = dirname(__DIR__)."/kept/$name.json";
        $is = self::plain($value);
        if (getenv('KEEP') !== false) {
            file_put_contents($path, self::written($is));
        }
        Assert::assertFileExists($path, 'Nothing is kept under this name; KEEP=1 keeps what comes out now.');
        self::compare(json_decode((string) file_get_contents($path), true, 64, JSON_THROW_ON_ERROR), json_decode(json_encode($is, JSON_THROW_ON_ERROR), true), $name);
    }

    /** One line for each part, so that a difference can be read. */
    private static function written(mixed $value): string
    {
        $write = fn (mixed $one): string => json_encode($one, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES);
        if (! is_array($value) || array_is_list($value)) {
            return $write($value)."\n";
        }

        return "{\n".implode(",\n", array_map(fn (string|int $key, mixed $one): string => $write((string) $key).': '.$write($one), array_keys($value), $value))."\n}\n";
    }

    private static function compare(mixed $kept, mixed $is, string $at): void
    {
        if (is_array($kept) && is_array($is)) {
            Assert::assertSame(array_keys($kept), array_keys($is), $at);
            foreach ($kept as $key => $value) {
                self::compare($value, $is[$key], "$at.$key");
            }
        } elseif ((is_float($kept) || is_int($kept)) && (is_float($is) || is_int($is))) {
            if (abs($kept - $is) > self::WITHIN * max(1.0, abs($kept))) {
                Assert::assertSame($kept, $is, $at);
            }
        } else {
            Assert::assertSame($kept, $is, $at);
        }
    }

    /** Objects as what they show, numbers as far as they are kept. */
    private static function plain(mixed $value): mixed
    {
        return match (true) {
            $value instanceof \BackedEnum => $value->value,
            $value instanceof Sentence => $value->in(LengthUnit::Millimetre),
            is_object($value) => array_map(self::plain(...), get_object_vars($value)),
            is_array($value) => array_map(self::plain(...), $value),
            is_float($value) => is_finite($value) ? (float) sprintf('%.8g', abs($value) < 1e-9 ? 0.0 : $value) : (string) $value,
            default => $value,
        };
    }
}
