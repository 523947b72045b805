<?php

declare(strict_types=1);

namespace Geodex\Core\Failure;

/** The common body of core failures: a code, a sentence, and the facts behind it. */
abstract class Refusal extends \DomainException implements CoreFailure
{
    /** @param  array<string, mixed>  $context */
    final protected function __construct(
        private readonly string $errorCode,
        string $sentence,
        private readonly array $context = [],
    ) {
        parent::__construct($sentence);
    }

    final public function errorCode(): string
    {
        return $this->errorCode;
    }

    final public function context(): array
    {
        return $this->context;
    }
}
