<?php

declare(strict_types=1);

namespace Geodex\Core\Cli;

use Geodex\Core\Driveline\ShaftCalculator;
use Geodex\Core\Failure\CoreFailure;
use Geodex\Core\Findings\ChartSlipFinder;
use Geodex\Core\Findings\SurveyAssessor;
use Geodex\Core\JobFile\InvalidFile;
use Geodex\Core\JobFile\Job;
use Geodex\Core\JobFile\JobReader;
use Geodex\Core\Plan\FramePlanner;
use Geodex\Core\Survey\Forecaster;

/** The command line: one job file in, one document or table out. Needs no database. */
final readonly class GeodexCommand
{
    private const BAD_INPUT = 2;

    private const CANNOT_COMPUTE = 1;

    private const USAGE = <<<'TEXT'
        usage: geodex survey FILE --survey ID [--table]
               geodex plan FILE [--table]
               geodex driveline FILE [--table]
               geodex accuracy [--frames 500] [--seed 1]
               geodex instrument --url URL --token TOKEN [--seed 1] [--damage rear-sidesway=12] [--slop 1] [--misreads 0.03] [--count 20]
               geodex calc TOOL FILE|-
        TEXT;

    /**
     * @param  resource  $out
     * @param  resource  $err
     */
    public function __construct(private mixed $out, private mixed $err) {}

    /** @param  list<string>  $arguments without the program's name */
    public function run(array $arguments): int
    {
        try {
            $alone = match ($arguments[0] ?? '') {
                'accuracy' => new AccuracyCommand($this->out),
                'instrument' => new InstrumentCommand($this->out),
                'calc' => new CalcCommand($this->out),
                default => null,
            };
            if ($alone !== null) {
                return $alone->run(array_slice($arguments, 1));
            }
            [$command, $file, $survey, $table] = $this->understand($arguments);
            $job = $this->read($file);
        } catch (CoreFailure $failure) {
            return $this->fail($failure, self::BAD_INPUT);
        }
        try {
            $document = match ($command) {
                'survey' => $this->survey($job, $survey),
                'plan' => (new PlanDocument)->of((new FramePlanner)->plan($job->frame, $job->operations)),
                default => $this->driveline($job),
            };
        } catch (UnusableCall $failure) {
            return $this->fail($failure, self::BAD_INPUT);
        } catch (CoreFailure $failure) {
            return $this->fail($failure, self::CANNOT_COMPUTE);
        }
        fwrite($this->out, $table ? (new TableWriter)->write($command, $document) : json_encode($document, JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES)."\n");

        return 0;
    }

    /**
     * @param  list<string>  $arguments
     * @return array{string, string, string, bool}
     */
    private function understand(array $arguments): array
    {
        $words = [];
        $survey = '';
        $table = false;
        while (($argument = array_shift($arguments)) !== null) {
            match (true) {
                $argument === '--table' => $table = true,
                $argument === '--survey' => $survey = array_shift($arguments) ?? '',
                str_starts_with($argument, '--survey=') => $survey = substr($argument, 9),
                str_starts_with($argument, '-') => throw UnusableCall::because("unknown option $argument", self::USAGE),
                default => $words[] = $argument,
            };
        }
        if (count($words) !== 2 || ! in_array($words[0], ['survey', 'plan', 'driveline'], true)) {
            throw UnusableCall::because('expected a command and a file', self::USAGE);
        }

        return [$words[0], $words[1], $survey, $table];
    }

    private function read(string $file): Job
    {
        if (! is_file($file) || ! is_readable($file)) {
            throw UnusableCall::because("cannot read the file $file", self::USAGE);
        }

        return (new JobReader)->read((string) file_get_contents($file, length: JobReader::MAX_BYTES + 1));
    }

    /** @return array<string, mixed> */
    private function survey(Job $job, string $id): array
    {
        $survey = $job->survey($id);
        if ($survey === null) {
            $known = array_map(fn ($survey): string => $survey->id, $job->surveys);
            throw UnusableCall::because($id === '' ? 'name the survey with --survey ID' : "there is no survey “{$id}”", 'The file has: '.($known === [] ? 'no surveys' : implode(', ', $known)));
        }
        $start = hrtime(true);
        try {
            $assessment = (new SurveyAssessor)->assess($job->frame, $survey);
        } catch (CoreFailure $failure) {
            throw UncomputableSurvey::because($failure, (new ChartSlipFinder)->find($job->frame, $survey));
        }
        $milliseconds = (hrtime(true) - $start) / 1e6;

        return (new SurveyDocument)->of($survey, $assessment, (new Forecaster)->forecast($assessment->frame, $survey, $assessment->survey), $milliseconds);
    }

    /** @return array<string, mixed> */
    private function driveline(Job $job): array
    {
        if ($job->shaft === null) {
            throw UnusableCall::because('the file has no driveline.shaft', 'See docs/job-file.schema.json.');
        }
        $plan = $job->operations === [] ? null : (new FramePlanner)->plan($job->frame, $job->operations);

        return (new DrivelineDocument)->of((new ShaftCalculator)->calculate($job->shaft, $plan));
    }

    private function fail(CoreFailure $failure, int $code): int
    {
        $lines = $failure instanceof InvalidFile ? array_map(strval(...), $failure->problems()) : explode("\n", $failure->getMessage());
        fwrite($this->err, implode("\n", $lines)."\n");

        return $code;
    }
}
