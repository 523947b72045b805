<?php

declare(strict_types=1);

namespace Geodex\Core\Plan;

use Geodex\Core\Words\HasProvenance;
use Geodex\Core\Words\Measure;
use Geodex\Core\Words\Provenance;
use Geodex\Core\Words\Sentence;

/** What to saw, as a sum that a person can follow: an insert out of stock, or a band out of the rail (mm). */
final readonly class CutLength implements HasProvenance
{
    /** Less is not said (mm). */
    private const NOTHING_MM = 0.005;

    /**
     * @param  float  $mark  distance between the marks (mm)
     * @param  float  $piece  what lies on the bench afterwards (mm): the insert, or the piece that came out
     * @param  float  $drawsIn  what all its joints draw in together (mm)
     * @param  non-empty-list<array{string, float}>  $terms  that the mark is the sum of: what, and mm
     */
    private function __construct(public string $operation, public string $what, public float $mark, public float $piece, public string $saw, public array $terms, public float $drawsIn) {}

    public static function provenance(): array
    {
        return [
            new Provenance(
                name: 'piece',
                title: 'Piece to saw',
                formula: 'insert: s + kerfs of the rail − n g + n δ; band between marks: s + g − δ',
                source: 'docs/formulas.md, Stretch and shorten; δ as the shop has measured it, else by its shop default, usually 0.10 A/t (Blodgett, Design of Welded Structures); 0.20 A/t + 0.05 g (AWS Welding Handbook) is about twice that',
                limit: 'Free to shrink, a single V from one side. A clamped frame shrinks less: read the witness marks after tacking and after the root.',
            ),
        ];
    }

    /**
     * @param  float  $length  along the rail (mm)
     * @param  int  $cuts  saw cuts through the rail whose kerf it makes up
     * @param  float  $drawsIn  what each joint draws in (mm)
     *
     * @throws InvalidPlan if nothing is left of it
     */
    public static function insert(string $operation, float $length, Cutting $cutting, int $cuts, float $drawsIn): self
    {
        $terms = [['put in', $length], [$cuts === 1 ? 'kerf of the rail cut' : "$cuts kerfs", $cuts * $cutting->kerf], ['two root gaps', -2 * $cutting->gap], ['two joints draw in', 2 * $drawsIn]];
        $piece = array_sum(array_column($terms, 1));
        if ($piece <= 0.0) {
            throw InvalidPlan::nothingLeft($operation);
        }

        return new self($operation, 'insert', $piece, $piece, 'Saw the insert on the waste side of its mark; it makes up the kerf of the rail cut.', self::said($terms), 2 * $drawsIn);
    }

    /**
     * @param  bool  $isClosed  whether the two ends are welded to each other, and not to something put between them
     *
     * @throws InvalidPlan if the two saw cuts meet
     */
    public static function band(string $operation, float $length, Cutting $cutting, bool $isClosed, float $drawsIn): self
    {
        $terms = [['taken out', $length]];
        if ($isClosed) {
            array_push($terms, ['the root gap', $cutting->gap], ['the joint draws in', -$drawsIn]);
        }
        $mark = array_sum(array_column($terms, 1));
        $piece = $mark - 2 * $cutting->kerf;
        if ($piece < 0.0) {
            throw InvalidPlan::nothingLeft($operation);
        }

        return new self($operation, 'band', $mark, $piece, 'Saw inside both marks: the band between them is the waste.', self::said($terms), $isClosed ? $drawsIn : 0.0);
    }

    /** The sum in words: “640 mm put in + 3 mm kerf of the rail cut”. */
    public function sum(): Sentence
    {
        $parts = array_map(fn (int $i, array $term): Sentence => Sentence::of('cut.term', match (true) {
            $i === 0 => '{mm} {what}',
            $term[1] < 0.0 => '− {mm} {what}',
            default => '+ {mm} {what}',
        }, mm: Measure::computed(abs($term[1])), what: $term[0]), array_keys($this->terms), $this->terms);

        return Sentence::of('cut.sum', '{terms} = {mark}', terms: Sentence::joined('cut.term', ' ', $parts), mark: Measure::computed($this->mark));
    }

    /**
     * @param  non-empty-list<array{string, float}>  $terms
     * @return non-empty-list<array{string, float}> without those that are nothing
     */
    private static function said(array $terms): array
    {
        return [$terms[0], ...array_values(array_filter(array_slice($terms, 1), fn (array $term): bool => abs($term[1]) >= self::NOTHING_MM))];
    }
}
