<?php

declare(strict_types=1);

namespace Geodex\Core\Reference\Movement;

use Geodex\Core\Frame\Frame;
use Geodex\Core\Frame\Point;
use Geodex\Core\Reference\MeasuredReference;
use Geodex\Core\Reference\ReferenceFromSurvey;
use Geodex\Core\Survey\CannotComputeSurvey;
use Geodex\Core\Survey\Survey;
use Geodex\Core\Survey\SurveyComputer;
use Geodex\Core\Survey\SurveyOptions;
use Geodex\Core\Words\HasProvenance;
use Geodex\Core\Words\Measure;
use Geodex\Core\Words\Provenance;
use Geodex\Core\Words\Sentence;

/**
 * Holds one survey of a frame against an earlier one, point by point. Both are laid on the base points that they share, so
 * what shows is movement against those; the uncertainties of both count (deformation analysis, Ghilani, chapter 21).
 */
final readonly class MovementFinder implements HasProvenance
{
    private const WORDS = [['forward', 'rearward'], ['to the left', 'to the right'], ['down', 'up']];

    public function __construct(private SurveyOptions $options = new SurveyOptions) {}

    public static function provenance(): array
    {
        return [
            new Provenance('movement', 'Movement', 'later − earlier, both laid on the base points; ± 1.96 √(σ₁² + σ₂²)', 'Deformation analysis: Ghilani, Adjustment Computations'),
        ];
    }

    /**
     * @return list<Movement> of the points that both surveys determine
     *
     * @throws CannotComputeSurvey if one of them gives no answer
     */
    public function find(Frame $frame, Survey $earlier, Survey $later): array
    {
        $computer = (new SurveyComputer($this->options))->timed();
        $before = (new ReferenceFromSurvey($computer))->make($frame, $earlier);
        $result = $computer->compute($this->against($frame, $before), $later);
        $movements = [];
        foreach ($result->points as $point) {
            if ($point->deviation === null || $point->sigma === null || ! $point->isDetermined()) {
                continue;
            }
            $shift = $point->deviation->toArray();
            $expanded = $point->sigma->times($this->options->coverage)->toArray();
            $moved = array_map(fn (float $mm, float $unsure): bool => abs($mm) > $unsure, $shift, $expanded);
            $movements[] = new Movement(
                point: $point->id,
                shift: $point->deviation,
                expanded: $point->sigma->times($this->options->coverage),
                moved: [$moved[0], $moved[1], $moved[2]],
                text: $this->say(point: $point->id, shift: $shift, expanded: $expanded, moved: $moved, since: $earlier->id),
            );
        }

        return $movements;
    }

    private function against(Frame $frame, MeasuredReference $before): Frame
    {
        $known = array_filter($frame->points, fn (Point $point): bool => isset($before->places[$point->id]));
        $base = array_filter($known, fn (Point $point): bool => $point->base);
        // Where no three base points are measured, all points together are what the others are held against.
        $all = count($base) < 3;

        return new Frame(array_map(
            fn (Point $point): Point => $point->at($before->places[$point->id] ?? null, $before->sigmas[$point->id] ?? null, $all || $point->base),
            $frame->points,
        ), $frame->axles, $frame->carried, $before->covariance);
    }

    /**
     * @param  list<float>  $shift
     * @param  list<float>  $expanded
     * @param  list<bool>  $moved
     */
    private function say(string $point, array $shift, array $expanded, array $moved, string $since): Sentence
    {
        $parts = [];
        foreach ($shift as $axis => $mm) {
            if ($moved[$axis]) {
                $parts[] = Sentence::of('way', '{size} {way}', size: Measure::computed(abs($mm), $expanded[$axis]), way: self::WORDS[$axis][$mm > 0 ? 1 : 0]);
            }
        }

        return $parts === []
            ? Sentence::of('movement.none', '{point} has not moved since {since}, as far as the two surveys can tell.', point: $point, since: $since)
            : Sentence::of('movement.moved', '{point} moved {how} since {since}.', point: $point, how: Sentence::joined('way', ', ', $parts), since: $since);
    }
}
