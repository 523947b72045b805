<?php

declare(strict_types=1);

namespace Geodex\Core\Cli;

use Geodex\Core\Failure\CoreFailure;
use Geodex\Core\JobFile\Job;
use Geodex\Core\JobFile\JobReader;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

/** A command that makes one document, or a table to read, of one job file. */
abstract class JobCommand extends Command
{
    protected function configure(): void
    {
        $this->addArgument('file', InputArgument::REQUIRED, 'a job file')
            ->addOption('table', null, InputOption::VALUE_NONE, 'a table to read in place of JSON');
    }

    /**
     * @return array<string, mixed>
     *
     * @throws UnusableCall if something is asked for that the file does not have
     * @throws CoreFailure if it cannot be computed
     */
    abstract protected function document(Job $job, InputInterface $input): array;

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $job = (new JobReader)->read($this->contents($input));
        try {
            $document = $this->document($job, $input);
        } catch (UnusableCall $call) {
            throw $call;
        } catch (CoreFailure $failure) {
            throw new CannotCompute($failure);
        }
        $text = $input->getOption('table') === true
            ? (new TableWriter)->write((string) $this->getName(), $document)
            : json_encode($document, JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES)."\n";
        $output->write($text, options: OutputInterface::OUTPUT_RAW);

        return self::SUCCESS;
    }

    private function contents(InputInterface $input): string
    {
        $file = $input->getArgument('file');
        if (! is_string($file) || ! is_file($file) || ! is_readable($file)) {
            throw UnusableCall::because('cannot read the file '.(is_string($file) ? $file : ''), $this->getSynopsis());
        }

        return (string) file_get_contents($file, length: JobReader::MAX_BYTES + 1);
    }
}
