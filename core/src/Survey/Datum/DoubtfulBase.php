<?php

declare(strict_types=1);

namespace Geodex\Core\Survey\Datum;

use Geodex\Core\Geometry\Vector3;
use Geodex\Core\Words\Measure;
use Geodex\Core\Words\Sentence;

/** A base point that the other base points contradict. */
final readonly class DoubtfulBase
{
    private const WAYS = [['forward', 'rearward'], ['to the left', 'to the right'], ['down', 'up']];

    /**
     * @param  Vector3  $off  measured less chart, laid on the other base points (mm)
     * @param  Vector3  $expanded  half its 95 % interval (mm)
     * @param  bool  $alone  whether no other choice of points explains it as well
     */
    public function __construct(public string $id, public Vector3 $off, public Vector3 $expanded, public bool $alone) {}

    /** What it is off by, and the two readings of it. */
    public function text(): Sentence
    {
        $parts = [];
        foreach ($this->off->toArray() as $axis => $mm) {
            if (abs($mm) > $this->expanded->toArray()[$axis]) {
                $parts[] = Sentence::of('way', '{size} {way}', size: Measure::computed(abs($mm), $this->expanded->toArray()[$axis]), way: self::WAYS[$axis][$mm > 0 ? 1 : 0]);
            }
        }
        $by = $parts === [] ? Measure::computed($this->off->norm()) : Sentence::joined('way', ', ', $parts);
        $text = Sentence::of('base.doubtful', 'Base point {point} stands {by} of where the other base points put it: the point is bent, or its line in the chart is wrong.', point: $this->id, by: $by);

        return $this->alone ? $text : Sentence::together($text, Sentence::of('base.not-alone', 'The base points cannot tell it from the others named here; one more base point would.'));
    }
}
