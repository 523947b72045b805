<?php

declare(strict_types=1);

namespace Geodex\Core\Driveline;

use Geodex\Core\Units\Spoken;

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

    public function text(): string
    {
        if (abs($this->newTube) < 0.05) {
            return 'The tube keeps its length.';
        }
        $missing = implode(' and ', array_filter([$this->kerf === null ? 'the kerf of the saw' : null, $this->gap === null ? 'the root gap of a weld' : null]));
        if ($this->newTube > 0.0) {
            $insert = $this->insert === null
                ? "An insert needs the kerf of the saw on top and the root gaps of its two welds off; not given: $missing."
                : sprintf('Or an insert of %s: %s to add, %s of kerf on top, two root gaps of %s off.', Spoken::measure($this->insert), Spoken::measure($this->newTube), Spoken::measure($this->kerf ?? 0.0), Spoken::measure($this->gap ?? 0.0));

            return sprintf('A new tube is %s longer than the old one. %s', Spoken::measure($this->newTube), $insert);
        }
        $marks = $this->marks === null
            ? 'With the root gap of the weld on top, which is not given, that is how far apart the marks are.'
            : sprintf('Mark %s apart: %s too much and a root gap of %s.', Spoken::measure($this->marks), Spoken::measure(-$this->newTube), Spoken::measure($this->gap ?? 0.0));

        return sprintf('A new tube is %s shorter than the old one. %s Saw inside both marks: the kerf%s lies in the waste.', Spoken::measure(-$this->newTube), $marks, $this->kerf === null ? '' : ' of '.Spoken::measure($this->kerf));
    }
}
