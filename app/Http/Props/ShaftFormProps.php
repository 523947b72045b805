<?php

declare(strict_types=1);

namespace App\Http\Props;

/** The shaft as typed, one text a field. */
final readonly class ShaftFormProps
{
    /** @param  array<string, string>  $fields by path, such as front.joint.0 */
    public function __construct(public array $fields) {}

    /** @param  ?array<mixed>  $shaft as in the job file */
    public static function from(?array $shaft): self
    {
        $fields = [];
        foreach (self::flat($shaft ?? []) as $path => $value) {
            $fields[$path] = is_scalar($value) ? (string) $value : '';
        }

        return new self($fields);
    }

    /**
     * @param  array<mixed>  $part
     * @return array<string, mixed>
     */
    private static function flat(array $part, string $before = ''): array
    {
        $flat = [];
        foreach ($part as $key => $value) {
            $flat += is_array($value) ? self::flat($value, "$before$key.") : ["$before$key" => $value];
        }

        return $flat;
    }
}
