<?php

declare(strict_types=1);

namespace App\Http\Props;

/** A tool on a page of the running gear, with its sheets. */
final readonly class GearToolProps
{
    /**
     * @param  array<string, mixed>  $proposed  what the job knows already; mm
     * @param  list<WorksheetProps>  $sheets
     */
    public function __construct(public ToolProps $tool, public array $proposed, public array $sheets) {}
}
