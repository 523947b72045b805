<?php

declare(strict_types=1);

namespace Geodex\Core\Survey\Call;

use Geodex\Core\Failure\CoreFailure;
use Geodex\Core\Frame\Frame;
use Geodex\Core\Frame\UnknownPoint;
use Geodex\Core\Survey\Reading\Edge;
use Geodex\Core\Survey\Reading\Reading;
use Geodex\Core\Survey\Reading\ReadingKind;
use Geodex\Core\Survey\Reading\ReadingKinds;
use Geodex\Core\Survey\Reading\TramReading;
use Geodex\Core\Units\Length;
use Geodex\Core\Units\LengthParser;
use Geodex\Core\Units\LengthUnit;

/**
 * Reads what a person calls out: "BL DR 62 7/16" (tram), "h BL 212.5" (height), "l BL BR 0.2" (level).
 * A tram with pointers of unequal length ends in their lengths: "BL DR 1204 @100,250"; a length taken between edges in
 * "near" or "far": "BL DR 1190 near". Sides may be called in full: "B left D right 1204". What the tape shows beyond its last mark may be
 * shouted: "BL DR 62 7/16 strong".
 */
final readonly class CallReader
{
    /** Longest value that is kept as typed. */
    private const LONGEST_TYPED = 60;

    public function __construct(private Frame $frame) {}

    /**
     * @param  LengthUnit  $default  what a bare number means
     *
     * @throws CoreFailure naming the part that was not understood
     */
    public function read(string $call, LengthUnit $default): CalledReading
    {
        $call = trim((string) preg_replace('/\s+/u', ' ', $call));
        $words = $this->withSides($call === '' ? [] : explode(' ', $call));
        $kind = $this->kind($words);
        $points = [];
        foreach (array_keys($kind::roles()) as $i) {
            $points[] = $this->point(array_shift($words), $kind, $i);
        }
        $edge = $this->edge($words);
        [$typed, $pointers] = $this->partPointers(implode(' ', $words), $kind, $default);
        if ($typed === '') {
            throw UnclearCall::because('value', 'The value is missing after '.implode(' ', $points).'.');
        }
        if (mb_strlen($typed) > self::LONGEST_TYPED - 3) {
            throw UnclearCall::because('value', 'That value is too long to be a reading.');
        }
        $angle = $kind::quantity() === 'angle';
        $typed = $angle ? $typed : $this->withUnit($typed, $default);
        $value = $angle ? $this->degrees($typed) : Length::parse($typed, $default)->mm;
        $half = $angle ? null : (new LengthParser)->halfDivision($typed, $default)?->toFloat();
        $between = $kind::between($points, $pointers);
        $reading = new Reading('call', $between, $value + ($edge?->correction($this->frame, $between) ?? 0.0), $kind::usualSigma());

        // Anywhere within half a division is as likely: a rectangle of that half width (GUM 4.3.7).
        $sigma = $half === null ? null : hypot($kind::usualSigma(), $half / sqrt(3));

        return new CalledReading(kind: $reading->kind, pointers: $pointers, typed: $typed, value: $value, edge: $edge, sigma: $sigma);
    }

    /**
     * @param  list<string>  $words  loses the letter, if there is one
     * @return class-string<ReadingKind>
     */
    private function kind(array &$words): string
    {
        $letter = strtolower($words[0] ?? '');
        $kinds = ReadingKinds::byLetter();
        $follows = isset($words[1]) && $this->find($words[1]) !== null;
        if (isset($kinds[$letter]) && ($follows || $this->find($words[0] ?? '') === null)) {
            array_shift($words);

            return $kinds[$letter];
        }

        return TramReading::class;
    }

    /** @param  class-string<ReadingKind>  $kind */
    private function point(?string $word, string $kind, int $place): string
    {
        if ($word === null) {
            throw UnclearCall::because('point', $place === 0
                ? 'Call the points and the value, such as “BL DR 62 7/16”, or with a letter for another kind of reading, such as “h BL 212.5”.'
                : sprintf('The kind of reading “%s” (%s) needs a %s point, such as “%s”.', $kind::name(), $kind::label(), $place === 1 ? 'second' : 'third', $kind::example()));
        }

        return $this->find($word) ?? throw UnknownPoint::named($word, array_map(fn ($point): string => $point->id, $this->frame->points));
    }

    /** @param  list<string>  $words  loses the edge, if one is named */
    private function edge(array &$words): ?Edge
    {
        $edge = Edge::tryFrom(strtolower($words[count($words) - 1] ?? ''));
        if ($edge !== null) {
            array_pop($words);
        }

        return $edge;
    }

    /**
     * "B left" for BL, where the job has such a point; the words are joined.
     *
     * @param  list<string>  $words
     * @return list<string>
     */
    private function withSides(array $words): array
    {
        $joined = [];
        foreach ($words as $word) {
            $side = match (strtolower($word)) {
                'left' => 'L',
                'right' => 'R',
                default => null,
            };
            $before = array_pop($joined);
            $joined = match (true) {
                $before === null => [$word],
                $side !== null && $this->find($before) === null && $this->find($before.$side) !== null => [...$joined, $before.$side],
                default => [...$joined, $before, $word],
            };
        }

        return $joined;
    }

    /** The value as typed, with its unit where the unit could be taken for another: a fraction in a millimetre job is inches. */
    private function withUnit(string $typed, LengthUnit $default): string
    {
        preg_match('/^(?<length>.*?)(?<shout>\s+(?:strong|light))?$/i', $typed, $found);
        $bare = preg_match('/[a-z"\'″′”’]\.?$/iu', $found['length'] ?? '') !== 1;
        $shout = $found['shout'] ?? '';
        $unit = preg_match('/[\/⁄¼½¾⅛⅜⅝⅞]/u', $found['length'] ?? '') === 1 ? LengthUnit::Inch : $default;

        return $bare && ($shout !== '' || $unit !== $default) ? ($found['length'] ?? '').' '.$unit->value.$shout : $typed;
    }

    /** Point ids are called without their dashes and in any case. */
    private function find(string $word): ?string
    {
        $word = (string) preg_replace(['/(?<=\w)[-_]?left$/i', '/(?<=\w)[-_]?right$/i'], ['L', 'R'], $word);
        foreach ([fn (string $id): string => $id, $this->called(...)] as $spelling) {
            $found = array_values(array_filter($this->frame->points, fn ($point): bool => $spelling($point->id) === $spelling($word)));
            if (count($found) === 1) {
                return $found[0]->id;
            }
        }

        return null;
    }

    private function called(string $id): string
    {
        return strtoupper(str_replace(['-', '_', '.'], '', $id));
    }

    /**
     * @param  class-string<ReadingKind>  $kind
     * @return array{string, ?array{float, float}}
     */
    private function partPointers(string $typed, string $kind, LengthUnit $default): array
    {
        $parts = explode('@', $typed);
        if (count($parts) === 1) {
            return [$typed, null];
        }
        if (! $kind::hasPointers()) {
            throw UnclearCall::because('pointers', 'Only a tram has pointers; leave out what follows the @.');
        }
        $lengths = str_contains($parts[1], ',') ? explode(',', $parts[1]) : explode(' ', trim($parts[1]));
        if (count($parts) !== 2 || count($lengths) !== 2) {
            throw UnclearCall::because('pointers', 'After @ give the two pointer lengths, such as @100,250.');
        }

        return [trim($parts[0]), [Length::parse($lengths[0], $default)->mm, Length::parse($lengths[1], $default)->mm]];
    }

    private function degrees(string $typed): float
    {
        $number = trim((string) preg_replace('/\s*(°|deg)$/iu', '', str_replace('−', '-', $typed)));
        if (preg_match('/^[+-]?(\d+(\.\d*)?|\.\d+)$/', $number) !== 1) {
            throw UnclearCall::because('value', "“{$typed}” is not a number of degrees, such as 0.2.");
        }

        return (float) $number;
    }
}
