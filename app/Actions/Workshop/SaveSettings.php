<?php

declare(strict_types=1);

namespace App\Actions\Workshop;

use App\Models\AuditEntry;
use App\Models\User;
use App\Models\Workshop;
use Geodex\Core\Settings\ShopDefaults;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/** Keeps what a shop has set, and who changed what. */
final readonly class SaveSettings
{
    /**
     * @param  array{inch_denominator: int, hides_expected: bool}  $preferences
     * @param  array<string, ?float>  $values  by the names of shop defaults; null is as usual
     */
    public function handle(Workshop $workshop, User $user, array $preferences, array $values): void
    {
        DB::transaction(function () use ($workshop, $user, $preferences, $values): void {
            $workshop->fill($preferences);
            foreach ($workshop->getDirty() as $name => $to) {
                AuditEntry::note($workshop->id, $user, 'setting', str_replace('_', ' ', $name).': '.(is_scalar($to) ? (string) $to : ''));
            }
            $workshop->save();
            $before = $workshop->values()->pluck('value', 'name')->all();
            foreach (ShopDefaults::all() as $name => $default) {
                $value = ($values[$name] ?? null) === $default->usual() ? null : $values[$name] ?? null;
                if ($value === null) {
                    $gone = $workshop->values()->where('name', $name)->delete();
                    if ($gone > 0) {
                        AuditEntry::note($workshop->id, $user, 'setting', "$name: as usual");
                    }
                } elseif (($before[$name] ?? null) !== $value) {
                    $workshop->values()->updateOrCreate(['name' => $name], ['value' => $value, 'user_id' => $user->id, 'changed_at' => Carbon::now()]);
                    AuditEntry::note($workshop->id, $user, 'setting', "$name: $value");
                }
            }
        });
        $workshop->unsetRelation('values');
    }
}
