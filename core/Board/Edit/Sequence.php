<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Record\ListOf;

/** Several edits made as one. */
final readonly class Sequence implements Edit
{
    /**
     * @param list<Edit> $edits
     */
    public function __construct(
        public string $title,
        #[ListOf(Edit::class)]
        public array $edits,
    ) {}

    public function apply(Board $board): Board
    {
        foreach ($this->edits as $edit) {
            $board = $edit->apply($board);
        }

        return $board;
    }

    public function summary(Board $board): string
    {
        return '' === trim($this->title) ? implode(
            ', ',
            array_map(static fn(Edit $edit): string => $edit->summary($board), $this->edits),
        ) : $this->title;
    }
}
