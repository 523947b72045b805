<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Stages\Stages;
use Illuminate\Foundation\Http\FormRequest;

/** Which jobs are asked for. What is no question counts as none: an address that was kept still opens the list. */
final class JobListRequest extends FormRequest
{
    public const SORTS = ['changed', 'started', 'title', 'vehicle'];

    public const STATES = ['at hand', 'laid aside', 'all'];

    private const LONGEST = 100;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [];
    }

    /** Words that all have to be found. */
    public function search(): string
    {
        $typed = $this->query('q');

        return is_string($typed) ? trim(mb_substr($typed, 0, self::LONGEST)) : '';
    }

    /** The stage of what a job needs next; empty for any. */
    public function stage(): string
    {
        return $this->oneOf('stage', array_map(fn ($stage): string => $stage::name(), Stages::all()), '');
    }

    /** @return value-of<self::STATES> */
    public function state(): string
    {
        return $this->oneOf('state', self::STATES, $this->boolean('archived') ? 'laid aside' : 'at hand');
    }

    /** @return value-of<self::SORTS> */
    public function sort(): string
    {
        return $this->oneOf('sort', self::SORTS, 'changed');
    }

    public function page(): int
    {
        return max(1, min(100_000, $this->integer('page', 1)));
    }

    /**
     * @template T of string
     *
     * @param  list<T>  $known
     * @param  T  $otherwise
     * @return T
     */
    private function oneOf(string $key, array $known, string $otherwise): string
    {
        $at = array_search($this->query($key), $known, true);

        return $at === false ? $otherwise : $known[$at];
    }
}
