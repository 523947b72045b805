<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\Plan;

use Geodex\Core\Calculators\Calculator;
use Geodex\Core\Calculators\Ids;
use Geodex\Core\Calculators\Result;
use Geodex\Core\Fields\Field;
use Geodex\Core\Fields\InvalidFields;
use Geodex\Core\Fields\Values;
use Geodex\Core\Structure\SupportPost;

/** Whether half a frame stands on its posts after the cut: reactions, tipping with a person on an end, and the posts themselves. */
final readonly class PostsCalculator implements Calculator
{
    private const GRAVITY = 9.80665;

    public static function name(): string
    {
        return 'posts';
    }

    public static function title(): string
    {
        return 'Half frame on posts';
    }

    public static function purpose(): string
    {
        return 'Whether half a frame tips on its two support stations, and what a post carries. Vertical load only, no side push, foot flat; a load more than 10 mm off a post\'s axis is not covered. Four posts and two spreaders at least, on a floor that holds them; nobody under a half that is not steady.';
    }

    public static function source(): string
    {
        return 'Statics; buckling by Euler. Least share and both safeties: shop defaults.';
    }

    public static function fields(): array
    {
        return [
            Field::number('mass', 'Mass of the half', 'kg')->positive(),
            Field::length('centre', 'Station of its centre of mass'),
            Field::listing(name: 'supports', label: 'Support stations, the front one first', fields: [Field::text('id', 'Name')->optional(), Field::length('station', 'Station')], minCount: 2, maxCount: 2),
            Field::lengths('ends', 'Front and rear end that a person can step on', 2)->optional(),
            Field::number('personMass', 'Mass of the person', 'kg')->between(0.0, null)->defaults(100.0),
            Field::number('minimumShare', 'Least share that is steady', '', 'Of the weight, on each station.')->between(0.0, 0.499_999_999)->defaults(0.15),
            Field::group('posts', 'One post', [
                Field::group('section', 'Section', [
                    Field::choice('kind', 'Shape', ['box', 'tube']),
                    Field::length('width', 'Width')->positive()->optional(),
                    Field::length('depth', 'Depth')->positive()->optional(),
                    Field::length('diameter', 'Diameter')->positive()->optional(),
                    Field::length('wall', 'Wall')->positive(),
                ]),
                Field::length('height', 'Height')->positive(),
                Field::count('perStation', 'Posts at each station')->between(1.0, 4.0)->defaults(2.0),
                Field::number('loadedShare', 'Part of a station that one post carries', '', 'A stiff half on four posts rocks on a diagonal: 1. Less only with shims driven in under all.')->between(0.0, 1.0)->defaults(1.0),
                Field::number('k', 'Effective length factor', '', 'Free top: 2.')->between(0.5, 2.5)->defaults(2.0),
                Field::number('modulus', 'E', 'MPa')->positive()->defaults(210_000.0),
                Field::number('yield', 'Yield', 'MPa')->positive()->defaults(235.0),
                Field::number('safety', 'Safety on buckling')->between(1.0, null)->defaults(4.0),
                Field::number('yieldSafety', 'Safety on yield')->between(1.0, null)->defaults(1.5),
            ])->optional(),
        ];
    }

    public static function results(): array
    {
        return [
            Result::truth('steady', 'Steady in every case'),
            Result::table('cases', 'Cases', [Result::word('case', 'case'), Result::number('leastShare', 'least share'), Result::truth('steady', 'steady'), Result::truth('tips', 'tips'), Result::named('tipsAbout', 'about')]),
            Result::group('posts', 'One post', [
                Result::number('load', 'carries', 'N'), Result::number('allowable', 'may carry', 'N'), Result::number('utilisation', 'used'), Result::truth('holds', 'strong enough'), Result::word('governs', 'governed by'),
                Result::number('slenderness', 'slenderness'), Result::number('critical', 'buckles at', 'N'), Result::number('squash', 'yields at', 'N'),
            ]),
        ];
    }

    public function calculate(Values $given): array
    {
        $supports = $given->list('supports');
        $ids = Ids::of($supports, 's', 'supports');
        $stations = [$supports[0]->number('station'), $supports[1]->number('station')];
        if ($stations[0] >= $stations[1]) {
            throw InvalidFields::at('supports', 'the front station comes first.');
        }
        $ends = $given->numbers('ends');
        if ($ends !== [] && $ends[0] >= $ends[1]) {
            throw InvalidFields::at('ends', 'the front end comes first.');
        }
        $weight = $given->number('mass') * self::GRAVITY;
        $cases = [$this->standing(case: 'empty', given: $given, weight: $weight, stations: $stations, ids: $ids, person: null)];
        foreach ($ends as $i => $end) {
            $cases[] = $this->standing(case: ['personFront', 'personRear'][$i], given: $given, weight: $weight, stations: $stations, ids: $ids, person: $end);
        }
        $largest = [max(array_column(array_column($cases, 'reactions'), 0)), max(array_column(array_column($cases, 'reactions'), 1))];

        return [
            'supports' => $ids,
            'cases' => $cases,
            'tips' => in_array(true, array_column($cases, 'tips'), true),
            'steady' => ! in_array(false, array_column($cases, 'steady'), true),
            'largest' => $largest,
            'tippingMass' => $ends === [] ? null : $this->tippingMass($given, $stations, $ends, $cases[0]['tips']),
            'posts' => $this->post($given->group('posts'), max(0.0, ...$largest)),
        ];
    }

    /**
     * @param  array{float, float}  $stations
     * @param  list<string>  $ids
     * @return array{case: string, reactions: array{float, float}, leastShare: float, tips: bool, steady: bool, tipsAbout: ?string}
     */
    private function standing(string $case, Values $given, float $weight, array $stations, array $ids, ?float $person): array
    {
        $on = $person === null ? 0.0 : $given->number('personMass') * self::GRAVITY;
        $span = $stations[1] - $stations[0];
        $rear = ($weight * ($given->number('centre') - $stations[0]) + $on * (($person ?? 0.0) - $stations[0])) / $span;
        $reactions = [$weight + $on - $rear, $rear];
        $least = min($reactions);

        return [
            'case' => $case, 'reactions' => $reactions, 'leastShare' => $least / $weight, 'tips' => $least < 0.0,
            'steady' => $least / $weight >= $given->number('minimumShare'), 'tipsAbout' => $least < 0.0 ? $ids[$reactions[1] > $reactions[0] ? 1 : 0] : null,
        ];
    }

    /**
     * @param  array{float, float}  $stations
     * @param  list<float>  $ends
     * @return array{?float, ?float} kg on the front and on the rear end
     */
    private function tippingMass(Values $given, array $stations, array $ends, bool $tipsEmpty): array
    {
        [$mass, $centre] = [$given->number('mass'), $given->number('centre')];
        $front = $stations[0] - $ends[0];
        $rear = $ends[1] - $stations[1];

        return [
            $front <= 0.0 ? null : ($tipsEmpty ? 0.0 : $mass * ($centre - $stations[0]) / $front),
            $rear <= 0.0 ? null : ($tipsEmpty ? 0.0 : $mass * ($stations[1] - $centre) / $rear),
        ];
    }

    /** @return ?array<string, mixed> */
    private function post(?Values $given, float $largest): ?array
    {
        if ($given === null) {
            return null;
        }
        $share = $given->number('loadedShare');
        if ($share < 1 / $given->number('perStation') - 1e-12) {
            throw InvalidFields::at('posts.loadedShare', sprintf('from %g to 1: one of %d posts carries no less than its part.', 1 / $given->number('perStation'), $given->number('perStation')));
        }
        $post = $this->shape($given->within('section'));
        $critical = $post->critical($given->number('height'), $given->number('k'), $given->number('modulus'));
        $squash = $post->area * $given->number('yield');
        [$buckling, $yield] = [$critical / $given->number('safety'), $squash / $given->number('yieldSafety')];
        $allowable = min($buckling, $yield);

        return [
            'area' => $post->area, 'inertia' => $post->inertia, 'slenderness' => $post->slenderness($given->number('height'), $given->number('k')), 'critical' => $critical, 'squash' => $squash,
            'allowable' => $allowable, 'governs' => $buckling <= $yield ? 'buckling' : 'yield', 'load' => $largest * $share, 'utilisation' => $largest * $share / $allowable, 'holds' => $largest * $share <= $allowable,
        ];
    }

    private function shape(Values $section): SupportPost
    {
        $isBox = $section->text('kind') === 'box';
        foreach (['width' => $isBox, 'depth' => $isBox, 'diameter' => ! $isBox] as $key => $belongs) {
            if ($section->has($key) !== $belongs) {
                throw InvalidFields::at("posts.section.$key", $belongs ? 'missing: '.($isBox ? 'a box has a width and a depth.' : 'a tube has a diameter.') : 'belongs to the other shape.');
            }
        }
        $wall = $section->number('wall');
        $least = $isBox ? min($section->number('width'), $section->number('depth')) : $section->number('diameter');
        if ($wall > $least / 2) {
            throw InvalidFields::at('posts.section.wall', 'is more than half the post.');
        }

        return $isBox ? SupportPost::box($section->number('width'), $section->number('depth'), $wall) : SupportPost::tube($least, $wall);
    }
}
