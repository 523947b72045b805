<?php

declare(strict_types=1);

namespace Geodex\Core\RunSheet;

use Geodex\Core\Fields\Field;
use Geodex\Core\Parts\PartState;
use Geodex\Core\Shop\HasShopDefaults;
use Geodex\Core\Shop\Shop;
use Geodex\Core\Shop\ShopDefault;

/**
 * The steps that a plan, its parts and its running gear ask for, by named rules: safe and surveyed before anything is touched, held before it is cut, parts there before they
 * are tacked, measured at the tack, the root and cold, coated before it is closed, on its wheels before links and shaft are made to length.
 */
final readonly class StandardSteps implements HasShopDefaults
{
    /** @return list<ShopDefault> */
    public static function shopDefaults(): array
    {
        return [new ShopDefault('Run sheet', Field::length('witnessTolerance', 'Witness marks at the end within')->between(0.1, 20.0)->defaults(2.0), 'shop practice')];
    }

    /**
     * @param  list<PlannedCut>  $cuts
     * @param  list<PlannedPart>  $parts
     * @param  list<string>  $moved  what else the plan moves or adds, in words
     * @return list<Step>
     */
    public static function of(array $cuts, array $parts, array $moved, bool $hasShaft, Shop $shop): array
    {
        $steps = [new Step('survey', 'Survey the frame as it came', 'survey', minutes: 90.0), new Step('safe', 'Make the vehicle safe', 'make-safe', minutes: 20.0)];
        $made = self::made($parts);
        if ($cuts === [] && $moved === [] && $parts === []) {
            return $steps;
        }
        $tolerance = $shop->value(self::shopDefaults()[0]);
        if ($cuts !== []) {
            $steps[] = new Step('bench', 'Level and square the bench, set the vehicle on it', 'bench', needs: ['safe'], hold: new Hold('Vehicle stands as it was surveyed: heights of the four corners'), minutes: 60.0);
            $steps[] = new Step('posts', 'Set posts under both halves', 'support', state: 'posts', minutes: 45.0, needs: ['bench'], hold: new Hold('Both halves carried, nothing moved when the jacks came off'));
        }
        foreach ($cuts as $cut) {
            array_push($steps, ...self::joint($cut, array_values(array_filter($parts, fn (PlannedPart $one): bool => $one->operation === $cut->operation)), $tolerance));
        }
        $before = $cuts === [] ? ['safe'] : [];
        foreach ($moved as $i => $what) {
            $steps[] = new Step('change-'.($i + 1), $what, 'change', minutes: 60.0, needs: $before, hold: new Hold('Stands where the target says'));
        }
        array_push($steps, ...$made);
        if ($cuts !== []) {
            $steps[] = new Step('released', 'Take the posts off', 'release', state: 'posts', minutes: 20.0, hold: new Hold('Nothing moved when the posts came off'));
        }
        $steps[] = new Step('final', 'Survey it again, on its wheels, against the target', 'final-survey', state: 'wheels', minutes: 90.0, needs: array_map(fn (Step $step): string => $step->id, array_values(array_filter($steps, fn (Step $step): bool => $step->kind === 'change'))));
        if ($hasShaft) {
            $steps[] = new Step('shaft', 'Driveshaft to the final survey: made, balanced, fitted', 'fit', state: 'wheels', minutes: 60.0);
        }
        $steps[] = new Step('eye', 'Walk round: bolts, lines, clearances, lamps', 'fit', state: 'wheels', minutes: 30.0, hold: new Hold('Seen by eye, with a picture of each place'));

        return $steps;
    }

    /**
     * @param  list<PlannedPart>  $parts  of this joint
     * @return list<Step>
     */
    private static function joint(PlannedCut $cut, array $parts, float $tolerance): array
    {
        [$joint, $title] = [$cut->operation, $cut->title];
        // Where nothing is known of the shrinkage, only a part of the tolerance may be used up before it has happened.
        $read = fn (string $stage, float $share): Hold => new Hold("Witness marks, both rails, $title", $cut->after, $tolerance, $stage, $cut->book === null ? null : -$share * $cut->book->mean, $cut->book === null ? null : $share * $cut->book->sigma, $cut->book->cases ?? 0);
        $steps = [];
        foreach ($cut->crossing as $i => $what) {
            $steps[] = new Step("$joint-out-".($i + 1), "Out of the way of the heat: $what", 'strip', $joint, minutes: 20.0, needs: ['safe']);
        }
        $needs = array_map(fn (PlannedPart $part): string => "part-$part->id", $parts);

        return [
            ...$steps,
            new Step("$joint-cut", 'Mark, scribe the witness marks at '.round($cut->before, 1)." mm, and cut: $title", 'cut', $joint, 'posts', 45.0, ['posts']),
            new Step("$joint-edges", "Grind the edges: $title", 'prepare', $joint, 'posts', 30.0),
            new Step("$joint-tack", ($cut->hasInsert ? 'Fit the insert and tack all that mates: ' : 'Close up and tack all that mates: ').$title, 'tack', $joint, 'posts', 40.0, $needs, $read('tack', 1.0)),
            new Step("$joint-root", "Root, left and right in turn: $title", 'weld', $joint, 'posts', 40.0, hold: $read('root', 0.5)),
            new Step("$joint-weld", "Fill and plates, by the weld sequence: $title", 'weld', $joint, 'posts', 60.0, ["$joint-root"], new Hold("Cold to the hand, then witness marks, $title", $cut->after, $tolerance, 'cold', 0.0, 0.0)),
            new Step("$joint-coat", "Coat, inside too: $title", 'coat', $joint, minutes: 30.0),
            ...($cut->crossing === [] ? [] : [new Step("$joint-refit", "Lines, looms and tank back, longer or shorter: $title", 'refit', $joint, minutes: 60.0, needs: ["$joint-coat"])]),
        ];
    }

    /**
     * A batch and a mirror image wait for the first article; what was tried or cut already is no step any more.
     *
     * @param  list<PlannedPart>  $parts
     * @return list<Step>
     */
    private static function made(array $parts): array
    {
        $steps = [];
        foreach ($parts as $part) {
            $many = $part->count > 1 || array_filter($parts, fn (PlannedPart $one): bool => $one->mirrors === $part->id) !== [];
            if ($many && $part->mirrors === null && $part->state === PartState::Drawn) {
                $steps[] = new Step("first-$part->id", "First article, tried: $part->title", 'first-article', minutes: 30.0);
            }
            if ($part->state === PartState::Cut) {
                continue;
            }
            $needs = $part->mirrors !== null ? ["first-$part->mirrors"] : ($many ? ["first-$part->id"] : []);
            $steps[] = new Step("part-$part->id", $part->count > 1 ? "Make $part->count: $part->title" : "Make: $part->title", 'make', minutes: 20.0 * $part->count, needs: $needs);
        }

        return $steps;
    }
}
