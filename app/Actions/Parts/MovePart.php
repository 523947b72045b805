<?php

declare(strict_types=1);

namespace App\Actions\Parts;

use App\Models\Part;
use App\Models\User;
use Geodex\Core\Parts\PartState;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/** Takes a part one step further: its first article tried and signed off, released, cut. */
final readonly class MovePart
{
    /** @param  string  $note  what was corrected on the first article */
    public function handle(Part $part, User $user, PartState $to, string $note): void
    {
        DB::transaction(function () use ($part, $user, $to, $note): void {
            $kept = Part::query()->lockForUpdate()->findOrFail($part->id);
            $original = $kept->mirrored?->state;
            if (! in_array($to, $kept->state->next($kept->count, $kept->images()->exists(), $original), true)) {
                abort(422, PartState::lock($original) ?? "A part that is {$kept->state->value} does not become {$to->value} now.");
            }
            $kept->state = $to;
            if ($to === PartState::FirstArticle) {
                $kept->first_article = ['by' => $user->name, 'at' => Carbon::now()->format('Y-m-d\TH:i:s\Z'), 'note' => $note];
            }
            $kept->save();
        });
    }

    /** Drawn again: what was tried or released no longer is. */
    public function back(Part $part): void
    {
        $part->update(['state' => PartState::Drawn, 'first_article' => null]);
    }
}
