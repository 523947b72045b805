<?php

declare(strict_types=1);

namespace Geodex\Core\Parts;

/** How far a part has come. */
enum PartState: string
{
    case Drawn = 'drawn';
    case FirstArticle = 'first article';
    case Released = 'released';
    case Cut = 'cut';

    /**
     * Where it may go from here. One part of a batch, or of a pair with its mirror image, is tried before the rest is made.
     *
     * @param  int  $count  how many are made
     * @param  ?self  $original  of the part whose mirror image it is; null where it is none
     * @return list<self>
     */
    public function next(int $count, bool $hasMirror, ?self $original): array
    {
        if (self::lock($original) !== null) {
            return [];
        }

        return match ($this) {
            self::Drawn => $count > 1 || $hasMirror ? [self::FirstArticle] : [self::FirstArticle, self::Released],
            self::FirstArticle => [self::Released],
            self::Released => [self::Cut],
            self::Cut => [],
        };
    }

    /** Why nothing may be made of a mirror image yet; null where it may. */
    public static function lock(?self $original): ?string
    {
        return $original === self::Drawn ? 'Locked: the part that it mirrors is tried and signed off first.' : null;
    }

    /** How many of a batch may be cut now. */
    public function free(int $count, ?self $original): int
    {
        return match (true) {
            self::lock($original) !== null => 0,
            $this === self::Drawn => 1,
            $this === self::Cut => 0,
            default => $count,
        };
    }
}
