<?php

declare(strict_types=1);

namespace App\Documents;

use Geodex\Core\Fields\Values;
use Geodex\Core\RunSheet\Heat\Zone;
use Illuminate\Http\UploadedFile;

/** Something for the log as it was written down, perhaps a while ago and without a network. */
final readonly class WrittenEntry
{
    /**
     * @param  string  $clientId  made where it was written
     * @param  ?float  $reading  of witness marks, mm
     * @param  ?Values  $run  what a run was welded with, as the calculator of heat takes it
     * @param  ?array<string, mixed>  $heights  of the four corners, as the calculator of twist takes them
     * @param  ?string  $survey  code of a survey made for a hold point
     * @param  ?float  $temperature  read in a zone, °C
     * @param  bool  $isSeenTo  whether somebody says that the cautions were seen to
     * @param  float  $waited  seconds between the writing and the sending
     * @param  ?int  $seen  the latest entry that the writer knew of
     * @param  bool  $despite  whether it holds in spite of what others wrote meanwhile
     */
    public function __construct(
        public string $clientId, public string $step, public string $kind, public string $text = '', public ?float $reading = null, public ?Values $run = null, public ?Zone $zone = null, public ?float $temperature = null,
        public ?array $heights = null, public ?string $survey = null, public bool $isSeenTo = false, public ?UploadedFile $file = null, public ?int $supersedes = null, public float $waited = 0.0, public ?int $seen = null, public bool $despite = false,
    ) {}

    public function says(string ...$kinds): bool
    {
        return in_array($this->kind, $kinds, true);
    }
}
