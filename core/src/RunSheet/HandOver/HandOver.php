<?php

declare(strict_types=1);

namespace Geodex\Core\RunSheet\HandOver;

/** What a person decided about the hand-over of a vehicle: open points with yes or no and who, dates to look again, marks that stay. It releases nothing. */
final readonly class HandOver
{
    public const MOST = 40;

    /**
     * @param  array<string, array{answer: ''|'yes'|'no', who: string}>  $answers  by open point
     * @param  list<string>  $more  open points that a person put in
     * @param  list<array{what: string, when: string}>  $checks
     * @param  list<string>  $marks  points that were marked for good
     */
    private function __construct(public array $answers, public array $more, public array $checks, public array $marks) {}

    /** @param  array<string, mixed>  $kept  what is none is left out */
    public static function of(array $kept): self
    {
        $answers = $checks = [];
        foreach (self::entries($kept, 'answers') as $id => $one) {
            $answer = is_array($one) ? $one['answer'] ?? '' : '';
            $who = is_array($one) && is_string($one['who'] ?? null) ? trim($one['who']) : '';
            if (in_array($answer, ['', 'yes', 'no'], true)) {
                $answers[(string) $id] = ['answer' => $answer, 'who' => $who];
            }
        }
        foreach (self::entries($kept, 'checks') as $one) {
            if (is_array($one) && is_string($one['what'] ?? null) && is_string($one['when'] ?? null) && trim($one['what']) !== '') {
                $checks[] = ['what' => trim($one['what']), 'when' => trim($one['when'])];
            }
        }

        return new self($answers, self::texts($kept, 'more'), array_slice($checks, 0, self::MOST), self::texts($kept, 'marks'));
    }

    /** @return array<string, mixed> without what is empty */
    public function toArray(): array
    {
        return array_filter(['answers' => array_filter($this->answers, fn (array $one): bool => $one['answer'] !== '' || $one['who'] !== ''), 'more' => $this->more, 'checks' => $this->checks, 'marks' => $this->marks], fn (array $one): bool => $one !== []);
    }

    /** @return list<OpenPoint> what the change of the vehicle asks for, and what a person put in */
    public function points(ChangedVehicle $vehicle): array
    {
        $asked = array_filter([
            'balance' => $vehicle->isPlanned && $vehicle->hasShaft ? ['Driveshaft balanced', 'It was cut, or runs at other angles.'] : null,
            'alignment' => $vehicle->isPlanned ? ['Wheels aligned', 'Springs, links or axle were moved or taken off.'] : null,
            'brakes' => $vehicle->hasLinesChanged || $vehicle->hasOtherWheelbase ? ['Brakes bled, tested, and set to the new wheelbase', 'Lines were opened, or load and wheelbase are others.'] : null,
            'electronics' => $vehicle->hasOtherWheelbase ? ['Stability control told the new wheelbase', 'It works by it.'] : null,
            'weights' => $vehicle->isPlanned ? ['Weighed, axle by axle', 'Against the plate of the vehicle.'] : null,
            'lamps' => $vehicle->isPlanned ? ['Lamps, reflectors and marker lamps as the law of the place asks', 'Length and overhang are others.'] : null,
            'fasteners' => $vehicle->hasFasteners ? ['Bolts torqued and marked', 'Sheets of fasteners are kept with this job.'] : null,
            'coating' => $vehicle->isCut ? ['Welds coated, inside too', 'Heat took the old coat off.'] : null,
            'certification' => $vehicle->isPlanned ? ['Inspected and certified by who may', 'Nothing here does.'] : null,
        ]);
        $points = array_map(fn (string $id, array $one): OpenPoint => $this->answered($id, $one[0], $one[1], false), array_keys($asked), $asked);

        return [...$points, ...array_map(fn (string $what): OpenPoint => $this->answered("own:$what", $what, '', true), $this->more)];
    }

    /** @return list<array{what: string, when: string}> to look again, where a person has said nothing: shop defaults of the trade */
    public static function usualChecks(ChangedVehicle $vehicle): array
    {
        return $vehicle->isCut ? [['what' => 'Bolts re-torqued', 'when' => 'after 100 km'], ['what' => 'Bolts re-torqued, welds looked at', 'when' => 'after 1000 km'], ['what' => 'Marks measured again, ten minutes', 'when' => 'after 1000 km']] : [];
    }

    private function answered(string $id, string $what, string $because, bool $isOwn): OpenPoint
    {
        $answer = $this->answers[$id] ?? ['answer' => '', 'who' => ''];

        return new OpenPoint($id, $what, $because, $answer['answer'], $answer['who'], $isOwn);
    }

    /**
     * @param  array<string, mixed>  $kept
     * @return array<mixed>
     */
    private static function entries(array $kept, string $name): array
    {
        $entries = $kept[$name] ?? null;

        return is_array($entries) ? array_slice($entries, 0, 2 * self::MOST, true) : [];
    }

    /**
     * @param  array<string, mixed>  $kept
     * @return list<string>
     */
    private static function texts(array $kept, string $name): array
    {
        $texts = array_map(trim(...), array_filter(self::entries($kept, $name), is_string(...)));

        return array_slice(array_values(array_unique(array_filter($texts, fn (string $text): bool => $text !== ''))), 0, self::MOST);
    }
}
