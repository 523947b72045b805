<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Parts\CutLists;
use Illuminate\Foundation\Http\FormRequest;

/** How a saw is set. */
final class SawRequest extends FormRequest
{
    use ReadsLengths;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['unit' => ['nullable', 'in:mm,in'], 'kerf' => ['nullable', 'string', 'max:40'], 'trim' => ['nullable', 'string', 'max:40'], 'stock' => ['nullable', 'string', 'max:80']];
    }

    public function kerf(): float
    {
        return max(0.0, $this->lengths(['kerf'])['kerf'] ?? CutLists::KERF);
    }

    public function trim(): float
    {
        return max(0.0, $this->lengths(['trim'])['trim'] ?? CutLists::TRIM);
    }
}
