<?php

declare(strict_types=1);

namespace App\Http\Props;

use Geodex\Core\Calculators\Plan\SpreadRound;
use Geodex\Core\Failure\CoreFailure;
use Geodex\Core\Fields\FieldReader;
use Geodex\Core\Plan\Stand\SpreadGuide;
use Geodex\Core\Shop\Shop;

/** A round of readings across a gap, with how the loose half lies and what to move, in order; mm and degrees. */
final readonly class SpreadRoundProps
{
    /**
     * @param  list<float>  $shift  rearward, right, up
     * @param  list<float>  $shiftSigma
     * @param  list<float>  $turn  roll, pitch, yaw
     * @param  list<float>  $turnSigma
     * @param  list<SpreadMoveProps>  $moves
     */
    public function __construct(public string $by, public string $at, public array $shift, public array $shiftSigma, public array $turn, public array $turnSigma, public array $moves, public int $spare, public float $worst, public bool $isSet, public ?string $trouble) {}

    /** @param  array{cut: string, readings: array<string, float>, by: string, at: string}  $round */
    public static function from(SpreadGuide $guide, array $round, Shop $shop): self
    {
        try {
            $worked = SpreadRound::of($guide, (new FieldReader)->read(SpreadGuide::fields(), $round['readings']), $shop);
        } catch (CoreFailure $failure) {
            // The plan or the chart was changed after this round; what was read stays.
            return new self($round['by'], $round['at'], [], [], [], [], [], 0, 0.0, false, $failure->getMessage());
        }
        /** @var array{shift: list<float>, shiftSigma: list<float>, turn: array<string, float>, turnSigma: array<string, float>, redundancy: int, moves: list<array{move: string, angle?: float, amount?: float, sigma?: float, corners?: list<array{id: string, change: float|list<float>, sigma?: float}>}>} $told */
        $told = $worked->told;

        return new self(
            by: $round['by'], at: $round['at'], shift: $told['shift'], shiftSigma: $told['shiftSigma'], turn: array_values($told['turn']), turnSigma: array_values($told['turnSigma']),
            moves: array_merge(...array_map(SpreadMoveProps::all(...), $told['moves'])), spare: $told['redundancy'], worst: $worked->worst, isSet: $worked->isSet, trouble: null,
        );
    }
}
