<?php

declare(strict_types=1);

namespace Geodex\Core\Cli;

use Geodex\Core\Calculators\Calculators;
use Geodex\Core\Failure\CoreFailure;
use Geodex\Core\Units\LengthUnit;
use Geodex\Core\Words\Sentence;

/** One calculation without a job: one JSON object in, one out. */
final readonly class CalcCommand
{
    public const USAGE = 'Usage: bin/geodex calc TOOL FILE|-';

    private const MAX_BYTES = 1_000_000;

    /**
     * @param  resource  $out
     */
    public function __construct(private mixed $out) {}

    /**
     * @param  list<string>  $arguments
     *
     * @throws CoreFailure
     */
    public function run(array $arguments): int
    {
        [$tool, $file] = [...$arguments, '', ''];
        if (count($arguments) !== 2) {
            throw UnusableCall::because('expected a tool and a file', self::USAGE.'; tools: '.implode(', ', array_map(fn (string $class): string => $class::name(), Calculators::all())));
        }
        Calculators::named($tool);
        if ($file !== '-' && (! is_file($file) || ! is_readable($file))) {
            throw UnusableCall::because("cannot read the file $file", self::USAGE);
        }
        $text = (string) file_get_contents($file === '-' ? 'php://stdin' : $file, length: self::MAX_BYTES);
        try {
            $given = json_decode($text, true, 32, JSON_THROW_ON_ERROR);
        } catch (\JsonException $fault) {
            throw UnusableCall::because("the input is not JSON ({$fault->getMessage()})", self::USAGE);
        }
        $result = Calculators::run($tool, $given);
        array_walk_recursive($result, function (mixed &$value): void {
            $value = $value instanceof Sentence ? $value->in(LengthUnit::Millimetre) : $value;
        });
        fwrite($this->out, json_encode($result, JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_PRESERVE_ZERO_FRACTION | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES)."\n");

        return 0;
    }
}
