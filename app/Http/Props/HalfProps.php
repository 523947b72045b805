<?php

declare(strict_types=1);

namespace App\Http\Props;

use Geodex\Core\Calculators\Calculators;
use Geodex\Core\Chassis\Loads\LoadCase;
use Geodex\Core\Failure\CoreFailure;
use Geodex\Core\Plan\Stand\HalfFrame;

/** One half of a cut frame on its posts; mm, kg, N. */
final readonly class HalfProps
{
    /**
     * @param  list<float>  $supports
     * @param  list<HalfCaseProps>  $cases
     * @param  ?list<float>  $shims  under the feet: first posts left and right, then second
     * @param  ?float  $used  of what one post may carry
     */
    public function __construct(public string $name, public float $from, public float $to, public float $mass, public ?float $centre, public array $supports, public array $cases, public ?bool $steady, public ?bool $tips, public ?float $load, public ?float $allowable, public ?float $used, public string $governs, public ?array $shims, public ?string $trouble) {}

    /**
     * @param  ?array<string, mixed>  $posts  what the calculator takes
     * @param  ?list<float>  $shims
     */
    public static function from(HalfFrame $half, ?array $posts, ?array $shims): self
    {
        $blank = fn (?string $trouble): self => new self($half->name, $half->from, $half->to, $half->mass, $half->centre, $half->supports, [], null, null, null, null, null, '', $shims, $trouble);
        if ($posts === null) {
            return $blank('Nothing is entered that this half weighs: give engine, cab and body on the page Frame.');
        }
        try {
            $result = Calculators::run('posts', $posts);
        } catch (CoreFailure $failure) {
            return $blank($failure->getMessage());
        }
        /** @var array{cases: list<array{case: string, reactions: array{float, float}, steady: bool, tips: bool}>, steady: bool, tips: bool, posts: array{load: float, allowable: float, utilisation: float, governs: string}} $result */
        /** @var list<array{station: float}> $supports */
        $supports = $posts['supports'];

        return new self(
            name: $half->name, from: $half->from, to: $half->to, mass: $half->mass, centre: $half->centre, supports: array_column($supports, 'station'),
            cases: array_map(fn (array $one): HalfCaseProps => new HalfCaseProps($one['case'], $one['reactions'][0] / LoadCase::GRAVITY, $one['reactions'][1] / LoadCase::GRAVITY, $one['steady'], $one['tips']), $result['cases']),
            steady: $result['steady'], tips: $result['tips'], load: $result['posts']['load'], allowable: $result['posts']['allowable'], used: $result['posts']['utilisation'], governs: $result['posts']['governs'], shims: $shims, trouble: null,
        );
    }
}
