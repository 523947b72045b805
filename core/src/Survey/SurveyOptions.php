<?php

declare(strict_types=1);

namespace Geodex\Core\Survey;

use Geodex\Core\Fields\Field;
use Geodex\Core\Shop\HasShopDefaults;
use Geodex\Core\Shop\Shop;
use Geodex\Core\Shop\ShopDefault;

/** Limits of the survey computation; the defaults are those of docs/formulas.md. */
final readonly class SurveyOptions implements HasShopDefaults
{
    /**
     * @param  float  $critical  standardised residual over which a reading is suspect (Baarda, 0.1 % of good readings)
     * @param  float  $minRedundancy  redundancy number up to which a mistake in a reading cannot be seen
     * @param  float  $maxShare  share of the readings that may be taken out as suspect
     * @param  float  $coverage  coverage factor of the interval a verdict is given with (95 %)
     * @param  float  $reach  longest tram reading that is suggested (mm)
     * @param  float  $straightedge  longest rise that is suggested (mm): what a straightedge spans
     * @param  int  $suggestions  how many next readings to name
     * @param  list<string>  $kinds  reading kinds that there is a tool for
     * @param  float  $buildScatter  what a base point of a sound frame stands off its chart, standard uncertainty a coordinate (mm)
     * @param  bool  $testsBase  whether base points are tested against each other
     * @param  float  $trusted  interval, in tolerances, past which the linear theory is not to be trusted
     * @param  float  $seconds  processor time that one judgement may take
     * @param  ?Budget  $budget  what is left of it, where the computation is part of a larger one
     */
    public function __construct(
        public float $critical = 3.29,
        public float $minRedundancy = 0.05,
        public float $maxShare = 0.25,
        public float $coverage = 1.96,
        public float $reach = 2500.0,
        public float $straightedge = 1500.0,
        public int $suggestions = 5,
        public array $kinds = ['tram', 'height', 'rise', 'offset'],
        public float $buildScatter = 1.0,
        public bool $testsBase = true,
        public float $trusted = 3.0,
        public float $seconds = 2.0,
        public ?Budget $budget = null,
    ) {}

    public static function shopDefaults(): array
    {
        return [self::tramReach(), self::straightedgeSpan(), self::scatter()];
    }

    /** As a shop measures; a tram bar that it has named counts before what is set. */
    public static function of(Shop $shop, ?float $longestTram = null): self
    {
        return new self(reach: $longestTram ?? $shop->value(self::tramReach()), straightedge: $shop->value(self::straightedgeSpan()), buildScatter: $shop->value(self::scatter()));
    }

    private static function tramReach(): ShopDefault
    {
        return new ShopDefault('Measuring', Field::length('tramReach', 'Reach of the tram bar', 'No longer tram reading is suggested. A tram bar named under Instruments counts instead.')->between(300.0, 10_000.0)->defaults(2500.0), 'A usual telescopic bar.');
    }

    private static function straightedgeSpan(): ShopDefault
    {
        return new ShopDefault('Measuring', Field::length('straightedge', 'Span of the straightedge', 'No longer rise is suggested.')->between(300.0, 6_000.0)->defaults(1500.0), 'A usual straightedge.');
    }

    private static function scatter(): ShopDefault
    {
        return new ShopDefault('Measuring', Field::length('buildScatter', 'Build scatter of a sound frame, one sigma', 'Base points are tested against each other; this much any of them may stand off its chart undamaged.')->between(0.1, 10.0)->defaults(1.0), 'Frames from a good line are built to about a millimetre; shop default.');
    }

    public function with(int $suggestions): self
    {
        return new self(...[...get_object_vars($this), 'suggestions' => $suggestions]);
    }

    /** With the time running, unless it is already. */
    public function timed(): self
    {
        return $this->budget === null ? new self(...[...get_object_vars($this), 'budget' => Budget::of($this->seconds)]) : $this;
    }

    public function withoutBaseTest(): self
    {
        return new self(...[...get_object_vars($this), 'testsBase' => false]);
    }
}
