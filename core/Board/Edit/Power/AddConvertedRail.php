<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Power;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\Targets;
use IronLatch\Core\Board\Ids;
use IronLatch\Core\Board\Rail;
use IronLatch\Core\Catalogue\Converter;

/** Adds a rail behind a converter on another rail. */
final readonly class AddConvertedRail implements Edit
{
    public function __construct(
        public string $name,
        public Converter $converter,
        public string $from,
    ) {}

    public function apply(Board $board): Board
    {
        Targets::requireName($this->name);
        Targets::rail($board, $this->from);
        $ids = new Ids($board);
        $board = $board->withPart($this->converter);

        return $board->with(
            rails: [...$board->rails, $ids->next('R') => new Rail($this->name, $this->converter->identity->id, $this->from)],
            lastIds: $ids->last(),
        );
    }

    public function summary(Board $board): string
    {
        return sprintf('Add the rail %s behind %s on %s', $this->name, $this->converter->identity->name, $board->nameOf($this->from));
    }
}
