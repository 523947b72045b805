<?php

declare(strict_types=1);

namespace Geodex\Core\Cli;

use Geodex\Core\Simulation\AccuracyReport;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

/** How often the judgement is right, on made-up frames whose truth is known. */
#[AsCommand('accuracy', 'how often the judgement is right, on made-up frames whose truth is known')]
final class AccuracyCommand extends Command
{
    private const MAX_FRAMES = 20_000;

    protected function configure(): void
    {
        $this->addOption('frames', null, InputOption::VALUE_REQUIRED, 'how many', '500')->addOption('seed', null, InputOption::VALUE_REQUIRED, 'of the first', '1');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $options = new Options($input, $this->getSynopsis());
        $output->write((new AccuracyReport)->write($options->whole('frames', 1, self::MAX_FRAMES), $options->whole('seed', 0, 1_000_000_000)), options: OutputInterface::OUTPUT_RAW);

        return self::SUCCESS;
    }
}
