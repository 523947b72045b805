<?php

declare(strict_types=1);

namespace App\Import;

use Geodex\Core\Failure\CoreFailure;
use Geodex\Core\Frame\Frame;
use Geodex\Core\JobFile\InvalidFile;
use Geodex\Core\JobFile\Problem;
use Geodex\Core\Survey\Reading\Reading;
use Geodex\Core\Survey\Reading\ReadingKinds;
use Geodex\Core\Survey\Survey;
use Geodex\Core\Survey\SurveyStage;
use Geodex\Core\Units\Length;
use Geodex\Core\Units\LengthUnit;

/**
 * Reads a point-to-point chart: from,to,length, and where it gives them kind (tram, plan, height, rise …) and accuracy.
 * Its lengths are readings like any others; the adjustment makes coordinates of them.
 */
final readonly class LengthsCsv
{
    public const COLUMNS = ['from', 'to', 'length', 'kind', 'accuracy'];

    /** A printed length is rounded to the millimetre; holes are made to about one. */
    private const PRINTED_SIGMA_MM = 0.5;

    public function __construct(private CsvTable $table) {}

    /** @throws InvalidFile naming every faulty row */
    public function read(string $csv, Frame $frame, LengthUnit $unit): Survey
    {
        $problems = [];
        $readings = [];
        foreach ($this->table->rows($csv, self::COLUMNS, ['from', 'length']) as $i => $row) {
            try {
                $kind = ReadingKinds::named(($row['kind'] ?? '') ?: 'tram');
                $points = array_values(array_filter([$row['from'] ?? '', $row['to'] ?? ''], fn (string $id): bool => $id !== ''));
                array_map($frame->point(...), $points);
                $wanted = count($kind::roles());
                if (count($points) !== $wanted) {
                    throw InvalidFile::with([new Problem('', "a {$kind::name()} names $wanted ".($wanted === 1 ? 'point' : 'points').'.')]);
                }
                $sigma = ($row['accuracy'] ?? '') === '' ? self::PRINTED_SIGMA_MM : Length::parse($row['accuracy'], $unit)->mm;
                $readings[] = new Reading('row '.($i + 2), $kind::between($points, null), Length::parse($row['length'] ?? '', $unit)->mm, $sigma);
            } catch (CoreFailure $failure) {
                $problems[] = new Problem('row '.($i + 2), $failure->getMessage());
            }
        }
        if ($problems !== []) {
            throw InvalidFile::with($problems);
        }

        return new Survey('lengths', SurveyStage::Before, $readings);
    }
}
