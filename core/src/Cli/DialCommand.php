<?php

declare(strict_types=1);

namespace Geodex\Core\Cli;

use Geodex\Core\Simulation\BentShaft;
use Geodex\Core\Simulation\RandomSource;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

/** `geodex dial`: a stand-in for a dial on a made-up bent shaft, over the interface of docs/instrument.md that a real one would use. */
#[AsCommand('dial', 'a stand-in for a dial that reads a bent shaft, over the interface that a real one uses')]
final class DialCommand extends Command
{
    private const OPTIONS = [
        'url' => ['http://127.0.0.1:8000', 'of the server'], 'token' => ['', 'of the instrument; its page gives one'], 'seed' => ['1', 'of the hidden shaft'], 'length' => ['1400', 'between the ends (mm)'],
        'stations' => ['5', 'places along it'], 'angles' => ['8', 'readings at each'], 'bend' => ['0.3', 'axis off at the bend (mm)'], 'oval' => ['0.1', 'half the difference of diameters (mm)'], 'noise' => ['0.005', 'of a reading (mm)'],
    ];

    public function __construct(private readonly HttpLines $http = new HttpLines)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        foreach (self::OPTIONS as $name => [$default, $help]) {
            $this->addOption($name, null, InputOption::VALUE_REQUIRED, $help, $default);
        }
    }

    /** @throws UnusableCall if an option is not understood or the server does not take the readings */
    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $usage = 'usage: geodex '.$this->getSynopsis();
        $options = new Options($input, $this->getSynopsis());
        if ($options->text('token') === '') {
            throw UnusableCall::because('name the instrument with --token; its page in Geodex gives one', $usage);
        }
        [$seed, $length] = [$options->whole('seed', 0, 1_000_000_000), $options->number('length', 1, 20_000)];
        $chance = new RandomSource($seed);
        $shaft = BentShaft::made($chance, $length, $options->number('bend', 0, 20), $options->number('oval', 0, 20));
        [$stations, $angles, $noise] = [$options->whole('stations', 1, 60), $options->whole('angles', 5, 72), $options->number('noise', 0, 5)];
        for ($i = 0; $i < $stations; $i++) {
            $x = $stations === 1 ? $length / 2 : $length * $i / ($stations - 1);
            $lines = array_map(fn (int $k): array => ['id' => "d$seed-$i-$k", 'x' => round($x, 2), 'at' => 360.0 * $k / $angles, 'value' => round($shaft->read($x, 360.0 * $k / $angles) + $chance->normal($noise), 3), 'unit' => 'mm'], range(0, $angles - 1));
            [$status, $answers] = $this->http->send('POST', rtrim($options->text('url'), '/').'/instrument/dial', $options->text('token'), $lines);
            if ($status < 200 || $status >= 300) {
                throw UnusableCall::because(match ($status) {
                    0 => "nobody answers at {$options->text('url')}", 401 => 'the server does not know this token', 409 => 'the dial is not attached to a job: choose it on the page Run-out', default => "the server answered $status"
                }, $usage);
            }
            foreach ($lines as $k => $line) {
                $output->writeln(json_encode([...$line, 'answer' => $answers[$k] ?? null], JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE), OutputInterface::OUTPUT_RAW);
            }
        }

        return self::SUCCESS;
    }
}
