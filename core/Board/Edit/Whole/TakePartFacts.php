<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Whole;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\EditRefused;
use IronLatch\Core\Board\PartsInUse;
use IronLatch\Core\Catalogue\Part;

/** Takes other facts of a part that the board uses, in place of those that came with it. */
final readonly class TakePartFacts implements Edit
{
    public function __construct(public Part $part) {}

    public function apply(Board $board): Board
    {
        $identity = $this->part->identity();
        if (!isset(PartsInUse::of($board)[$identity->id])) {
            throw new EditRefused(sprintf('The board uses no part “%s”. Look at the newest revision.', $identity->name));
        }

        return $board->withPart($this->part);
    }

    public function summary(Board $board): string
    {
        return sprintf('Take the catalogue’s facts of %s', $this->part->identity()->name);
    }
}
