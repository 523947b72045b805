<?php

declare(strict_types=1);

namespace App\Actions\People;

use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/** Throws away counts of wrong passwords and links that are past their time: who guesses with ever new addresses leaves nothing behind. */
final readonly class PurgeExpired
{
    /** More than one wrong try can add. */
    private const AT_ONCE = 20;

    private const LINKS_HOLD_DAYS = 7;

    public function handle(): void
    {
        DB::table('cache')->where('expiration', '<=', Carbon::now()->getTimestamp())->limit(self::AT_ONCE)->delete();
        foreach (['password_reset_tokens', 'invitation_tokens'] as $links) {
            DB::table($links)->where('created_at', '<', Carbon::now()->subDays(self::LINKS_HOLD_DAYS))->limit(self::AT_ONCE)->delete();
        }
    }
}
