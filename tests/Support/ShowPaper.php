<?php

declare(strict_types=1);

namespace IronLatch\Tests\Support;

use IronLatch\Core\Bench\Show\Demonstrations;
use IronLatch\Core\Bench\Show\Unshown;
use IronLatch\Core\Review\RuleBook;

/** docs/show-me.md: which rules the bench shows, by which class, and why it does not show the others. */
final class ShowPaper
{
    public static function text(): string
    {
        $titles = [];
        foreach (RuleBook::rules() as $rule) {
            $titles[$rule->facts()->id] = $rule->facts()->title;
        }
        $row = static fn(string $id): string => sprintf("- `%s` %s\n", $id, $titles[$id]);
        $text = "# Show me\n\nWritten by `composer written` from `core/Bench/Show`.\n\n## What the bench shows\n";
        foreach (Demonstrations::all() as $one) {
            $text .= sprintf("\n`%s`\n\n", (new \ReflectionClass($one))->getShortName())
                . implode('', array_map($row, $one::rules()));
        }
        $text .= "\n## What it does not show, and why\n";
        foreach (Unshown::cases() as $why) {
            $own = array_filter(array_keys($titles), static fn(string $id): bool => Unshown::why($id) === $why);
            $text .= sprintf("\n%s\n\n", $why->value) . implode('', array_map($row, $own));
        }

        return $text;
    }
}
