<?php

declare(strict_types=1);

namespace Geodex\Core\Survey\Explanation;

use Geodex\Core\Survey\SurveyOptions;

/**
 * Finds every smallest set of readings that, left out, makes all others fit: in the linear theory, from the best first choices
 * depth-first, then by exchanging one member at a time until nothing new comes. docs/formulas.md, "Explanations".
 */
final class ExplanationSearch
{
    /** Past this many the readings cannot tell. */
    public const MAX = 64;

    private const FIRST_CHOICES = 12;

    private const NEXT_CHOICES = 4;

    /** Sets larger than this are not looked for; the one that snooping finds stands for them. */
    private const LARGEST = 6;

    /** Partial sets that are completed in one search: a bound on the time that garbage takes. */
    private const MAX_COMPLETED = 160;

    /** The linear theory is trusted to this share of the critical value; the survivors are adjusted anew. */
    private const SLACK = 1.03;

    /** Share of the least redundancy that a member has to have: where another mistake has moved the point, its own looks smaller than it is. */
    private const MEMBER = 0.5;

    /** Twice the length, in sigmas, of a short reading. */
    private const BENDS_AT = 1000.0;

    /** The same where the linear theory is set up with the other mistakes out. */
    private const STRICT = 1.003;

    /** Past this share of the critical value a reading does not fail by chance (one in 60 000). */
    private const CHANCE = 1.31;

    /** @var array<string, LeftOut> found, by their readings */
    private array $found = [];

    /** @var array<string, list<int>> sets that leave a reading a little over the critical value */
    private array $near = [];

    /** @var array<int, true> the set that had no say where the linear theory was set up */
    private array $seed = [];

    /** @var array<string, true> partial sets that were completed */
    private array $completed = [];

    public function __construct(private readonly LeftOutAlgebra $algebra, private readonly SurveyOptions $options) {}

    /**
     * @param  list<int>  $seed  the set that taking out the worst, one at a time, came to
     * @return iterable<list<LeftOut>> for each size the sets found, the best fitting first; last the seed itself
     */
    public function bySize(array $seed): iterable
    {
        $this->seed = array_fill_keys($seed, true);
        $none = $this->without([]);
        if ($none === null || $none->worst($this->options->critical, $this->options->minRedundancy) === null) {
            yield $none === null ? [] : [$none];

            return;
        }
        for ($size = 1; $size <= min(self::LARGEST, max(1, count($seed))); $size++) {
            $this->found = $this->near = [];
            $this->ofSize($size, $seed);
            if ($this->found !== []) {
                $this->withChance();
            }
            yield $this->sorted();
        }
        $given = $this->without($seed);
        yield $given === null ? [] : [$given];
    }

    /**
     * One good reading in a thousand fails its test by chance, and would rule the right explanation out: the set together with one
     * reading more, where what fails is no more than a little over the critical value and neither will do alone.
     *
     * @param  float  $standardised  residual of the reading that rules it out
     * @return list<LeftOut>
     */
    public function withOneMore(LeftOut $left, float $standardised): array
    {
        if (abs($standardised) > self::CHANCE * $this->options->critical) {
            return [];
        }
        $before = $this->found;
        unset($this->completed[implode(',', $left->set)]);
        $this->complete($left->set, true);
        $more = array_values(array_diff_key($this->found, $before));
        $this->found = $before;

        return $more;
    }

    /** @param  list<int>  $seed */
    private function ofSize(int $size, array $seed): void
    {
        $this->deepen([], $size);
        if (count($seed) === $size) {
            foreach ($seed as $i) {
                $this->complete(array_values(array_diff($seed, [$i])));
            }
        }
        // Exchange one member at a time until nothing new comes.
        for ($seen = 0; $seen < count($this->found) && count($this->found) <= self::MAX && $size > 1; $seen++) {
            $set = array_values($this->found)[$seen]->set;
            foreach ($set as $i) {
                $this->complete(array_values(array_diff($set, [$i])));
            }
        }
    }

    /** Sets that leave a reading a little over the critical value, together with one that explains it. */
    private function withChance(): void
    {
        foreach ($this->near as $set) {
            $this->complete($set, true);
        }
    }

    /** @param  list<int>  $set */
    private function deepen(array $set, int $size): void
    {
        if (count($set) === $size - 1) {
            $this->complete($set);

            return;
        }
        foreach ($this->byGain($set, $set === [] ? self::FIRST_CHOICES : self::NEXT_CHOICES) as $i) {
            $this->deepen([...$set, $i], $size);
        }
    }

    /**
     * All ways to complete a set by one reading: each has to make the reading that fits worst fit, which its column of R tells at once.
     *
     * @param  list<int>  $set
     */
    private function complete(array $set, bool $strictly = false): void
    {
        sort($set);
        $key = implode(',', $set);
        if (isset($this->completed[$key]) || count($this->completed) >= self::MAX_COMPLETED) {
            return;
        }
        $this->completed[$key] = true;
        $left = $this->without($set);
        $worst = $left?->worst(self::SLACK * $this->options->critical, $this->options->minRedundancy);
        if ($left === null || $worst === null) {
            return;
        }
        $couplings = $this->couplings($left, $worst);
        $min = $this->options->minRedundancy;
        $isNear = $left->worst(self::CHANCE * $this->options->critical, $this->options->minRedundancy) === null;
        $linear = match (true) {
            $strictly => self::STRICT,
            // Where nothing is more than a little over the critical value, only what takes it below is worth keeping.
            $isNear => self::SLACK,
            default => self::CHANCE * self::SLACK,
        } * $this->options->critical;
        $bends = $this->bends($left);
        [$residual, $redundancy] = [$left->residuals[$worst], $left->redundancies[$worst]];
        foreach ($left->redundancies as $j => $r) {
            if ($r <= self::MEMBER * $min) {
                continue;
            }
            $mistake = $left->residuals[$j] / $r;
            $rest = $residual - $couplings[$j] * $mistake;
            $checked = $redundancy - $couplings[$j] * $couplings[$j] / $r;
            $limit = $linear + max($bends, isset($this->seed[$j]) ? 0.0 : abs($mistake)) ** 2 / self::BENDS_AT;
            if (($j === $worst || $rest * $rest <= $limit * $limit * $checked || $checked <= $min) && ! in_array($j, $set, true)) {
                $this->keep([...$set, $j], $strictly);
            }
        }
    }

    /**
     * The largest mistake, in sigmas, that has a say where the linear theory was set up: those of the seed have none there. Moving a point by m
     * bends a length L by m²/2L, which that theory misses.
     */
    private function bends(LeftOut $left): float
    {
        $max = 0.0;
        foreach ($left->set as $a => $i) {
            $max = isset($this->seed[$i]) ? $max : max($max, abs($left->mistakes[$a]));
        }

        return $max;
    }

    /**
     * Row of R of one reading once a set is left out.
     *
     * @return array<int, float>
     */
    private function couplings(LeftOut $left, int $i): array
    {
        $row = $this->algebra->column($i);
        foreach ($left->set as $a => $p) {
            $share = 0.0;
            foreach ($left->set as $b => $q) {
                $share += $left->inverse[$a][$b] * $this->algebra->column($q)[$i];
            }
            foreach ($this->algebra->column($p) as $j => $value) {
                $row[$j] -= $share * $value;
            }
        }

        return $row;
    }

    /** @param  list<int>  $set */
    private function keep(array $set, bool $strictly): void
    {
        sort($set);
        $key = implode(',', $set);
        if (isset($this->found[$key]) || count($this->found) > self::MAX) {
            return;
        }
        $left = $this->without($set);
        if ($left === null || ! $left->contradicts($this->options->critical / self::SLACK)) {
            return;
        }
        $linear = ($strictly ? self::STRICT : self::SLACK) * $this->options->critical;
        if ($left->worst($linear + $this->bends($left) ** 2 / self::BENDS_AT, $this->options->minRedundancy) === null) {
            $this->found[$key] = $left;
        } elseif (! $strictly && $left->worst(self::CHANCE * $this->options->critical, $this->options->minRedundancy) === null) {
            $this->near[$key] = $set;
        }
    }

    /**
     * @param  list<int>  $set
     * @return list<int> the readings that take most off the weighted sum if they are left out too
     */
    private function byGain(array $set, int $max): array
    {
        $left = $this->without($set);
        $gains = [];
        foreach ($left->residuals ?? [] as $j => $e) {
            $r = $left->redundancies[$j] ?? 0.0;
            if ($r > $this->options->minRedundancy && ! in_array($j, $set, true) && $e * $e > $this->options->critical * $r) {
                $gains[$j] = $e * $e / $r;
            }
        }
        arsort($gains);

        return array_slice(array_keys($gains), 0, $max);
    }

    /** @param  list<int>  $set */
    private function without(array $set): ?LeftOut
    {
        return $this->algebra->without($set, self::MEMBER * $this->options->minRedundancy);
    }

    /** @return list<LeftOut> */
    private function sorted(): array
    {
        $found = array_values($this->found);
        usort($found, fn (LeftOut $a, LeftOut $b): int => $a->weightedSum <=> $b->weightedSum);

        return $found;
    }
}
