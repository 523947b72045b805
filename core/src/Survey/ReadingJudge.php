<?php

declare(strict_types=1);

namespace Geodex\Core\Survey;

use Geodex\Core\Survey\Cause\LikelyCause;
use Geodex\Core\Survey\Explanation\Explanation;
use Geodex\Core\Survey\Internal\SolvedNetwork;
use Geodex\Core\Survey\Reading\Reading;
use Geodex\Core\Words\HasProvenance;
use Geodex\Core\Words\Provenance;

/** Holds each reading of the log against the adjusted frame. */
final readonly class ReadingJudge implements HasProvenance
{
    /** 3.29 for a false alarm in a thousand and 1.645 for a power of 95 % (Baarda, A Testing Procedure for Use in Geodetic Networks). */
    private const NON_CENTRALITY = 3.29 + 1.645;

    public function __construct(private SurveyOptions $options) {}

    public static function provenance(): array
    {
        return [
            new Provenance('off', 'Off', 'read − what all other readings say it should be', 'Residual of the adjustment; for a reading that does not fit, without its own say'),
            new Provenance(
                name: 'standardised',
                title: 'Standardised residual',
                formula: 'w = v / (σ √r), suspect over 3.29 (one good reading in a thousand)',
                source: 'Data snooping, Baarda; Ghilani, Adjustment Computations',
                limit: 'Not judged where r ≤ 0.05: nothing else checks it.',
            ),
            new Provenance('detectable', 'Smallest mistake that shows', '(3.29 + 1.645) σ / √r: found in 95 of 100 cases', 'Baarda, A Testing Procedure for Use in Geodetic Networks'),
        ];
    }

    /** @return list<ReadingResult> in the order of the log */
    public function judge(Survey $survey, SolvedNetwork $solved, Explanation $explanation): array
    {
        $mistakes = array_column($explanation->mistakes, null, 'reading');
        $used = [];
        foreach ($solved->network->readings as $i => $reading) {
            $used[$reading->id] = $i;
        }
        $results = [];
        foreach ($survey->readings as $reading) {
            $results[] = match (true) {
                isset($used[$reading->id]) => $this->used($reading, $solved, $used[$reading->id]),
                isset($mistakes[$reading->id]) => $this->leftOut($reading, $solved, ReadingStatus::Suspect, $mistakes[$reading->id]->causes),
                default => $this->leftOut($reading, $solved, ReadingStatus::Struck, []),
            };
        }

        return $results;
    }

    private function used(Reading $reading, SolvedNetwork $solved, int $i): ReadingResult
    {
        $residual = $solved->residual($i);
        $redundancy = min(1.0, max(0.0, 1 - $solved->leverage($solved->rows[$i])));
        $checked = $redundancy > $this->options->minRedundancy;

        return new ReadingResult(
            id: $reading->id,
            adjusted: $reading->value + $residual,
            residual: $residual,
            redundancy: $redundancy,
            standardised: $checked ? $residual / ($reading->sigma * sqrt($redundancy)) : null,
            status: ReadingStatus::Used,
            error: null,
            checked: $checked,
            causes: [],
            detectable: $checked ? self::NON_CENTRALITY * $reading->sigma / sqrt($redundancy) : null,
        );
    }

    /**
     * A reading that had no say, against what those that had say of it.
     *
     * @param  list<LikelyCause>  $causes
     */
    private function leftOut(Reading $reading, SolvedNetwork $solved, ReadingStatus $status, array $causes): ReadingResult
    {
        foreach ($reading->kind->points() as $id) {
            if (! isset($solved->bench[$id], $solved->network->columns[$id])) {
                return new ReadingResult(id: $reading->id, adjusted: null, residual: null, redundancy: null, standardised: null, status: $status, error: null, checked: false);
            }
        }
        $design = $reading->kind->linearise($solved->bench);
        $residual = $design->predicted - $reading->value;
        if ($status === ReadingStatus::Struck) {
            return new ReadingResult(id: $reading->id, adjusted: $design->predicted, residual: $residual, redundancy: null, standardised: null, status: $status, error: null, checked: false);
        }
        $leverage = $solved->leverage($solved->network->unweighted($reading->kind->points(), $solved->datum->turned($design->partials))) / $reading->sigma ** 2;

        $uncertain = $reading->sigma * sqrt(1 + $leverage);

        return new ReadingResult(
            id: $reading->id,
            adjusted: $design->predicted,
            residual: $residual,
            redundancy: 1 / (1 + $leverage),
            standardised: $residual / $uncertain,
            status: $status,
            error: -$residual,
            checked: true,
            causes: $causes,
        );
    }
}
