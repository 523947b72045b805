<?php

declare(strict_types=1);

namespace Geodex\Core\Reference;

use Geodex\Core\Frame\Frame;
use Geodex\Core\Survey\SurveyResult;

/** A survey held against the frame's own mirror image, and the frame with that image as its reference. */
final readonly class MirroredSurvey
{
    public function __construct(public Frame $frame, public SurveyResult $result) {}
}
