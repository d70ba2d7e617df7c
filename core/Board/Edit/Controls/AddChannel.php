<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Controls;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Channel;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\Targets;
use IronLatch\Core\Board\Ids;
use IronLatch\Core\Catalogue\SurfaceProfile;

/** Adds a way to operate lines from afar. */
final readonly class AddChannel implements Edit
{
    public function __construct(
        public SurfaceProfile $profile,
        public string $name,
        public string $root = '',
    ) {}

    public function apply(Board $board): Board
    {
        Targets::requireName($this->name);
        $ids = new Ids($board);

        return $board->withPart($this->profile)->with(
            channels: [...$board->channels, $ids->next('C') => new Channel($this->profile->identity->id, $this->name, $this->root)],
            lastIds: $ids->last(),
        );
    }

    public function summary(Board $board): string
    {
        return sprintf('Add the channel “%s”', $this->name);
    }
}
