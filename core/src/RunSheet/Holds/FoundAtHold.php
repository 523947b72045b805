<?php

declare(strict_types=1);

namespace Geodex\Core\RunSheet\Holds;

use Geodex\Core\RunSheet\Heat\Zone;
use Geodex\Core\Words\Measure;
use Geodex\Core\Words\Sentence;

/** What was found where no single length says it: by a survey, by heights of the corners, by a thermometer. */
final readonly class FoundAtHold
{
    /** @param  array<string, mixed>  $data  of a log entry */
    public static function said(array $data): ?Sentence
    {
        return match (true) {
            isset($data['survey']) => self::survey($data),
            isset($data['heights']) => self::heights($data),
            isset($data['temperature']) => self::temperature($data),
            default => null,
        };
    }

    /** @param  array<string, mixed>  $data */
    private static function survey(array $data): Sentence
    {
        $count = fn (string $name): string => is_numeric($data[$name] ?? null) ? (string) (int) $data[$name] : '0';

        return Sentence::of('found.survey', 'Survey “{survey}”: {in} points within, {out} out, {undecided} undecided, {unread} not read.', survey: self::text($data, 'survey'), in: $count('in'), out: $count('out'), undecided: $count('undecided'), unread: $count('unread'));
    }

    /** @param  array<string, mixed>  $data */
    private static function heights(array $data): Sentence
    {
        $jack = is_array($data['jacks'] ?? null) && is_numeric($data['jacks']['frontLeft'] ?? null) ? (float) $data['jacks']['frontLeft'] : 0.0;
        $text = ! (is_array($data['heights'] ?? null) && isset($data['heights']['reference'])) && ($data['action'] ?? '') === 'go-on' ? 'It stands with a twist of {twist}; what the supports put in is held against that.' : (($data['action'] ?? '') === 'go-on' ? 'The supports wind it by {twist}.' : 'The supports wind it by {twist}: {way} the front left by {jack}, or one other corner, and read again.');

        return Sentence::of('found.twist', $text, twist: Measure::computed(abs(self::number($data, 'difference')), self::number($data, 'twistUncertainty')), way: $jack > 0.0 ? 'raise' : 'let down', jack: Measure::computed(abs($jack)));
    }

    /** @param  array<string, mixed>  $data */
    private static function temperature(array $data): Sentence
    {
        return Sentence::of('found.temperature', '{place}: {read} °C read, {factor} times the rise that was expected.', place: Zone::named(self::text($data, 'zone'))?->label() ?? '', read: sprintf('%.0f', self::number($data, 'temperature')), factor: sprintf('%.2f', self::number($data, 'factor')));
    }

    /** @param  array<string, mixed>  $data */
    private static function number(array $data, string $name): float
    {
        return is_numeric($data[$name] ?? null) ? (float) $data[$name] : 0.0;
    }

    /** @param  array<string, mixed>  $data */
    private static function text(array $data, string $name): string
    {
        return is_string($data[$name] ?? null) ? $data[$name] : '';
    }
}
