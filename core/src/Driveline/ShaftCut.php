<?php

declare(strict_types=1);

namespace Geodex\Core\Driveline;

use Geodex\Core\Words\Measure;
use Geodex\Core\Words\Sentence;

/**
 * What to saw for a shaft. To lengthen it, a new tube longer by what is missing, or an insert: what is missing, plus the kerf of the cut
 * that parts the tube, less the root gaps of its two welds. To shorten it, two marks: what is too much, plus the root gap of its one weld,
 * with the kerf inside the waste.
 */
final readonly class ShaftCut
{
    private const WELDS_OF_INSERT = 2;

    /** What the new tube is longer than the old one, negative is shorter (mm). */
    public float $newTube;

    /** Length of the insert (mm); null where none is needed, or kerf or gap are not given. */
    public ?float $insert;

    /** Distance of the outer edges of the two cuts (mm); null where nothing is taken out, or the gap is not given. */
    public ?float $marks;

    public function __construct(float $tubeToCut, private ?float $kerf, private ?float $gap)
    {
        $this->newTube = -$tubeToCut;
        $this->insert = $tubeToCut >= 0.0 || $kerf === null || $gap === null ? null : -$tubeToCut + $kerf - self::WELDS_OF_INSERT * $gap;
        $this->marks = $tubeToCut <= 0.0 || $gap === null ? null : $tubeToCut + $gap;
    }

    public function text(): Sentence
    {
        if (abs($this->newTube) < 0.05) {
            return Sentence::of('shaft.same', 'The tube keeps its length.');
        }
        $missing = implode(' and ', array_filter([$this->kerf === null ? 'the kerf of the saw' : null, $this->gap === null ? 'the root gap of a weld' : null]));
        if ($this->newTube > 0.0) {
            $insert = $this->insert === null
                ? Sentence::of('shaft.insert-open', 'An insert needs the kerf of the saw on top and the root gaps of its two welds off; not given: {missing}.', missing: $missing)
                : Sentence::of('shaft.insert', 'Or an insert of {insert}: {add} to add, {kerf} of kerf on top, two root gaps of {gap} off.', insert: Measure::computed($this->insert), add: Measure::computed($this->newTube), kerf: Measure::computed($this->kerf ?? 0.0), gap: Measure::computed($this->gap ?? 0.0));

            return Sentence::of('shaft.longer', 'A new tube is {by} longer than the old one. {insert}', by: Measure::computed($this->newTube), insert: $insert);
        }
        $marks = $this->marks === null
            ? Sentence::of('shaft.marks-open', 'With the root gap of the weld on top, which is not given, that is how far apart the marks are.')
            : Sentence::of('shaft.marks', 'Mark {marks} apart: {much} too much and a root gap of {gap}.', marks: Measure::computed($this->marks), much: Measure::computed(-$this->newTube), gap: Measure::computed($this->gap ?? 0.0));
        $waste = $this->kerf === null
            ? Sentence::of('shaft.waste', 'Saw inside both marks: the kerf lies in the waste.')
            : Sentence::of('shaft.waste', 'Saw inside both marks: the kerf of {kerf} lies in the waste.', kerf: Measure::computed($this->kerf));

        return Sentence::of('shaft.shorter', 'A new tube is {by} shorter than the old one. {marks} {waste}', by: Measure::computed(-$this->newTube), marks: $marks, waste: $waste);
    }
}
