<?php

declare(strict_types=1);

namespace App\Http\Props;

use App\Documents\Parts\Revision;
use App\Models\Part;
use Geodex\Core\Calculators\Calculators;
use Geodex\Core\Failure\CoreFailure;
use Geodex\Core\Fields\Field;
use Geodex\Core\Parts\PartDrawing;
use Geodex\Core\Parts\PartFacts;
use Geodex\Core\Parts\PartState;
use Geodex\Core\Parts\ProposedPart;
use Geodex\Core\Shop\Shop;
use Geodex\Core\Survey\SurveyedPlaces;

/** A part with what comes of it; mm, kg. */
final readonly class PartProps
{
    /**
     * @param  array<string, mixed>  $values
     * @param  ?array<string, mixed>  $result
     * @param  list<string>  $next  states that it may go on to
     * @param  ?string  $lock  why nothing may be made of it yet
     * @param  int  $free  how many may be cut now
     * @param  list<string>  $stale  fields of which what asked for it says something else now
     * @param  ?string  $from  what asked for it
     * @param  list<PartLengthProps>  $lengths
     * @param  ?list<float>  $centre  of its mass, from the lower left of its drawing
     * @param  list<PartDrawingProps>  $drawings
     * @param  array<string, string>  $points  of the survey, by path of the field
     * @param  list<MarkingProps>  $marking  out of each drawing
     * @param  string  $mirrorOf  title of the part that it mirrors; empty where it is none
     */
    public function __construct(
        public int $id, public string $tool, public string $made, public string $title, public array $values, public ?array $result, public int $count, public string $side, public string $material, public string $used, public string $stock, public string $state, public array $next,
        public ?string $lock, public int $free, public array $stale, public ?string $from, public array $lengths, public ?float $thickness, public ?float $mass, public ?array $centre, public array $drawings, public string $mirrorOf, public bool $hasMirror, public ?FirstArticleProps $firstArticle,
        public array $points, public array $marking, public string $by, public string $at, public string $revision, public ?string $trouble,
    ) {}

    /** @param  array<string, ProposedPart>  $asked  by key */
    public static function from(Part $part, array $asked, Shop $shop, SurveyedPlaces $survey): self
    {
        $calculator = Calculators::named($part->tool);
        $given = $part->made();
        $result = $trouble = null;
        $drawings = [];
        try {
            ['result' => $result, 'drawings' => $drawings] = $part->worked();
        } catch (CoreFailure $failure) {
            $trouble = $failure->getMessage();
        }
        $facts = PartFacts::of($part->tool, $given, $result ?? [], $drawings);
        $hasMirror = $part->images->isNotEmpty();
        $original = $part->mirrored?->state;
        $proposal = $part->asked_by === null ? null : $asked[$part->asked_by] ?? null;

        return new self(
            id: $part->id, tool: $part->tool, made: $calculator::title(), title: $part->title, values: $given, result: $result, count: $part->count, side: $part->side, material: $part->material, used: $part->used, stock: $part->stock, state: $part->state->value,
            next: array_map(fn (PartState $state): string => $state->value, $part->state->next($part->count, $hasMirror, $original)), lock: PartState::lock($original), free: $part->state->free($part->count, $original),
            stale: [...self::stale($part, $proposal, $calculator::fields()), ...array_map(fn (string $point): string => "point $point of the survey", array_values($part->fromSurvey()->stale($part->tool, $given, $survey)))], from: $part->asked_by === null ? null : $proposal->from ?? 'something that is gone now',
            lengths: array_map(fn (array $one): PartLengthProps => new PartLengthProps($one['length'], $one['count']), $facts->lengths), thickness: $facts->thickness, mass: $facts->mass, centre: $facts->centre, drawings: array_map(PartDrawingProps::from(...), $drawings),
            mirrorOf: $part->mirrored->title ?? '', hasMirror: $hasMirror, firstArticle: $part->first_article === null ? null : new FirstArticleProps(...$part->first_article),
            points: $part->points ?? [], marking: array_map(fn (PartDrawing $one): MarkingProps => MarkingProps::from($one, $shop), $drawings), by: $part->user->name ?? '', at: $part->updated_at->utc()->format('Y-m-d\TH:i:s\Z'), revision: Revision::ofState($part->entered()), trouble: $trouble,
        );
    }

    /**
     * @param  list<Field>  $fields
     * @return list<string>
     */
    private static function stale(Part $part, ?ProposedPart $now, array $fields): array
    {
        if ($part->asked_by === null) {
            return [];
        }
        if ($now === null) {
            return ['nothing asks for it any more'];
        }
        $labels = array_column(array_map(fn (Field $field): array => [$field->name, $field->label], $fields), 1, 0);

        return array_map(fn (string $name): string => mb_strtolower($labels[$name] ?? $name), array_keys($part->sheet()->stale($now->given)));
    }
}
