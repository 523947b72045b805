<?php

declare(strict_types=1);

namespace Geodex\Core\Findings;

use Geodex\Core\Frame\Frame;
use Geodex\Core\Frame\Side;

/** Which points a pull moves, which way and how far: all parts made, the finding is gone. */
final readonly class PullParts
{
    public function __construct(private Frame $frame) {}

    /** @return list<PullPart> */
    public function of(Finding $finding): array
    {
        $positive = $finding->amount > 0;
        $amount = abs($finding->amount);
        $pair = array_slice($finding->points, 0, 2);

        return match (true) {
            $finding->pattern === Pattern::ShortRail => [new PullPart($this->onSide($pair, (string) $finding->side), Way::along(0, ($finding->section === Section::Front) !== $positive), $amount)],
            $finding->pattern === Pattern::Sidesway => [new PullPart($pair, Way::along(1, ! $positive), $amount)],
            $finding->pattern === Pattern::Diamond => [
                new PullPart($this->onSide($finding->points, 'right'), Way::along(0, ! $positive), $amount / 2),
                new PullPart($this->onSide($finding->points, 'left'), Way::along(0, $positive), $amount / 2),
            ],
            $finding->section !== Section::Centre && $finding->pattern === Pattern::Sag => [new PullPart($pair, Way::along(2, ! $positive), $amount)],
            $finding->pattern === Pattern::Sag => [new PullPart($this->middle($finding), Way::along(2, ! $positive), $amount)],
            $finding->section !== Section::Centre => $this->rolled($pair, ! $positive, $amount / 2),
            // The centre turns half at either end: the right side, low at the front, comes up there and down at the rear.
            default => [...$this->rolled($pair, $positive, $amount / 4), ...$this->rolled(array_slice($finding->points, -2), ! $positive, $amount / 4)],
        };
    }

    /**
     * @param  list<string>  $pair
     * @return list<PullPart>
     */
    private function rolled(array $pair, bool $rightUp, float $amount): array
    {
        return [new PullPart($this->onSide($pair, 'right'), Way::along(2, $rightUp), $amount), new PullPart($this->onSide($pair, 'left'), Way::along(2, ! $rightUp), $amount)];
    }

    /**
     * The inner pair nearest the middle station, which is what centre sag is measured at.
     *
     * @return list<string>
     */
    private function middle(Finding $finding): array
    {
        $station = fn (string $id): float => $this->frame->point($id)->reference->x ?? 0.0;
        $pairs = array_chunk($finding->points, 2);
        $middle = ($station($pairs[0][0]) + $station($pairs[count($pairs) - 1][0])) / 2;
        $inner = array_slice($pairs, 1, -1);
        usort($inner, fn (array $a, array $b): int => abs($station($a[0]) - $middle) <=> abs($station($b[0]) - $middle));

        return $inner[0] ?? [];
    }

    /**
     * @param  list<string>  $points
     * @return list<string>
     */
    private function onSide(array $points, string $side): array
    {
        return array_values(array_filter($points, fn (string $id): bool => $this->frame->point($id)->side === Side::from($side)));
    }
}
