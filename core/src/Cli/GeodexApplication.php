<?php

declare(strict_types=1);

namespace Geodex\Core\Cli;

use Geodex\Core\Failure\CoreFailure;
use Geodex\Core\Fields\InvalidFields;
use Geodex\Core\JobFile\InvalidFile;
use Symfony\Component\Console\Application;
use Symfony\Component\Console\Exception\ExceptionInterface;
use Symfony\Component\Console\Input\ArgvInput;
use Symfony\Component\Console\Output\StreamOutput;

/** The command line: a job file or an object in, one document or table out; errors one a line. Needs no database. */
final readonly class GeodexApplication
{
    private const BAD_INPUT = 2;

    private const CANNOT_COMPUTE = 1;

    /**
     * @param  resource  $out
     * @param  resource  $err
     */
    public function __construct(private mixed $out, private mixed $err) {}

    /** @param  list<string>  $arguments without the program's name */
    public function run(array $arguments): int
    {
        $application = new Application('geodex');
        $application->setAutoExit(false);
        $application->setCatchExceptions(false);
        $application->setCatchErrors(false);
        foreach ([new SurveyCommand, new PlanCommand, new DrivelineCommand, new CalcCommand, new AccuracyCommand, new InstrumentCommand, new DialCommand] as $command) {
            $application->addCommand($command);
        }
        try {
            if ($arguments === []) {
                throw UnusableCall::because('expected a command', $this->usage($application));
            }

            return $application->run(new ArgvInput(['geodex', ...$arguments]), new StreamOutput($this->out, decorated: false));
        } catch (CannotCompute $failure) {
            return $this->fail(explode("\n", $failure->getMessage()), self::CANNOT_COMPUTE);
        } catch (InvalidFile $failure) {
            return $this->fail(array_map(strval(...), $failure->problems()), self::BAD_INPUT);
        } catch (InvalidFields $failure) {
            return $this->fail(array_map(fn (array $one): string => ($one['path'] === 'input' ? '$' : "$.{$one['path']}").": {$one['message']}", $failure->problems()), self::BAD_INPUT);
        } catch (CoreFailure $failure) {
            return $this->fail(explode("\n", $failure->getMessage()), self::BAD_INPUT);
        } catch (ExceptionInterface $misuse) {
            return $this->fail(['geodex: '.lcfirst($misuse->getMessage()), $this->usage($application)], self::BAD_INPUT);
        }
    }

    private function usage(Application $application): string
    {
        $lines = [];
        foreach (['survey', 'plan', 'driveline', 'calc', 'accuracy', 'instrument'] as $name) {
            $lines[] = '  geodex '.$application->get($name)->getSynopsis();
        }

        return "usage:\n".implode("\n", $lines);
    }

    /** @param  list<string>  $lines */
    private function fail(array $lines, int $code): int
    {
        fwrite($this->err, implode("\n", $lines)."\n");

        return $code;
    }
}
