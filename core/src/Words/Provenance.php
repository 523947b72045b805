<?php

declare(strict_types=1);

namespace Geodex\Core\Words;

/** Where a number comes from: what whoever asks at the screen is told. */
final readonly class Provenance
{
    /**
     * @param  string  $name  by which a screen asks for it
     * @param  string  $formula  with what goes into it
     * @param  string  $source  where the formula is from
     * @param  string  $limit  up to where it holds; empty where that goes without saying
     */
    public function __construct(public string $name, public string $title, public string $formula, public string $source, public string $limit = '') {}
}
