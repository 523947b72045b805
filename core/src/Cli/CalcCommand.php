<?php

declare(strict_types=1);

namespace Geodex\Core\Cli;

use Geodex\Core\Calculators\Calculators;
use Geodex\Core\Units\LengthUnit;
use Geodex\Core\Words\Sentence;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;

/** One calculation without a job: one JSON object in, one out. */
#[AsCommand('calc', 'one calculation: a JSON object in, one out')]
final class CalcCommand extends Command
{
    private const MAX_BYTES = 1_000_000;

    protected function configure(): void
    {
        $this->addArgument('tool', InputArgument::OPTIONAL, 'one of '.implode(', ', $this->tools()))
            ->addArgument('file', InputArgument::OPTIONAL, 'a file, or - for standard input');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        [$tool, $file] = [$input->getArgument('tool'), $input->getArgument('file')];
        if (! is_string($tool) || ! is_string($file)) {
            throw UnusableCall::because('expected a tool and a file', 'usage: geodex calc TOOL FILE|-; tools: '.implode(', ', $this->tools()));
        }
        Calculators::named($tool);
        $result = Calculators::run($tool, $this->given($file));
        array_walk_recursive($result, function (mixed &$value): void {
            $value = $value instanceof Sentence ? $value->in(LengthUnit::Millimetre) : $value;
        });
        $output->writeln(json_encode($result, JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_PRESERVE_ZERO_FRACTION | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES), OutputInterface::OUTPUT_RAW);

        return self::SUCCESS;
    }

    private function given(string $file): mixed
    {
        if ($file !== '-' && (! is_file($file) || ! is_readable($file))) {
            throw UnusableCall::because("cannot read the file $file", 'usage: geodex calc TOOL FILE|-');
        }
        try {
            return json_decode((string) file_get_contents($file === '-' ? 'php://stdin' : $file, length: self::MAX_BYTES), true, 32, JSON_THROW_ON_ERROR);
        } catch (\JsonException $fault) {
            throw UnusableCall::because("the input is not JSON ({$fault->getMessage()})", 'usage: geodex calc TOOL FILE|-');
        }
    }

    /** @return list<string> */
    private function tools(): array
    {
        return array_map(fn (string $class): string => $class::name(), Calculators::all());
    }
}
