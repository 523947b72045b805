<?php

declare(strict_types=1);

namespace Geodex\Core\RunSheet\Heat;

use Geodex\Core\Frame\Side;

/** A place where a rail is welded: which rail, which end of what was put in, and which face. */
final readonly class Zone
{
    private const FACES = ['web' => 'web', 'top' => 'upper flange', 'bottom' => 'lower flange'];

    private const ENDS = ['joint' => '', 'front' => 'front joint, ', 'rear' => 'rear joint, '];

    /**
     * @param  'joint'|'front'|'rear'  $end  front and rear where something was put in
     * @param  'web'|'top'|'bottom'  $face
     */
    private function __construct(public Side $side, public string $end, public string $face) {}

    /** Such as “left-joint-web”; null for what names no zone. */
    public static function named(string $id): ?self
    {
        $parts = explode('-', $id);
        $side = Side::tryFrom($parts[0]);

        return count($parts) === 3 && $side !== null && $side !== Side::Centre && isset(self::ENDS[$parts[1]], self::FACES[$parts[2]]) ? new self($side, $parts[1], $parts[2]) : null;
    }

    /** @return list<self> of both rails */
    public static function all(bool $hasInsert): array
    {
        $zones = [];
        foreach ([Side::Left, Side::Right] as $side) {
            foreach ($hasInsert ? ['front', 'rear'] : ['joint'] as $end) {
                foreach (array_keys(self::FACES) as $face) {
                    $zones[] = new self($side, $end, $face);
                }
            }
        }

        return $zones;
    }

    public function id(): string
    {
        return "{$this->side->value}-$this->end-$this->face";
    }

    public function label(): string
    {
        return ucfirst($this->side->value).' rail, '.self::ENDS[$this->end].self::FACES[$this->face];
    }
}
