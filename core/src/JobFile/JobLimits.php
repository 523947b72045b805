<?php

declare(strict_types=1);

namespace Geodex\Core\JobFile;

/** How large a job may be. Held before anything is parsed, by the schema, and by every way in. */
final readonly class JobLimits
{
    public const POINTS = 500;

    public const READINGS = 5000;

    /**
     * @param  array<mixed>  $document  decoded, of any shape
     * @return list<Problem>
     */
    public static function exceeded(array $document): array
    {
        $problems = [];
        $points = is_array($document['points'] ?? null) ? count($document['points']) : 0;
        if ($points > self::POINTS) {
            $problems[] = new Problem('points', sprintf('%d points; a job holds at most %d. Split the vehicle into jobs that share three base points.', $points, self::POINTS));
        }
        foreach (is_array($document['surveys'] ?? null) ? array_values($document['surveys']) : [] as $i => $survey) {
            $readings = is_array($survey) && is_array($survey['readings'] ?? null) ? count($survey['readings']) : 0;
            if ($readings > self::READINGS) {
                $problems[] = new Problem("surveys[$i].readings", sprintf('%d readings; a survey holds at most %d. Start a second survey.', $readings, self::READINGS));
            }
        }

        return $problems;
    }
}
