<?php

declare(strict_types=1);

namespace App\Parts;

use Illuminate\Validation\ValidationException;
use Intervention\Image\ImageManager;
use Throwable;

/** Makes a photograph anew: upright, no larger than needed, without what a camera writes into it. */
final readonly class TakePicture
{
    private const LONGEST = 2400;

    /** A picture that takes more memory than this when it is opened is no photograph of a plate. */
    private const MOST_PIXELS = 60_000_000;

    private const QUALITY = 88;

    /**
     * @return array{jpeg: string, width: int, height: int}
     *
     * @throws ValidationException if it is none
     */
    public function handle(string $file): array
    {
        $size = @getimagesizefromstring($file);
        if ($size === false || ! in_array($size[2], [IMAGETYPE_JPEG, IMAGETYPE_PNG, IMAGETYPE_WEBP], true)) {
            throw ValidationException::withMessages(['file' => 'This is no picture that can be read: a JPEG, PNG or WebP is.']);
        }
        if ($size[0] * $size[1] > self::MOST_PIXELS || min($size[0], $size[1]) < 200) {
            throw ValidationException::withMessages(['file' => 'The picture is '.$size[0].' by '.$size[1].' pixels: from 200 each way to 60 million together.']);
        }
        // A JPEG that breaks off is opened all the same, grey where it ends; its thumbnail has an end of its own near the start.
        if ($size[2] === IMAGETYPE_JPEG && (int) strrpos($file, "\xFF\xD9") < strlen($file) / 2) {
            throw self::spoilt();
        }
        try {
            $image = ImageManager::gd()->read($file)->scaleDown(self::LONGEST, self::LONGEST);

            return ['jpeg' => $image->toJpeg(self::QUALITY, strip: true)->toString(), 'width' => $image->width(), 'height' => $image->height()];
        } catch (Throwable) {
            throw self::spoilt();
        }
    }

    private static function spoilt(): ValidationException
    {
        return ValidationException::withMessages(['file' => 'The picture is spoilt: it breaks off, or is not what it says it is.']);
    }
}
