<?php

declare(strict_types=1);

namespace Geodex\Core\JobFile;

use Opis\JsonSchema\Errors\ValidationError;
use Opis\JsonSchema\Helper;
use Opis\JsonSchema\Validator;

/** Holds a document against docs/job-file.schema.json and says what differs, in words. */
final readonly class SchemaChecker
{
    private const SCHEMA = __DIR__.'/../../../docs/job-file.schema.json';

    private const MAX_PROBLEMS = 60;

    /**
     * @param  mixed  $document  decoded with objects, or an array whose empty parts are lists
     * @return list<Problem>
     */
    public function check(mixed $document): array
    {
        $validator = new Validator;
        $validator->setMaxErrors(self::MAX_PROBLEMS);
        $validator->setStopAtFirstError(false);
        $result = $validator->validate(is_object($document) ? $document : Helper::toJSON($document), (string) file_get_contents(self::SCHEMA));
        $error = $result->error();

        return $error === null ? [] : $this->leaves($error);
    }

    /** @return list<Problem> */
    private function leaves(ValidationError $error): array
    {
        if ($error->subErrors() === []) {
            return $error->keyword() === 'additionalProperties' && $this->unknownKeys($error) === [] ? [] : [new Problem($this->path($error), $this->sentence($error))];
        }
        $problems = [];
        /** @var ValidationError $inner */
        foreach ($error->subErrors() as $inner) {
            array_push($problems, ...$this->leaves($inner));
        }

        return $problems;
    }

    private function path(ValidationError $error): string
    {
        $path = '';
        foreach ($error->data()->fullPath() as $step) {
            $path .= is_int($step) ? "[$step]" : ($path === '' ? $step : ".$step");
        }

        return $path;
    }

    private function sentence(ValidationError $error): string
    {
        $args = $error->args();
        $text = fn (string $key): string => is_scalar($args[$key] ?? null) ? (string) $args[$key] : '';
        /** @return list<mixed> */
        $list = fn (string $key): array => array_values((array) ($args[$key] ?? []));

        return match ($error->keyword()) {
            'additionalProperties' => 'unknown '.(count($this->unknownKeys($error)) > 1 ? 'keys ' : 'key ').implode(', ', array_map($this->said(...), $this->unknownKeys($error))).'; check the spelling.',
            'required' => 'missing '.implode(', ', array_map($this->said(...), $list('missing'))).'.',
            'enum' => 'is '.$this->said($error->data()->value()).'; expected one of '.implode(', ', array_map($this->said(...), $this->allowed($error))).'.',
            'const' => 'is '.$this->said($error->data()->value()).'; expected '.$this->said($args['const']).'.',
            'type' => 'expected '.implode(' or ', array_filter($list('expected'), is_string(...))).", found {$text('type')}.",
            'pattern' => 'is '.$this->said($error->data()->value()).'; expected letters, digits, dots, dashes or underscores, at most 40.',
            'minItems' => "expected at least {$text('min')} entries.",
            'maxItems' => "expected at most {$text('max')} entries.",
            'minLength' => 'must not be empty.',
            'maxLength' => "is longer than {$text('max')} characters.",
            default => $error->message(),
        };
    }

    /**
     * The validator also counts a known key as additional when its value is wrong; that is said already.
     *
     * @return list<string>
     */
    private function unknownKeys(ValidationError $error): array
    {
        $schema = $error->schema()->info()->data();
        $known = is_object($schema) && isset($schema->properties) ? array_keys((array) $schema->properties) : [];

        $found = $error->args()['properties'] ?? [];

        return array_values(array_diff(array_filter(is_array($found) ? $found : [], is_string(...)), $known));
    }

    /** @return list<mixed> */
    private function allowed(ValidationError $error): array
    {
        $schema = $error->schema()->info()->data();

        return is_object($schema) && isset($schema->enum) ? array_values((array) $schema->enum) : [];
    }

    private function said(mixed $value): string
    {
        return mb_strimwidth((string) json_encode($value, JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES), 0, 60, '…');
    }
}
