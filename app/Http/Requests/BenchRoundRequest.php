<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\ValidationException;

/** One round of levelling, squaring or setting, as typed. */
final class BenchRoundRequest extends FormRequest
{
    use ReadsLengths;

    private const CORNERS = ['frontLeft', 'frontRight', 'rearLeft', 'rearRight'];

    private const SLOPES = ['front', 'rear', 'left', 'right'];

    private const EXTENSIONS = ['out-front-left', 'out-front-right', 'out-rear-left', 'out-rear-right'];

    private const SIDES = ['front', 'rear', 'left', 'right'];

    private const DIAGONALS = ['diagonalA', 'diagonalB'];

    private const SETTING = ['frontStation', 'frontLeft', 'frontRight', 'frontLeftHeight', 'frontRightHeight', 'rearStation', 'rearLeft', 'rearRight', 'rearLeftHeight', 'rearRightHeight'];

    private const OPTIONAL = ['frontSupport', 'rearSupport', 'frontWanted', 'rearWanted'];

    private const POINTS = ['frontLeftPoint', 'frontRightPoint', 'rearLeftPoint', 'rearRightPoint'];

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['unit' => ['required', 'in:mm,in'], 'kind' => ['required', 'in:level,square,set'], 'way' => ['nullable', 'in:above,below,slopes'], 'load' => ['nullable', 'in:none,hanging,part-loaded,standing']];
    }

    /** @return 'level'|'square'|'set' */
    public function kind(): string
    {
        return match ($this->string('kind')->value()) {
            'square' => 'square',
            'set' => 'set',
            default => 'level',
        };
    }

    /**
     * @return array<string, mixed> mm and degrees
     *
     * @throws ValidationException
     */
    public function round(): array
    {
        /** @var array<string, mixed> */
        return ['load' => $this->string('load')->value() ?: 'none', ...match ($this->kind()) {
            'square' => [...$this->allLengths(self::DIAGONALS), ...$this->sides()],
            'set' => [...$this->allLengths(self::SETTING), ...$this->lengths(self::OPTIONAL), ...array_filter($this->only(self::POINTS), fn (mixed $id): bool => is_string($id) && $id !== '')],
            'level' => $this->string('way')->value() === 'slopes'
                ? ['way' => 'slopes', ...$this->degrees(), ...$this->lengths(self::EXTENSIONS)]
                : ['way' => $this->string('way')->value() ?: 'above', ...$this->allLengths(self::CORNERS), ...$this->lengths(self::EXTENSIONS)],
        }];
    }

    /**
     * All four sides, or none for a quick round.
     *
     * @return array<string, float> mm
     */
    private function sides(): array
    {
        return array_filter(self::SIDES, fn (string $side): bool => $this->string($side)->trim()->isNotEmpty()) === [] ? [] : $this->allLengths(self::SIDES);
    }

    /** @return array<string, float> */
    private function degrees(): array
    {
        $degrees = $errors = [];
        foreach (self::SLOPES as $field) {
            $typed = str_replace(['−', '°', ' '], ['-', '', ''], $this->string($field)->value());
            if (! is_numeric($typed) || abs((float) $typed) > 20) {
                $errors[$field] = 'Degrees of a bench beam, such as 0.15 or -0.2.';
            } else {
                $degrees[$field] = (float) $typed;
            }
        }

        return $errors === [] ? $degrees : throw ValidationException::withMessages($errors);
    }
}
