<?php

declare(strict_types=1);

namespace Geodex\Core\Parts\Drawings;

use Geodex\Core\Fields\Values;
use Geodex\Core\Parts\DrawsPart;
use Geodex\Core\Parts\Layer;
use Geodex\Core\Parts\Note;
use Geodex\Core\Parts\PartDrawing;
use Geodex\Core\Parts\Stroke;

/** A strip that is wrapped round a branch: where the zero line of either cope's template lies. */
final readonly class ClockDrawing implements DrawsPart
{
    private const HIGH = 80.0;

    public static function tool(): string
    {
        return 'clock';
    }

    public function draw(Values $given, Values $told): array
    {
        $turn = M_PI * ($given->number('diameter') + $given->number('paper'));
        $second = fmod($told->number('wrap') + $turn, $turn);

        return [PartDrawing::of('zero lines', [
            Stroke::box(Layer::Cut, 0.0, 0.0, $turn, self::HIGH), Stroke::through(Layer::Centre, [[0.0, 0.0], [0.0, self::HIGH]]), Stroke::through(Layer::Mark, [[$second, 0.0], [$second, self::HIGH]]),
        ], [], [new Note([2.0, self::HIGH - 8.0], 'zero of the first end; up: to the second end', 4.0), new Note([$second + 1.0, 4.0], 'zero of the second end', 4.0)])];
    }
}
