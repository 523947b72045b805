<?php

declare(strict_types=1);

namespace App\Documents\Parts;

use App\Models\Job;
use App\Models\Workshop;
use Illuminate\Database\Eloquent\Model;

/**
 * A part that a person reads, changes and saves as a whole; what it holds tells whether it was changed meanwhile.
 *
 * @template TOwner of Job|Workshop
 */
interface SavedPart
{
    /** As a sentence calls it: “the plan”. */
    public function name(): string;

    /**
     * As it is stored now, by what each value is.
     *
     * @param  TOwner  $owner
     */
    public function state(Model $owner): mixed;
}
