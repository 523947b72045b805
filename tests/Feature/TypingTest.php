<?php

declare(strict_types=1);

use App\Http\Props\FindingProps;
use App\Http\Props\PointProps;
use App\Http\Props\ShaftFormProps;
use App\Http\Props\SurveyProps;
use App\Typing\DocTypes;
use App\Typing\TypeScriptWriter;

describe('PHP types said in TypeScript', function () {
    it('come from the doc comment of the constructor', function (string $class, string $parameter, string $type) {
        expect((new DocTypes)->parameters(new ReflectionClass($class))[$parameter])->toBe($type);
    })->with([
        'a list of numbers or nothing' => [PointProps::class, 'chart', 'number[] | null'],
        'a list of numbers' => [PointProps::class, 'tolerance', 'number[]'],
        'words' => [PointProps::class, 'side', "'left' | 'right' | 'centre'"],
        'a list of words' => [PointProps::class, 'axes', "('in' | 'out' | 'unsure' | 'unmeasured')[]"],
        'a whole number or nothing' => [PointProps::class, 'decidingAxis', 'number | null'],
        'a list of props' => [SurveyProps::class, 'points', 'PointProps[]'],
        'a list of texts' => [FindingProps::class, 'points', 'string[]'],
        'texts by name' => [ShaftFormProps::class, 'fields', 'Record<string, string>'],
    ]);

    it('come from the parameter where the comment is silent', function (string $line) {
        expect(app(TypeScriptWriter::class)->props())->toContain("    $line\n");
    })->with([
        'amount: number;',
        'significant: boolean;',
        'side: string | null;',
        'network: NetworkProps | null;',
        'trouble: TroubleProps | null;',
    ]);

    it('carry the first sentence of the class', function () {
        expect((new DocTypes)->summary(new ReflectionClass(FindingProps::class)))->toBe('What the deviations mean together; mm.')
            ->and(app(TypeScriptWriter::class)->props())->toContain('/** What the deviations mean together; mm. */');
    });
});

describe('routes in TypeScript', function () {
    it('are the named ones, with their parameters', function (string $line) {
        expect(app(TypeScriptWriter::class)->routes())->toContain($line);
    })->with([
        "jobs: '/jobs',",
        "'reading.strike': '/jobs/{job}/surveys/{survey}/readings/{reading}/strike',",
        "'hand-over.pdf': '/jobs/{job}/surveys/{survey}/hand-over.pdf',",
    ]);

    it('hold nothing that Laravel made up', function () {
        expect(app(TypeScriptWriter::class)->routes())->not->toContain('generated::')->not->toContain('storage.');
    });
});
