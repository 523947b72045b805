<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Report\PartTemplate;
use Geodex\Core\Parts\PrinterScale;
use Illuminate\Foundation\Http\FormRequest;

/** What both bars of an uncorrected print measure; without them a template is not to scale. */
final class TemplateRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['across' => ['nullable', 'numeric', 'required_with:up'], 'up' => ['nullable', 'numeric', 'required_with:across'], 'kerf' => ['nullable', 'numeric', 'between:0.05,10']];
    }

    public function scale(): PrinterScale
    {
        return $this->filled('across') ? PrinterScale::measured($this->float('across'), PartTemplate::BAR_ACROSS, $this->float('up'), PartTemplate::BAR_UP) : PrinterScale::unmeasured();
    }

    public function kerf(): ?float
    {
        return $this->filled('kerf') ? $this->float('kerf') : null;
    }
}
