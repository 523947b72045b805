<?php

declare(strict_types=1);

namespace Geodex\Core\Findings;

use Geodex\Core\Survey\SurveyOptions;
use Geodex\Core\Units\Spoken;

/** Says of a finding against the mirror image what symmetry can say, and what it cannot. */
final readonly class MirroredSentence
{
    public function __construct(private SurveyOptions $options) {}

    public function say(Finding $finding): Finding
    {
        if ($finding->pattern !== Pattern::ShortRail || ! $finding->significant) {
            return $finding;
        }
        $other = $finding->side === 'left' ? 'right' : 'left';
        $text = sprintf(
            'At the %s the %s rail stands %s too %s for its mirror image, and the %s rail as much the other way: symmetry cannot say which of them moved.',
            $finding->section->value, $finding->side, Spoken::measure(abs($finding->amount), $this->options->coverage * $finding->sigma), $finding->amount > 0 ? 'short' : 'long', $other,
        );

        return new Finding($finding->pattern, $finding->section, $finding->side, $finding->amount, $finding->sigma, $finding->significant, $text, $finding->points, $finding->tolerance, $finding->others, $finding->expanded);
    }
}
