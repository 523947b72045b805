<?php

declare(strict_types=1);

namespace App\Documents;

use App\Models\LogEntry;
use App\Models\Workshop;
use Illuminate\Support\Facades\Cache;

/** What the logs of a shop teach, read once for each state of them: a shop has many jobs, and every run sheet asks. */
final readonly class ShopLog
{
    private const KEPT_SECONDS = 86_400;

    /**
     * @template T
     *
     * @param  \Closure(): T  $read
     * @return T
     */
    public static function kept(Workshop $shop, string $what, \Closure $read): mixed
    {
        $latest = LogEntry::query()->whereIn('job_id', $shop->jobs()->select('id'))->max('id');

        return Cache::remember("shop.$shop->id.$what.".(is_numeric($latest) ? (int) $latest : 0), self::KEPT_SECONDS, $read);
    }
}
