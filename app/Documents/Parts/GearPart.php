<?php

declare(strict_types=1);

namespace App\Documents\Parts;

use App\Models\Job;
use App\Models\Worksheet;
use Geodex\Core\Calculators\RunningGear\GearPage;

/** Sheets of the running gear; core reads nothing of them. */
final readonly class GearPart implements JobPart
{
    public function layOut(Job $job, Layout $as): array
    {
        if (! $as->asTyped) {
            return [];
        }
        $sheets = $job->worksheets->map(fn (Worksheet $one): array => ['tool' => $one->tool, 'title' => $one->title, 'given' => (object) $one->given, ...($one->facts === [] ? [] : ['facts' => $one->facts]), ...($one->points === null ? [] : ['points' => $one->points])])->values()->all();

        return ['runningGear' => $sheets === [] ? null : ['sheets' => $sheets]];
    }

    public function import(Job $stored, Import $from): void
    {
        $sheets = $from->section('runningGear')['sheets'] ?? [];
        foreach (is_array($sheets) ? $sheets : [] as $sheet) {
            if (is_array($sheet) && is_string($sheet['tool'] ?? null) && GearPage::of($sheet['tool']) !== null) {
                $stored->worksheets()->create(['tool' => $sheet['tool'], 'title' => $sheet['title'] ?? '', 'given' => $sheet['given'] ?? [], 'facts' => $sheet['facts'] ?? [], 'points' => $sheet['points'] ?? null, 'user_id' => $from->user?->id]);
            }
        }
    }
}
