<?php

declare(strict_types=1);

namespace Geodex\Core\Words;

/** A class that computes numbers which are shown, and says where they come from. Entered in Provenances. */
interface HasProvenance
{
    /** @return list<Provenance> */
    public static function provenance(): array;
}
