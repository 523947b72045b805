<?php

declare(strict_types=1);

namespace App\Http\Props;

use Geodex\Core\Words\Sentence;

/** Whether the frame may be cut, with the reasons. Not an approval. */
final readonly class FitProps
{
    /**
     * @param  'fit'|'straighten'|'undecided'  $state
     * @param  list<Sentence>  $reasons
     */
    public function __construct(public string $state, public array $reasons) {}
}
