<?php

declare(strict_types=1);

use Geodex\Core\Fields\Field;
use Geodex\Core\Fields\FieldKind;
use Geodex\Core\Fields\FieldReader;
use Geodex\Core\Fields\FieldSchema;
use Geodex\Core\Fields\FieldWriter;
use Geodex\Core\Fields\InvalidFields;
use Geodex\Core\Plan\FramePlanner;
use Geodex\Core\Plan\OperationKinds;
use Geodex\Core\Plan\Stretch;
use Geodex\Core\Shop\Shop;
use Geodex\Core\Tests\Support\Readings;
use Geodex\Core\Tests\Support\Said;
use Geodex\Core\Units\LengthUnit;

/** What a person would type for the required fields of any operation. */
function typedFor(string $class): array
{
    return typedIn($class::fields());
}

/** @param  list<Field>  $fields */
function typedIn(array $fields): array
{
    $typed = [];
    foreach ($fields as $field) {
        if ($field->isRequired) {
            $typed[$field->name] = match (true) {
                $field->kind === FieldKind::Choice => $field->choices[0],
                $field->kind === FieldKind::Group => typedIn($field->fields),
                $field->isStation => '1500',
                default => (string) min($field->kind === FieldKind::Number ? 30.0 : 300.0, $field->max ?? INF),
            };
        }
    }

    return $typed;
}

describe('every operation', function () {
    it('is read from what it declares, laid out and read again the same', function (string $class) {
        $operation = OperationKinds::read($class::kind(), 'op1', typedFor($class), new FieldReader(typed: true));
        $document = (new FieldWriter(fn (float $mm): string => "$mm mm"))->write($class::fields(), $operation->values());
        expect(array_keys($document))->toBe(array_values(array_intersect(array_map(fn (Field $field): string => $field->name, $class::fields()), array_keys(array_filter($operation->values(), fn (mixed $value): bool => $value !== null)))))
            ->and(OperationKinds::read($class::kind(), 'op1', $document, new FieldReader(LengthUnit::Inch)))->toEqual($operation)
            ->and(OperationKinds::read($class::kind(), 'op1', json_decode(json_encode($operation->values()), true), new FieldReader))->toEqual($operation);
    })->with(OperationKinds::all());

    it('stands in the schema of the job file as it is declared', function () {
        $schema = json_decode((string) file_get_contents(__DIR__.'/../../../docs/job-file.schema.json'), true)['$defs']['operation'];
        $declared = array_map(FieldSchema::of(...), array_map(fn (string $class): array => $class::fields(), OperationKinds::all()));
        expect($schema['properties']['kind']['enum'])->toBe(OperationKinds::names())
            ->and(array_diff_key($schema['properties'], ['id' => 0, 'kind' => 0]))->toEqual(array_merge(...array_column($declared, 'properties')))
            ->and($schema['required'])->toBe(['id', 'kind', ...array_values(array_intersect(...array_column($declared, 'required')))]);
    });

    it('names the place of what is wrong, and what would be right', function () {
        expect(fn () => OperationKinds::read('stretch', 'op1', ['at' => 1500, 'length' => 0.5, 'kerf' => 21, 'depth' => 3], new FieldReader, 'plan.operations[2]'))->toThrow(function (InvalidFields $invalid) {
            expect($invalid->problems())->toBe([
                ['path' => 'plan.operations[2].depth', 'message' => 'unknown key; known are at, length, kerf, gap, shrinkage, witness, level.'],
                ['path' => 'plan.operations[2].length', 'message' => 'Length put in has to be from 1 to 8000 mm, not 0.5.'],
                ['path' => 'plan.operations[2].kerf', 'message' => 'Saw cut has to be from 0 to 20 mm, not 21.'],
            ]);
        });
    });
});

it('holds a cut against what the shop has set, and says whose value it was', function () {
    $frame = Readings::ladder(4);
    $warned = fn (Shop $shop): string => Said::mm((new FramePlanner($shop))->plan($frame, [new Stretch('op1', 900, 300)])->warnings);
    expect($warned(new Shop(['cutClearOfPoint' => 120.0])))->toContain('within 120 mm of', "(this shop's own, usually 75 mm)")
        ->and($warned(new Shop))->not->toContain('holes and mounts');
});
