<?php

declare(strict_types=1);

namespace Geodex\Core\Cli;

use Geodex\Core\JobFile\InvalidFile;
use Geodex\Core\JobFile\JobReader;
use Geodex\Core\JobFile\Problem;
use Geodex\Core\Simulation\FrameBender;
use Geodex\Core\Simulation\FrameMeasurer;
use Geodex\Core\Simulation\Person;
use Geodex\Core\Simulation\RandomSource;
use Geodex\Core\Survey\Reading\ReadingKinds;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

/**
 * `geodex instrument`: a stand-in for a digital tram. It hides a made-up frame, asks the survey which reading is wanted, and
 * hands it over as one JSON line, over the interface of docs/instrument.md that a real one would use.
 */
#[AsCommand('instrument', 'a stand-in for a digital tram, over the interface that a real one uses')]
final class InstrumentCommand extends Command
{
    private const LOOK_AGAIN_MS = 300;

    private const HELP = [
        'url' => 'of the server', 'token' => 'of the instrument; its page gives one', 'seed' => 'of the hidden frame', 'damage' => 'such as rear-sidesway=12',
        'slop' => 'of the hand (mm)', 'misreads' => 'share of readings that are wrong', 'count' => 'readings to hand over', 'wait' => 'seconds without a wish',
    ];

    public function __construct(private readonly HttpLines $http = new HttpLines)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        foreach (['url' => 'http://127.0.0.1:8000', 'token' => '', 'seed' => '1', 'damage' => '', 'slop' => '1', 'misreads' => '0.03', 'count' => '20', 'wait' => '10'] as $name => $default) {
            $this->addOption($name, null, InputOption::VALUE_REQUIRED, self::HELP[$name], $default);
        }
    }

    /**
     * @throws UnusableCall if an option is not understood or the server does not take the token
     * @throws InvalidFile if the server's frame is none
     */
    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $options = new Options($input, $this->getSynopsis());
        if ($options->text('token') === '') {
            throw $this->unusable('name the instrument with --token; its page in Geodex gives one');
        }
        $measurer = $this->measurer($options);
        $count = $options->whole('count', 1, 100_000);
        $patience = $options->number('wait', 0, 86_400);
        $idle = 0.0;
        for ($sent = 0; $sent < $count;) {
            [$status, $lines] = $this->call($options, 'GET', '/instrument/wanted');
            if ($status === 204 || $lines === []) {
                if ($idle >= $patience) {
                    break;
                }
                usleep(self::LOOK_AGAIN_MS * 1000);
                $idle += self::LOOK_AGAIN_MS / 1000;

                continue;
            }
            $idle = 0.0;
            foreach ($lines as $line) {
                $answer = $this->hand($line, $measurer, $options);
                $output->writeln(json_encode($answer, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE), OutputInterface::OUTPUT_RAW);
                if (++$sent >= $count) {
                    break;
                }
            }
        }

        return self::SUCCESS;
    }

    private function measurer(Options $options): FrameMeasurer
    {
        [, $lines] = $this->call($options, 'GET', '/instrument/frame');
        $job = (new JobReader)->fromDocument($lines[0] ?? throw InvalidFile::with([new Problem('', 'The server sent no frame.')]));
        foreach ($job->frame->points as $point) {
            if ($point->reference === null) {
                throw $this->unusable("the frame has no chart position for {$point->id}, so there is nothing to make a hidden frame of");
            }
        }
        $seed = $options->whole('seed', 0, 1_000_000_000);
        $person = new Person($options->number('slop', 0, 20), $options->number('misreads', 0, 1));

        return new FrameMeasurer((new FrameBender)->bend($job->frame, DamageOption::read($options->text('damage'), 'usage: geodex '.$this->getSynopsis()), new RandomSource($seed)), $person, $seed);
    }

    /**
     * @param  array<string, mixed>  $wanted
     * @return array<string, mixed>
     */
    private function hand(array $wanted, FrameMeasurer $measurer, Options $options): array
    {
        $text = fn (string $key): ?string => is_string($wanted[$key] ?? null) ? $wanted[$key] : null;
        $kind = ReadingKinds::named($text('kind') ?? '');
        $points = array_values(array_filter([$text('point'), $text('from'), $text('to')], fn (?string $id): bool => $id !== null));
        $number = is_int($wanted['number'] ?? null) ? $wanted['number'] : 1;
        $reading = $measurer->read($kind::between($points, null), $number);
        [, $answers] = $this->call($options, 'POST', '/instrument/readings', [[...$wanted, 'value' => $reading->value, 'unit' => $kind::quantity() === 'angle' ? 'deg' : 'mm']]);

        return ['kind' => $kind::name(), 'points' => $points, 'value' => $reading->value, 'answer' => $answers[0] ?? null];
    }

    /**
     * @param  list<array<string, mixed>>  $lines
     * @return array{int, list<array<string, mixed>>}
     */
    private function call(Options $options, string $method, string $path, array $lines = []): array
    {
        [$status, $answer] = $this->http->send($method, rtrim($options->text('url'), '/').$path, $options->text('token'), $lines);

        return $status >= 200 && $status < 300 ? [$status, $answer] : throw $this->unusable(match ($status) {
            0 => "nobody answers at {$options->text('url')}",
            401 => 'the server does not know this token',
            409 => 'the instrument is not attached to a survey: choose it in the survey on screen',
            default => "the server answered $status",
        });
    }

    private function unusable(string $why): UnusableCall
    {
        return UnusableCall::because($why, 'usage: geodex '.$this->getSynopsis());
    }
}
