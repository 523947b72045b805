<?php

declare(strict_types=1);

namespace Geodex\Core\Simulation;

/** What a study of the judgement counted. */
final class JudgementCount
{
    public int $frames = 0;

    public int $refused = 0;

    public int $coordinates = 0;

    public int $decided = 0;

    public int $wrong = 0;

    public int $intervals = 0;

    public int $held = 0;

    public int $mistakes = 0;

    public int $told = 0;

    public int $same = 0;

    public int $sound = 0;

    public int $pulled = 0;

    public int $ambiguous = 0;
}
