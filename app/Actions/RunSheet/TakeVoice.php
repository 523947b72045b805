<?php

declare(strict_types=1);

namespace App\Actions\RunSheet;

use Illuminate\Validation\ValidationException;

/** Takes in a voice note by what its first bytes say it is; what a browser calls it counts for nothing. */
final readonly class TakeVoice
{
    private const MOST_BYTES = 8_000_000;

    /**
     * @return array{mime: string, sound: string}
     *
     * @throws ValidationException if it is none
     */
    public function handle(string $file): array
    {
        $mime = match (true) {
            str_starts_with($file, "\x1A\x45\xDF\xA3") => 'audio/webm',
            str_starts_with($file, 'OggS') => 'audio/ogg',
            substr($file, 4, 4) === 'ftyp' => 'audio/mp4',
            default => throw ValidationException::withMessages(['file' => 'This is no recording that can be played: WebM, Ogg or MP4 is.']),
        };
        if (strlen($file) > self::MOST_BYTES) {
            throw ValidationException::withMessages(['file' => 'The recording is longer than 8 MB.']);
        }

        return ['mime' => $mime, 'sound' => $file];
    }
}
