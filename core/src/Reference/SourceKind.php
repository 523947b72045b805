<?php

declare(strict_types=1);

namespace Geodex\Core\Reference;

/** Where a reference comes from, in the order in which it is trusted. */
enum SourceKind: string
{
    case Chart = 'chart';
    case Lengths = 'lengths';
    case Sister = 'sister';
    case Survey = 'survey';
}
