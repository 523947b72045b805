<?php

declare(strict_types=1);

namespace Geodex\Core\Words;

/** How a value stands to its limit, by shape and word: for a screen and for paper alike. */
final readonly class StateWords
{
    public const ALL = [
        'in' => '○ within', 'out' => '■ out', 'over' => '■ over', 'short' => '■ too little', 'touches' => '■ touches', 'binds' => '■ binds', 'out of reach' => '■ out of reach', 'still' => '◌ too straight', 'unsure' => '◌ unsure',
        'unchecked' => '◌ unchecked',
    ];
}
