<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Geodex\Core\Units\Length;
use Geodex\Core\Units\LengthUnit;
use Geodex\Core\Units\UnreadableLength;
use Illuminate\Validation\ValidationException;

/** Lengths as typed in a form, read by core; each that is none is named at its own field. */
trait ReadsLengths
{
    /**
     * @param  list<string>  $fields  dotted names; an empty one is left out
     * @return array<string, float> mm
     *
     * @throws ValidationException
     */
    private function lengths(array $fields): array
    {
        $unit = LengthUnit::from($this->string('unit')->value() === 'in' ? 'in' : 'mm');
        $lengths = $errors = [];
        foreach ($fields as $field) {
            $typed = $this->input($field);
            $typed = is_scalar($typed) ? trim((string) $typed) : '';
            if ($typed === '') {
                continue;
            }
            try {
                $lengths[$field] = Length::parse($typed, $unit)->mm;
            } catch (UnreadableLength $unreadable) {
                $errors[$field] = $unreadable->getMessage();
            }
        }

        return $errors === [] ? $lengths : throw ValidationException::withMessages($errors);
    }

    /**
     * @param  list<string>  $fields
     * @return array<string, float> mm
     *
     * @throws ValidationException also where one is empty
     */
    private function allLengths(array $fields): array
    {
        $lengths = $this->lengths($fields);
        $missing = array_diff($fields, array_keys($lengths));

        return $missing === [] ? $lengths : throw ValidationException::withMessages(array_fill_keys($missing, 'Measure this one too.'));
    }
}
