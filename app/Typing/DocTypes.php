<?php

declare(strict_types=1);

namespace App\Typing;

use PHPStan\PhpDocParser\Ast\ConstExpr\ConstExprStringNode;
use PHPStan\PhpDocParser\Ast\PhpDoc\PhpDocNode;
use PHPStan\PhpDocParser\Ast\PhpDoc\PhpDocTextNode;
use PHPStan\PhpDocParser\Ast\Type\ConstTypeNode;
use PHPStan\PhpDocParser\Ast\Type\GenericTypeNode;
use PHPStan\PhpDocParser\Ast\Type\IdentifierTypeNode;
use PHPStan\PhpDocParser\Ast\Type\NullableTypeNode;
use PHPStan\PhpDocParser\Ast\Type\TypeNode;
use PHPStan\PhpDocParser\Ast\Type\UnionTypeNode;
use PHPStan\PhpDocParser\Lexer\Lexer;
use PHPStan\PhpDocParser\Parser\ConstExprParser;
use PHPStan\PhpDocParser\Parser\PhpDocParser;
use PHPStan\PhpDocParser\Parser\TokenIterator;
use PHPStan\PhpDocParser\Parser\TypeParser;
use PHPStan\PhpDocParser\ParserConfig;
use ReflectionClass;

/** PHP doc types said in TypeScript. */
final readonly class DocTypes
{
    /**
     * @param  ReflectionClass<object>  $class
     * @return array<string, string> TypeScript type by constructor parameter
     */
    public function parameters(ReflectionClass $class): array
    {
        $types = [];
        foreach ($this->parse($class->getConstructor()?->getDocComment() ?: '')->getParamTagValues() as $tag) {
            $types[ltrim($tag->parameterName, '$')] = $this->said($tag->type);
        }

        return $types;
    }

    /** @param  ReflectionClass<object>  $class */
    public function summary(ReflectionClass $class): string
    {
        foreach ($this->parse($class->getDocComment() ?: '')->children as $child) {
            if ($child instanceof PhpDocTextNode) {
                return trim($child->text);
            }
        }

        return $class->getShortName();
    }

    public function scalar(string $name): string
    {
        return match ($name) {
            'int', 'float' => 'number',
            'bool' => 'boolean',
            'mixed' => 'unknown',
            default => $name,
        };
    }

    private function said(TypeNode $type): string
    {
        return match (true) {
            $type instanceof NullableTypeNode => $this->said($type->type).' | null',
            $type instanceof UnionTypeNode => implode(' | ', array_map($this->said(...), $type->types)),
            $type instanceof ConstTypeNode && $type->constExpr instanceof ConstExprStringNode => "'{$type->constExpr->value}'",
            $type instanceof GenericTypeNode && (string) $type->type === 'list' => $this->list($this->said($type->genericTypes[0])),
            $type instanceof GenericTypeNode && (string) $type->type === 'array' => 'Record<string, '.$this->said($type->genericTypes[1]).'>',
            $type instanceof IdentifierTypeNode => $this->scalar((string) $type),
            default => 'unknown',
        };
    }

    private function list(string $of): string
    {
        return str_contains($of, '|') ? "($of)[]" : "{$of}[]";
    }

    private function parse(string $doc): PhpDocNode
    {
        $config = new ParserConfig([]);
        $constants = new ConstExprParser($config);
        $parser = new PhpDocParser($config, new TypeParser($config, $constants), $constants);

        return $parser->parse(new TokenIterator((new Lexer($config))->tokenize($doc === '' ? '/** */' : $doc)));
    }
}
