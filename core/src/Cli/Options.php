<?php

declare(strict_types=1);

namespace Geodex\Core\Cli;

/** Options of the form --name value. */
final readonly class Options
{
    /**
     * @param  list<string>  $arguments
     * @param  array<string, string>  $defaults  every option that there is
     * @return array<string, string>
     *
     * @throws UnusableCall if there is another one, or a value is missing
     */
    public static function read(array $arguments, array $defaults, string $usage): array
    {
        $options = $defaults;
        while (($argument = array_shift($arguments)) !== null) {
            $parts = explode('=', $argument, 2);
            $name = str_starts_with($argument, '--') ? substr($parts[0], 2) : '';
            if (! array_key_exists($name, $defaults)) {
                throw UnusableCall::because("unknown option $argument", $usage);
            }
            $options[$name] = $parts[1] ?? array_shift($arguments) ?? throw UnusableCall::because("the option --$name needs a value", $usage);
        }

        return $options;
    }

    /** @throws UnusableCall if it is no whole number in that range */
    public static function whole(string $value, string $name, int $min, int $max, string $usage): int
    {
        if (! preg_match('/^\d{1,10}$/', $value) || (int) $value < $min || (int) $value > $max) {
            throw UnusableCall::because("--$name takes a whole number from $min to $max", $usage);
        }

        return (int) $value;
    }

    /** @throws UnusableCall if it is no number in that range */
    public static function number(string $value, string $name, float $min, float $max, string $usage): float
    {
        if (! is_numeric($value) || (float) $value < $min || (float) $value > $max) {
            throw UnusableCall::because("--$name takes a number from $min to $max", $usage);
        }

        return (float) $value;
    }
}
