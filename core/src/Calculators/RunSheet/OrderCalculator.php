<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\RunSheet;

use Geodex\Core\Calculators\Calculator;
use Geodex\Core\Calculators\Ids;
use Geodex\Core\Calculators\Result;
use Geodex\Core\Fields\Field;
use Geodex\Core\Fields\FieldKind;
use Geodex\Core\Fields\InvalidFields;
use Geodex\Core\Fields\Values;

/** In which order steps are done, which are possible now, and what stands in each other's way. */
final readonly class OrderCalculator implements Calculator
{
    public static function name(): string
    {
        return 'order';
    }

    public static function title(): string
    {
        return 'Order of work';
    }

    public static function purpose(): string
    {
        return 'In which order steps are done so that the vehicle is set up seldom and the longest chain starts first, which are possible now, what the others wait for, and which stand in each other’s way. It orders; it releases nothing.';
    }

    public static function source(): string
    {
        return 'Topological sorting (Kahn), critical path method. What comes before what by kind of step: shop defaults.';
    }

    public static function fields(): array
    {
        return [
            Field::listing('steps', 'Steps', [
                Field::text('id', 'Name', 'In one word, such as cut-left.')->optional(), Field::text('kind', 'kind', 'Such as survey, support, strip, cut, prepare, tack, check, weld, coat, close, release, final-survey, fit.')->optional(), Field::text('joint', 'joint')->optional(), Field::text('state', 'vehicle stands on')->optional(), Field::number('minutes', 'takes', 'min')->between(0.0, 1e6)->defaults(30.0),
                Field::names('needs', 'needs', minCount: 0)->optional(), Field::names('inside', 'reaches', minCount: 0)->optional(), Field::names('closes', 'closes', minCount: 0)->optional(),
            ], 1, 200),
            Field::names('done', 'Done', minCount: 0)->optional(), Field::text('state', 'Vehicle stands on')->optional(), Field::truth('standardRules', 'By kind of step, too')->defaults(true),
        ];
    }

    public static function results(): array
    {
        $names = fn (string $name, string $label): Result => new Result($name, $label, FieldKind::Names);

        return [
            Result::group('conflict', 'In each other’s way', [$names('steps', 'steps'), $names('reasons', 'because')]), $names('possible', 'Possible now'), $names('order', 'Order'), Result::group('criticalPath', 'Longest chain', [$names('steps', 'steps'), Result::number('minutes', 'takes', 'min')]),
            Result::number('minutes', 'All that is left', 'min'), Result::count('stateChanges', 'Vehicle set up anew'), $names('outOfOrder', 'Done too early'), Result::table('blocked', 'Not yet', [Result::named('id', 'step'), $names('by', 'waits for')]),
        ];
    }

    public function calculate(Values $given): array
    {
        $entries = $given->list('steps');
        $ids = Ids::of($entries, 'step ', 'steps');
        $steps = array_map(fn (int $i, string $id): WorkStep => $this->step($entries[$i], $id, $ids, "steps[$i]"), array_keys($ids), $ids);
        $done = [];
        foreach ($given->names('done') as $i => $id) {
            $place = array_search($id, $ids, true);
            $done[$place === false ? throw InvalidFields::at("done[$i]", "there is no step “{$id}”.") : $place] = true;
        }
        $work = new WorkOrder($steps, $given->truth('standardRules'));
        $named = fn (int ...$places): array => array_map(fn (int $i): string => $ids[$i], array_values($places));
        $ring = $work->ring();
        if ($ring !== null) {
            return ['order' => null, 'possible' => null, 'blocked' => null, 'criticalPath' => null, 'minutes' => null, 'stateChanges' => null, 'outOfOrder' => null, 'conflict' => ['steps' => $named(...$ring), 'reasons' => $work->reasons($ring)]];
        }
        [$order, $changes] = $work->order($done, $given->text('state'));
        $left = array_keys($work->chains($done));
        $minutes = fn (int ...$places): float => array_sum(array_map(fn (int $i): float => $steps[$i]->minutes, $places));
        $path = $work->critical($done);
        [$possible, $blocked] = [[], []];
        foreach ($left as $i) {
            $by = $work->waitsFor($i, $done);
            $by === [] ? $possible[] = $ids[$i] : $blocked[] = ['id' => $ids[$i], 'by' => $named(...$by)];
        }

        return [
            'order' => $named(...$order), 'possible' => $possible, 'blocked' => $blocked, 'criticalPath' => ['steps' => $named(...$path), 'minutes' => $minutes(...$path)], 'minutes' => $minutes(...$left), 'stateChanges' => $changes,
            'outOfOrder' => $named(...array_filter(array_keys($ids), fn (int $i): bool => isset($done[$i]) && $work->waitsFor($i, $done) !== [])), 'conflict' => null,
        ];
    }

    /** @param  list<string>  $ids */
    private function step(Values $entry, string $id, array $ids, string $path): WorkStep
    {
        foreach ($entry->names('needs') as $k => $needed) {
            if ($needed === $id || ! in_array($needed, $ids, true)) {
                throw InvalidFields::at("$path.needs[$k]", $needed === $id ? 'a step cannot need itself.' : "there is no step “{$needed}”.");
            }
        }

        return new WorkStep($id, $entry->text('kind'), $entry->text('joint'), $entry->text('state'), $entry->number('minutes'), $entry->names('needs'), $entry->names('inside'), $entry->names('closes'));
    }
}
