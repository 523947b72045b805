<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** Two diagonals and a side, as typed. */
final class SquareCheckRequest extends FormRequest
{
    use ReadsLengths;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['unit' => ['required', 'in:mm,in']];
    }

    /** @return array{diagonalA: float, diagonalB: float, length: float, width: ?float, otherLength: ?float, otherWidth: ?float, sigma: float, tolerance: float} mm */
    public function panel(): array
    {
        $mm = $this->allLengths(['diagonalA', 'diagonalB', 'length']);
        $more = $this->lengths(['width', 'otherLength', 'otherWidth', 'sigma', 'tolerance']);

        return ['diagonalA' => $mm['diagonalA'], 'diagonalB' => $mm['diagonalB'], 'length' => $mm['length'], 'width' => $more['width'] ?? null, 'otherLength' => $more['otherLength'] ?? null, 'otherWidth' => $more['otherWidth'] ?? null, 'sigma' => $more['sigma'] ?? 1.0, 'tolerance' => $more['tolerance'] ?? 3.0];
    }
}
