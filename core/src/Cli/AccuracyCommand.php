<?php

declare(strict_types=1);

namespace Geodex\Core\Cli;

use Geodex\Core\Simulation\AccuracyReport;

/** `geodex accuracy`: how often the judgement is right, on made-up frames whose truth is known. */
final readonly class AccuracyCommand
{
    private const USAGE = 'usage: geodex accuracy [--frames 500] [--seed 1]';

    private const MAX_FRAMES = 20_000;

    /** @param  resource  $out */
    public function __construct(private mixed $out) {}

    /**
     * @param  list<string>  $arguments  after the command
     *
     * @throws UnusableCall if an option is not understood
     */
    public function run(array $arguments): int
    {
        $options = Options::read($arguments, ['frames' => '500', 'seed' => '1'], self::USAGE);
        $frames = Options::whole($options['frames'], 'frames', 1, self::MAX_FRAMES, self::USAGE);
        fwrite($this->out, (new AccuracyReport)->write($frames, Options::whole($options['seed'], 'seed', 0, 1_000_000_000, self::USAGE)));

        return 0;
    }
}
