<?php

declare(strict_types=1);

namespace App\Models;

use Geodex\Core\Geometry\Vector3;
use Illuminate\Database\Eloquent\Model;

/**
 * One of the references that the frame of a job can be held against.
 *
 * @property int $id
 * @property int $job_id
 * @property string $code
 * @property string $name
 * @property 'chart'|'lengths'|'sister'|'survey' $kind
 * @property list<array{id: string, at: list<float>, sigma?: list<float>}> $points
 * @property list<string> $remarks
 * @property bool $in_force
 * @property ?array{points: list<string>, mm2: list<list<float>>} $covariance  lower half
 */
final class ReferenceSource extends Model
{
    protected $guarded = ['id'];

    protected $casts = ['points' => 'array', 'remarks' => 'array', 'in_force' => 'bool', 'covariance' => 'array'];

    /** @return array<string, Vector3> */
    public function places(): array
    {
        $places = [];
        foreach ($this->points as $point) {
            $places[$point['id']] = Vector3::of(...$point['at']);
        }

        return $places;
    }
}
