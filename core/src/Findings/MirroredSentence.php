<?php

declare(strict_types=1);

namespace Geodex\Core\Findings;

use Geodex\Core\Survey\SurveyOptions;
use Geodex\Core\Words\Measure;
use Geodex\Core\Words\Sentence;

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
        $text = Sentence::of(
            'finding.mirrored', 'At the {section} the {side} rail stands {amount} too {way} for its mirror image, and the {other} rail as much the other way: symmetry cannot say which of them moved.',
            section: $finding->section->value, side: (string) $finding->side, amount: Measure::computed(abs($finding->amount), $this->options->coverage * $finding->sigma), way: $finding->amount > 0 ? 'short' : 'long', other: $other,
        );

        return new Finding(
            pattern: $finding->pattern,
            section: $finding->section,
            side: $finding->side,
            amount: $finding->amount,
            sigma: $finding->sigma,
            significant: $finding->significant,
            text: $text,
            points: $finding->points,
            tolerance: $finding->tolerance,
            others: $finding->others,
            expanded: $finding->expanded,
        );
    }
}
