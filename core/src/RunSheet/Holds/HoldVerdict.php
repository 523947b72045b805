<?php

declare(strict_types=1);

namespace Geodex\Core\RunSheet\Holds;

use Geodex\Core\Calculators\Calculators;
use Geodex\Core\Fields\InvalidFields;

/** What was found at a hold point, and what it means: go on, measure again, open the tack and move, or stop. */
final readonly class HoldVerdict
{
    /** A tape over witness marks: shop default (mm). */
    public const SIGMA = 0.3;

    public const MOST_READINGS = 10;

    /**
     * @param  'go-on'|'measure-again'|'move'|'stop'  $action
     * @param  array<string, mixed>  $told  by the calculator; empty where it was looked at
     */
    private function __construct(public string $action, public array $told) {}

    public static function seen(): self
    {
        return new self('go-on', []);
    }

    /**
     * @param  ?float  $reading  of the witness marks, mm
     *
     * @throws InvalidFields if a reading is missing
     */
    public static function ofReading(Hold $hold, ?float $reading, float $sigma): self
    {
        if ($hold->target === null || $hold->tolerance === null) {
            return self::seen();
        }
        if ($reading === null) {
            throw InvalidFields::at('reading', 'missing: '.$hold->what.'.');
        }
        $pending = $hold->pending === null ? [] : ['pending' => ['change' => $hold->pending, 'sigma' => $hold->pendingSigma ?? 0.0]];
        $told = Calculators::run('hold-point', ['deviation' => $reading - $hold->target, 'sigma' => $sigma, 'tolerance' => $hold->tolerance, 'stage' => $hold->stage, ...$pending]);

        return new self(self::action($told['action'] ?? null), ['reading' => $reading, 'target' => $hold->target, ...array_intersect_key($told, ['expected' => 0, 'uncertainty' => 0, 'limit' => 0, 'move' => 0, 'leastMove' => 0, 'readings' => 0, 'probability' => 0])]);
    }

    /**
     * Several readings of the same marks count as their mean.
     *
     * @param  list<float>  $readings  mm, the latest last
     *
     * @throws InvalidFields if there is none where one is asked for
     */
    public static function ofReadings(Hold $hold, array $readings, float $sigma): self
    {
        $many = count($readings);
        $verdict = self::ofReading($hold, $many === 0 ? null : array_sum($readings) / $many, $many === 0 ? $sigma : $sigma / sqrt($many));

        if ($many === 0) {
            return $verdict;
        }
        // So many in all, those that were taken already among them.
        $all = is_numeric($verdict->told['readings'] ?? null) ? ['readings' => $many * $verdict->number('readings')] : [];

        return new self($verdict->action, [...$verdict->told, ...$all, 'read' => $readings[$many - 1], 'of' => $many]);
    }

    /**
     * Heights of the four corners, against the same four before where they were read: the twist that supports put in.
     *
     * @param  array<string, mixed>  $heights  as the calculator of twist takes them
     *
     * @throws InvalidFields
     */
    public static function ofHeights(array $heights): self
    {
        $told = Calculators::run('support-twist', $heights);
        $action = ['in' => 'go-on', 'out' => 'move', 'unsure' => 'measure-again'][is_string($told['verdict'] ?? null) ? $told['verdict'] : ''] ?? 'stop';

        return new self($action, ['heights' => $heights, ...array_intersect_key($told, ['difference' => 0, 'twist' => 0, 'twistAngle' => 0, 'jacks' => 0]), 'twistUncertainty' => $told['uncertainty'] ?? null]);
    }

    /**
     * How it stood before any support: nobody’s fault, and what the supports are held against.
     *
     * @param  array<string, mixed>  $heights
     *
     * @throws InvalidFields
     */
    public static function asItStands(array $heights): self
    {
        return new self('go-on', self::ofHeights($heights)->told);
    }

    /**
     * A survey of its own: what is out has to be moved, what is undecided read again, and what nobody read says nothing.
     *
     * @param  int  $in  points within their tolerance
     */
    public static function ofSurvey(string $survey, int $in, int $out, int $undecided, int $unread): self
    {
        $action = match (true) {
            $out > 0 => 'move',
            $undecided > 0, $in === 0 => 'measure-again',
            default => 'go-on',
        };

        return new self($action, ['survey' => $survey, 'in' => $in, 'out' => $out, 'undecided' => $undecided, 'unread' => $unread]);
    }

    public function mayGoOn(): bool
    {
        return $this->action === 'go-on';
    }

    public function number(string $name): float
    {
        $value = $this->told[$name] ?? null;

        return is_numeric($value) ? (float) $value : 0.0;
    }

    /** @return 'go-on'|'measure-again'|'move'|'stop' */
    private static function action(mixed $said): string
    {
        return in_array($said, ['go-on', 'measure-again', 'move'], true) ? $said : 'stop';
    }
}
