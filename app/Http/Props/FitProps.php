<?php

declare(strict_types=1);

namespace App\Http\Props;

/** Whether the frame may be cut, with the reasons. Not an approval. */
final readonly class FitProps
{
    /**
     * @param  'fit'|'straighten'|'undecided'  $state
     * @param  list<string>  $reasons
     */
    public function __construct(public string $state, public array $reasons) {}
}
