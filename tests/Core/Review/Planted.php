<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\Sequence;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Support\TestBoards;

/** A planted fault with all that must be said of it, and its nearest sound twin, of which the rule must stay silent. */
final readonly class Planted
{
    /**
     * @param string $figure how far from the limit, as the finding prints it; empty where there is none
     * @param string $says the statement, word for word: it is read by people who wire mains
     * @param list<string> $proposes titles of the remedies, in their order
     */
    private function __construct(
        public string $rule,
        public string $subject,
        public Severity $kind,
        public string $figure,
        public Board $fault,
        public Board $twin,
        public string $says,
        public array $proposes,
    ) {}

    /**
     * @param Edit $fault leads from the start to the fault, as $twin does to its twin
     * @param list<string> $proposes
     */
    public static function in(
        string $rule,
        string $subject,
        Severity $kind,
        string $figure,
        Edit $fault,
        Edit $twin,
        ?Board $start = null,
        string $says = '',
        array $proposes = [],
    ): self {
        $start ??= TestBoards::sound();

        return new self($rule, $subject, $kind, $figure, $fault->apply($start), $twin->apply($start), $says, $proposes);
    }

    public static function both(Edit ...$edits): Edit
    {
        return new Sequence('both', array_values($edits));
    }
}
