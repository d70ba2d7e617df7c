<?php

declare(strict_types=1);

namespace IronLatch\Storage;

use IronLatch\Core\Board\Board;
use IronLatch\Entity\BoardRecord;
use IronLatch\Entity\RevisionRecord;

/** A board read from the store at one of its revisions. */
final readonly class OpenBoard
{
    public function __construct(
        public BoardRecord $record,
        public RevisionRecord $revision,
        public Board $board,
        public bool $canRedo,
    ) {}
}
