<?php

declare(strict_types=1);

namespace Geodex\Core\Tests\Support;

use Geodex\Core\Simulation\RandomSource;

/** Spoils a job document the way files, tapes and tired people do, the same way for the same seed. */
final class Vandal
{
    private const WAYS = ['charts', 'bases', 'log', 'values', 'sigmas', 'mates', 'column', 'onePlace', 'strangers', 'heights', 'strikes', 'tolerances', 'sides', 'tramsOnly', 'fewPoints', 'shaken'];

    private RandomSource $chance;

    /** @param  array<string, mixed>  $document */
    private function __construct(private array $document, private int $survey, int $seed)
    {
        $this->chance = new RandomSource($seed);
    }

    private int $times = 0;

    /**
     * @param  array<string, mixed>  $document
     * @return array<string, mixed>
     */
    public static function spoil(array $document, int $survey, int $seed): array
    {
        $vandal = new self($document, $survey, $seed);
        for ($vandal->times = 1 + $vandal->below(6); $vandal->times > 0; $vandal->times--) {
            $vandal->{self::WAYS[$vandal->below(count(self::WAYS))]}();
        }

        return $vandal->document;
    }

    private function below(int $n): int
    {
        return $this->chance->whole(0, $n - 1);
    }

    /** @param  callable(array<string, mixed>): array<string, mixed>  $change */
    private function points(callable $change): void
    {
        $this->document['points'] = array_map($change, $this->document['points']);
    }

    /** @param  callable(array<string, mixed>): array<string, mixed>  $change */
    private function readings(callable $change): void
    {
        $this->document['surveys'][$this->survey]['readings'] = array_map($change, $this->document['surveys'][$this->survey]['readings']);
    }

    private function anyPoint(): string
    {
        return $this->document['points'][$this->below(count($this->document['points']))]['id'];
    }

    private function charts(): void
    {
        $this->points(fn (array $point): array => $this->below(3) === 0 ? array_diff_key($point, ['reference' => 1]) : $point);
    }

    private function bases(): void
    {
        $this->points(fn (array $point): array => [...$point, 'base' => $this->below(2) === 0]);
    }

    private function log(): void
    {
        $log = &$this->document['surveys'][$this->survey]['readings'];
        $log = array_values(array_filter($log, fn (): bool => $this->below(3) > 0));
    }

    private function values(): void
    {
        $times = [0.0, -1, 1e-6, 1.1, 25.4, 10, 1e4];
        $this->readings(fn (array $reading): array => is_numeric($reading['value']) && $this->below(5) === 0 ? [...$reading, 'value' => $reading['value'] * $times[$this->below(7)]] : $reading);
    }

    private function sigmas(): void
    {
        $this->readings(fn (array $reading): array => $this->below(4) === 0 ? [...$reading, 'sigma' => [0.001, 0.1, 5, 100, 1e-6][$this->below(5)]] : $reading);
    }

    private function mates(): void
    {
        $this->points(fn (array $point): array => array_diff_key($point, ['mate' => 1]));
    }

    private function column(): void
    {
        $lost = $this->below(3);
        $this->points(fn (array $point): array => isset($point['reference']) ? [...$point, 'reference' => array_replace($point['reference'], [$lost => 0])] : $point);
    }

    private function onePlace(): void
    {
        $this->points(fn (array $point): array => isset($point['reference']) ? [...$point, 'reference' => [100, 200, 300]] : $point);
    }

    private function strangers(): void
    {
        for ($i = 0; $i < 20; $i++) {
            [$from, $to] = [$this->anyPoint(), $this->anyPoint()];
            if ($from !== $to) {
                $this->document['surveys'][$this->survey]['readings'][] = ['id' => "stranger-{$this->times}-$i", 'kind' => ['tram', 'plan', 'rise', 'slope'][$this->below(4)], 'from' => $from, 'to' => $to, 'value' => $this->below(3000) / 10];
            }
        }
    }

    private function heights(): void
    {
        for ($i = 0; $i < 10; $i++) {
            $this->document['surveys'][$this->survey]['readings'][] = ['id' => "height-{$this->times}-$i", 'kind' => ['height', 'offset', 'station'][$this->below(3)], 'point' => $this->anyPoint(), 'value' => ($this->below(10_000) - 5000) / 10];
        }
    }

    private function strikes(): void
    {
        $this->readings(fn (array $reading): array => $this->below(3) === 0 ? [...$reading, 'struck' => true, 'reason' => 'spoilt'] : $reading);
    }

    private function tolerances(): void
    {
        $this->points(fn (array $point): array => [...$point, 'tolerance' => [0.001, 500, [1, 2, 3]][$this->below(3)]]);
    }

    private function sides(): void
    {
        $this->points(fn (array $point): array => [...$point, 'side' => ['left', 'right', 'centre'][$this->below(3)]]);
    }

    private function tramsOnly(): void
    {
        $log = &$this->document['surveys'][$this->survey]['readings'];
        $log = array_values(array_filter($log, fn (array $reading): bool => $reading['kind'] === 'tram'));
    }

    private function fewPoints(): void
    {
        $points = array_slice($this->document['points'], 0, 1 + $this->below(count($this->document['points'])));
        $ids = array_column($points, 'id');
        $this->document['points'] = array_map(fn (array $point): array => in_array($point['mate'] ?? null, $ids, true) ? $point : array_diff_key($point, ['mate' => 1]), $points);
        foreach ($this->document['surveys'] as &$survey) {
            $survey['readings'] = array_values(array_filter($survey['readings'], fn (array $reading): bool => array_diff(array_filter([$reading['from'] ?? null, $reading['to'] ?? null, $reading['point'] ?? null]), $ids) === []));
            unset($survey['blocked']);
        }
        unset($this->document['driveline']);
    }

    private function shaken(): void
    {
        $by = [1.0, 30.0, 3000.0][$this->below(3)];
        $shake = fn (float|int|string $at): float|string => is_string($at) ? $at : $at + $by * ($this->chance->share() - 0.5);
        $this->points(fn (array $point): array => isset($point['reference']) ? [...$point, 'reference' => array_map($shake, $point['reference'])] : $point);
    }
}
