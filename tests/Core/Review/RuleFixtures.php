<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleBook;
use IronLatch\Core\Review\Severity;

/** The planted faults of all rules, in the order of the rule book. */
final class RuleFixtures
{
    /**
     * @return iterable<string, array{rule: string, subject: string, kind: Severity, figure: string, fault: Board, twin: Board}>
     */
    public static function all(): iterable
    {
        foreach (self::planted() as $name => $planted) {
            yield $name => [
                'rule' => $planted->rule,
                'subject' => $planted->subject,
                'kind' => $planted->kind,
                'figure' => $planted->figure,
                'fault' => $planted->fault,
                'twin' => $planted->twin,
            ];
        }
    }

    /**
     * @return iterable<string, Planted>
     */
    public static function planted(): iterable
    {
        foreach (RuleBook::rules() as $rule) {
            $faults = self::of($rule);
            yield from $faults::all();
        }
    }

    /**
     * @return class-string<PlantedFaults>
     */
    private static function of(Rule $rule): string
    {
        $class = str_replace('IronLatch\\Core\\', 'IronLatch\\Tests\\Core\\', $rule::class) . 'Faults';

        return is_a($class, PlantedFaults::class, true)
            ? $class
            : throw new \LogicException("No planted fault for {$rule->facts()->id}: write $class.");
    }
}
