<?php

declare(strict_types=1);

namespace App\Models;

use Geodex\Core\Plan\Operation;
use Illuminate\Database\Eloquent\Model;

/**
 * @property int $id
 * @property int $job_id
 * @property string $code
 * @property string $kind
 * @property array<string, mixed> $parameters  by the fields of its kind; lengths in mm
 * @property array<string, mixed> $typed
 */
final class PlanOperation extends Model
{
    public $timestamps = false;

    protected $guarded = ['id'];

    protected $casts = ['parameters' => 'array', 'typed' => 'array'];

    /** @return array{code: string, kind: string, parameters: array<string, mixed>} */
    public static function columns(Operation $operation): array
    {
        return ['code' => $operation->id(), 'kind' => $operation::kind(), 'parameters' => $operation->values()];
    }
}
