<?php

declare(strict_types=1);

namespace IronLatch\Core\Brief;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;

/** A complete board worked out from a brief, not yet taken. */
final readonly class Draft
{
    /**
     * @param list<Edit> $edits that made it of an empty board
     */
    public function __construct(
        public Choices $choices,
        public Board $board,
        public DraftFigures $figures,
        public array $edits,
    ) {}

    /** One line for the list of revisions: what was decided for the maker. */
    public function summary(): string
    {
        $line = sprintf('Drafted from the brief: %s; %s', $this->choices->words(), implode('; ', $this->figures->decided));

        return mb_strlen($line) > 480 ? mb_substr($line, 0, 478) . ' …' : $line;
    }
}
