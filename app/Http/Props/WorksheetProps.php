<?php

declare(strict_types=1);

namespace App\Http\Props;

use App\Documents\GearOfJob;
use App\Documents\Parts\Revision;
use App\Models\Worksheet;
use Geodex\Core\Calculators\Calculators;
use Geodex\Core\Failure\CoreFailure;
use Geodex\Core\Fields\Field;

/** A sheet of the running gear with what comes of it; mm. */
final readonly class WorksheetProps
{
    /**
     * @param  array<string, mixed>  $values
     * @param  ?array<string, mixed>  $result
     * @param  ?array<string, mixed>  $before  what came of it before the plan; null where the plan changes nothing in it
     * @param  list<string>  $stale  fields of which the job says something else now
     * @param  array<string, string>  $points  of the survey, by path of the field
     * @param  list<DrawingProps>  $drawings
     */
    public function __construct(public int $id, public string $tool, public string $title, public array $values, public ?array $result, public ?array $before, public array $stale, public string $by, public string $at, public ?string $trouble, public string $revision, public array $points, public array $drawings) {}

    public static function from(Worksheet $one, GearOfJob $gear): self
    {
        $sheet = $one->sheet();
        [$before, $after] = [$gear->before->of($one->tool), $gear->after->of($one->tool)];
        $labels = array_column(array_map(fn (Field $field): array => [$field->name, $field->label], Calculators::named($one->tool)::fields()), 1, 0);
        $result = $was = $trouble = null;
        try {
            $result = $sheet->worked($sheet->values);
            $earlier = $sheet->asBefore($before, $after);
            $was = $earlier === null ? null : $sheet->worked($earlier);
        } catch (CoreFailure $failure) {
            $trouble = $failure->getMessage();
        }

        return new self(
            id: $one->id, tool: $one->tool, title: $one->title, values: $one->given, result: $result, before: $was, stale: [
                ...array_map(fn (string $name): string => $labels[$name] ?? $name, array_keys($sheet->stale($after))),
                ...array_map(fn (string $point): string => "point $point of the survey", array_values($one->fromSurvey()->stale($one->tool, $one->given, $gear->survey))),
            ],
            by: $one->user->name ?? '', at: $one->updated_at->utc()->format('Y-m-d\TH:i:s\Z'), trouble: $trouble, revision: Revision::ofState($one->entered()), points: $one->points ?? [], drawings: DrawingProps::of($one, $result),
        );
    }
}
