<?php

declare(strict_types=1);

namespace Geodex\Core\Words;

use Geodex\Core\Units\LengthUnit;

/**
 * Something said to a person: a code that stays when the wording changes, a template, and what stands in it. Facts first, prose last: it is
 * put into words once, where it is read, in the reader's unit.
 */
final readonly class Sentence implements \JsonSerializable
{
    private const PLACE = '/\{([\w.]+)\}/';

    /** @param  array<string, string|Measure>  $parts  by their places in the template */
    private function __construct(public string $code, public string $template, public array $parts) {}

    /**
     * @param  string  $code  such as “plan.near-point”
     * @param  string  $template  with a {name} for each part
     * @param  string|int|self|Measure  ...$parts  by name; a sentence is put in with its own parts
     */
    public static function of(string $code, string $template, string|int|self|Measure ...$parts): self
    {
        $flat = [];
        foreach ($parts as $name => $part) {
            if (! $part instanceof self) {
                $flat[(string) $name] = is_int($part) ? (string) $part : $part;

                continue;
            }
            $template = str_replace('{'.$name.'}', (string) preg_replace(self::PLACE, '{'.$name.'.$1}', $part->template), $template);
            foreach ($part->parts as $inner => $one) {
                $flat["$name.$inner"] = $one;
            }
        }
        preg_match_all(self::PLACE, $template, $places);
        $missing = array_diff($places[1], array_map(strval(...), array_keys($flat)));

        return $missing === [] ? new self($code, $template, $flat) : throw new \LogicException("The sentence $code says nothing for ".implode(', ', $missing).'.');
    }

    /** A text that stands as it is. */
    public static function plain(string $code, string $text): self
    {
        return new self($code, '{text}', ['text' => $text]);
    }

    /** Several in a row; the code is that of the first. */
    public static function together(self $first, ?self ...$others): self
    {
        $all = [$first, ...array_values(array_filter($others))];

        return count($all) === 1 ? $first : self::joined($first->code, ' ', $all);
    }

    /** @param  non-empty-list<self>  $all */
    public static function joined(string $code, string $between, array $all): self
    {
        $names = array_map(fn (int $i): string => "s$i", array_keys($all));

        return self::of($code, implode($between, array_map(fn (string $name): string => '{'.$name.'}', $names)), ...array_combine($names, $all));
    }

    public function in(LengthUnit $unit): string
    {
        return (string) preg_replace_callback(self::PLACE, function (array $place) use ($unit): string {
            $part = $this->parts[$place[1]];

            return $part instanceof Measure ? $part->in($unit) : $part;
        }, $this->template);
    }

    /** @return array{code: string, template: string, parts: object} */
    public function jsonSerialize(): array
    {
        return ['code' => $this->code, 'template' => $this->template, 'parts' => (object) $this->parts];
    }
}
