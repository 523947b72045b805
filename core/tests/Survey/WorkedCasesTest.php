<?php

declare(strict_types=1);

use Geodex\Core\Findings\Finding;
use Geodex\Core\Findings\SurveyAssessor;
use Geodex\Core\JobFile\JobReader;
use Geodex\Core\LinearAlgebra\EigenSolver;
use Geodex\Core\Survey\ReadingStatus;
use Geodex\Core\Survey\SurveyComputer;
use Geodex\Core\Survey\SurveyOptions;

/** Surveys worked by an independent implementation in another language; core/tests/cases. */
function workedCase(string $name): array
{
    return [
        (new JobReader)->read((string) file_get_contents(__DIR__."/../cases/$name.job.json")),
        json_decode((string) file_get_contents(__DIR__."/../cases/$name.expected.json"), true),
    ];
}

describe('the worked surveys', function () {
    it('come out as an independent implementation found them', function (string $name) {
        [$job, $expected] = workedCase($name);
        $assessment = (new SurveyAssessor)->assess($job->frame, $job->survey('before'));
        $result = $assessment->survey;
        expect($result->network->redundancy)->toBe($expected['redundancy'])
            ->and($result->network->gauge)->toBe($expected['gauge'])
            ->and($result->network->varianceFactor)->toEqualWithDelta($expected['varianceFactor'], 1e-4);
        foreach ($result->points as $point) {
            $want = $expected['points'][$point->id];
            expect($point->determined)->toBe($want['determined'])
                ->and($point->verdict->value)->toBe($want['verdict']);
            foreach ($point->isDetermined() ? ['measured', 'sigma', 'deviation'] : [] as $what) {
                foreach ($point->$what->toArray() as $axis => $mm) {
                    expect($mm)->toEqualWithDelta($want[$what][$axis], 1e-4);
                }
            }
        }
        $suspects = [];
        foreach ($result->readings as $reading) {
            if ($reading->status === ReadingStatus::Suspect) {
                $suspects[$reading->id] = $reading->error;
            }
        }
        expect(array_keys($suspects))->toBe(array_keys($expected['suspects']));
        foreach ($suspects as $id => $error) {
            expect($error)->toEqualWithDelta($expected['suspects'][$id], 1e-3);
        }
        expect(array_map(fn (Finding $f): array => [$f->pattern->value, $f->section->value, $f->side, $f->significant], $assessment->findings))
            ->toBe(array_map(fn (array $f): array => [$f['pattern'], $f['section'], $f['side'], $f['significant']], $expected['findings']));
        foreach ($assessment->findings as $i => $finding) {
            expect($finding->amount)->toEqualWithDelta($expected['findings'][$i]['amount'], 1e-4)
                ->and($finding->sigma)->toEqualWithDelta($expected['findings'][$i]['sigma'], 1e-4);
        }
    })->with(['misread-tape', 'rear-twist', 'inches-loose']);

    it('come out the same with the dense reference solver', function (string $name) {
        [$job] = workedCase($name);
        $fast = (new SurveyComputer)->compute($job->frame, $job->survey('before'));
        $dense = (new SurveyComputer(new SurveyOptions, new EigenSolver))->compute($job->frame, $job->survey('before'));
        foreach ($fast->points as $i => $point) {
            foreach ([0, 1, 2] as $axis) {
                if ($point->isDetermined()) {
                    expect($point->measured->toArray()[$axis])->toEqualWithDelta($dense->points[$i]->measured->toArray()[$axis], 1e-6)
                        ->and($point->sigma->toArray()[$axis])->toEqualWithDelta($dense->points[$i]->sigma->toArray()[$axis], 1e-6);
                }
            }
        }
    })->group('slow')->with(['misread-tape', 'inches-loose']);

    it('name the reading that would hold the loose point', function () {
        [$job] = workedCase('inches-loose');
        $next = (new SurveyAssessor)->assess($job->frame, $job->survey('before'))->next[0];
        expect($next->because->value)->toBe('loose')->and($next->points)->toContain('F-R');
    });
});
