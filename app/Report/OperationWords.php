<?php

declare(strict_types=1);

namespace App\Report;

use App\Http\Props\OperationProps;
use App\Http\Props\PlanProps;

/** Operations in words, by the fields of their kinds; where one stands is in a column of its own. */
final readonly class OperationWords
{
    /**
     * @param  \Closure(?float): string  $length
     * @return \Closure(OperationProps): string
     */
    public static function of(PlanProps $plan, \Closure $length): \Closure
    {
        $kinds = array_column($plan->kinds, null, 'kind');

        return function (OperationProps $operation) use ($kinds, $length): string {
            $said = [];
            foreach ($kinds[$operation->kind]->fields as $field) {
                $value = $operation->values[$field->name] ?? null;
                $text = match (true) {
                    $field->isStation, $value === null, $value === false => null,
                    $field->kind === 'length' && is_numeric($value) => $length((float) $value),
                    is_scalar($value) => $value === true ? '' : trim("$value {$field->unit}"),
                    default => null,
                };
                $said[] = $text === null ? null : lcfirst(trim("{$field->label} $text"));
            }

            return $kinds[$operation->kind]->label.': '.implode(', ', array_filter($said, is_string(...)));
        };
    }
}
