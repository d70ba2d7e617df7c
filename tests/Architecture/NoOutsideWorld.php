<?php

declare(strict_types=1);

namespace IronLatch\Tests\Architecture;

use PhpParser\Node;
use PhpParser\Node\Expr\FuncCall;
use PhpParser\Node\Name;
use PHPStan\Analyser\Scope;
use PHPStan\Rules\Rule;
use PHPStan\Rules\RuleErrorBuilder;

/**
 * The core computes: it reads no clock, no file, no environment, and rolls no dice.
 *
 * @implements Rule<FuncCall>
 */
final class NoOutsideWorld implements Rule
{
    private const FORBIDDEN = '/^(time|microtime|hrtime|date|mktime|strtotime|getenv|putenv|rand|mt_rand|random_.*|uniqid|shuffle|'
        . 'array_rand|file.*|fopen|fwrite|readfile|glob|scandir|mkdir|unlink|rename|'
        . 'exec|shell_exec|proc_open|system|curl_.*|header|error_log|sleep|usleep|is_file|is_dir)$/';

    public function getNodeType(): string
    {
        return FuncCall::class;
    }

    public function processNode(Node $node, Scope $scope): array
    {
        if (!str_starts_with((string) $scope->getNamespace(), 'IronLatch\Core') || !$node->name instanceof Name) {
            return [];
        }
        $name = $node->name->toLowerString();

        return 1 === preg_match(self::FORBIDDEN, $name)
            ? [RuleErrorBuilder::message(sprintf('The core must not call %s().', $name))->identifier('ironLatch.outsideWorld')->build()]
            : [];
    }
}
