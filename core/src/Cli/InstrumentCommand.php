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

/**
 * `geodex instrument`: a stand-in for a digital tram. It hides a made-up frame, asks the survey which reading is wanted, and
 * hands it over as one JSON line, over the interface of docs/instrument.md that a real one would use.
 */
final readonly class InstrumentCommand
{
    private const USAGE = <<<'TEXT'
        usage: geodex instrument --url http://127.0.0.1:8000 --token TOKEN [--seed 1] [--damage rear-sidesway=12]
                                 [--slop 1.0] [--misreads 0.03] [--count 20] [--wait 10]
        TEXT;

    private const LOOK_AGAIN_MS = 300;

    /** @param  resource  $out */
    public function __construct(private mixed $out, private HttpLines $http = new HttpLines) {}

    /**
     * @param  list<string>  $arguments  after the command
     *
     * @throws UnusableCall if an option is not understood or the server does not take the token
     * @throws InvalidFile if the server's frame is none
     */
    public function run(array $arguments): int
    {
        $options = Options::read($arguments, ['url' => 'http://127.0.0.1:8000', 'token' => '', 'seed' => '1', 'damage' => '', 'slop' => '1', 'misreads' => '0.03', 'count' => '20', 'wait' => '10'], self::USAGE);
        if ($options['token'] === '') {
            throw UnusableCall::because('name the instrument with --token; its page in Geodex gives one', self::USAGE);
        }
        $measurer = $this->measurer($options);
        $count = Options::whole($options['count'], 'count', 1, 100_000, self::USAGE);
        $patience = Options::number($options['wait'], 'wait', 0, 86_400, self::USAGE);
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
                fwrite($this->out, json_encode($answer, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE)."\n");
                if (++$sent >= $count) {
                    break;
                }
            }
        }

        return 0;
    }

    /** @param  array<string, string>  $options */
    private function measurer(array $options): FrameMeasurer
    {
        [, $lines] = $this->call($options, 'GET', '/instrument/frame');
        $job = (new JobReader)->fromDocument($lines[0] ?? throw InvalidFile::with([new Problem('', 'The server sent no frame.')]));
        foreach ($job->frame->points as $point) {
            if ($point->reference === null) {
                throw UnusableCall::because("the frame has no chart position for {$point->id}, so there is nothing to make a hidden frame of", self::USAGE);
            }
        }
        $seed = Options::whole($options['seed'], 'seed', 0, 1_000_000_000, self::USAGE);
        $person = new Person(Options::number($options['slop'], 'slop', 0, 20, self::USAGE), Options::number($options['misreads'], 'misreads', 0, 1, self::USAGE));

        return new FrameMeasurer((new FrameBender)->bend($job->frame, DamageOption::read($options['damage'], self::USAGE), new RandomSource($seed)), $person, $seed);
    }

    /**
     * @param  array<string, mixed>  $wanted
     * @param  array<string, string>  $options
     * @return array<string, mixed>
     */
    private function hand(array $wanted, FrameMeasurer $measurer, array $options): array
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
     * @param  array<string, string>  $options
     * @param  list<array<string, mixed>>  $lines
     * @return array{int, list<array<string, mixed>>}
     */
    private function call(array $options, string $method, string $path, array $lines = []): array
    {
        [$status, $answer] = $this->http->send($method, rtrim($options['url'], '/').$path, $options['token'], $lines);

        return $status >= 200 && $status < 300 ? [$status, $answer] : throw UnusableCall::because(match ($status) {
            0 => "nobody answers at {$options['url']}",
            401 => 'the server does not know this token',
            409 => 'the instrument is not attached to a survey: choose it in the survey on screen',
            default => "the server answered $status",
        }, self::USAGE);
    }
}
