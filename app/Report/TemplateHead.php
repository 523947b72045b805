<?php

declare(strict_types=1);

namespace App\Report;

/** What stands at the head of every sheet of a template. */
final readonly class TemplateHead
{
    /**
     * @param  string  $what  how it is made, how many, and which side
     * @param  string  $state  of what it was made from
     * @param  string  $address  that says whether it is still current; empty without one
     */
    public function __construct(public string $part, public string $what, public string $job, public string $state, public string $date, public string $person, public string $address) {}
}
