<?php

declare(strict_types=1);

namespace Geodex\Core\Cli;

use Symfony\Component\Console\Input\InputInterface;

/** The options of a call, as what they are to be. */
final readonly class Options
{
    public function __construct(private InputInterface $input, private string $usage) {}

    public function text(string $name): string
    {
        $value = $this->input->getOption($name);

        return is_string($value) ? $value : '';
    }

    /** @throws UnusableCall if it is no whole number in that range */
    public function whole(string $name, int $min, int $max): int
    {
        $value = $this->text($name);
        if (preg_match('/^\d{1,10}$/', $value) !== 1 || (int) $value < $min || (int) $value > $max) {
            throw UnusableCall::because("--$name takes a whole number from $min to $max", "usage: geodex {$this->usage}");
        }

        return (int) $value;
    }

    /** @throws UnusableCall if it is no number in that range */
    public function number(string $name, float $min, float $max): float
    {
        $value = $this->text($name);
        if (! is_numeric($value) || (float) $value < $min || (float) $value > $max) {
            throw UnusableCall::because("--$name takes a number from $min to $max", "usage: geodex {$this->usage}");
        }

        return (float) $value;
    }
}
