<?php

declare(strict_types=1);

namespace App\Actions\Parts;

use App\Models\Part;
use App\Models\User;
use Geodex\Core\Parts\PartState;

/** The part of the other side: it follows its original, and is locked until that was tried. */
final readonly class MirrorPart
{
    public function handle(Part $part, User $user): Part
    {
        abort_if($part->mirrors !== null, 422, 'This is a mirror image itself: its mirror image is the part it was made from.');
        abort_if($part->images()->exists(), 422, 'Its mirror image is there already.');
        $side = ['left' => 'right', 'right' => 'left', 'either' => 'right'][$part->side];
        if ($part->side === 'either') {
            $part->update(['side' => 'left']);
        }

        return $part->job->parts()->create([
            ...$part->only(['tool', 'given', 'count', 'material', 'used', 'stock']), 'title' => mb_strimwidth("$part->title, mirrored", 0, 120, '…'), 'side' => $side, 'state' => PartState::Drawn, 'mirrors' => $part->id, 'user_id' => $user->id,
        ]);
    }
}
