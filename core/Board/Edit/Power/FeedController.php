<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Power;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\EditRefused;
use IronLatch\Core\Board\Edit\Targets;
use IronLatch\Core\Catalogue\Carrier;

/** Feeds the controller's carrier from a rail. */
final readonly class FeedController implements Edit
{
    public function __construct(
        public string $rail,
    ) {}

    public function apply(Board $board): Board
    {
        $rail = Targets::rail($board, $this->rail);
        for ($at = $this->rail; null !== $at; $at = $board->rails[$at]->from) {
            if ($board->feeder($at) instanceof Carrier) {
                throw new EditRefused(sprintf(
                    'The rail %s comes from the carrier itself. Feed the controller from another rail.',
                    $rail->name,
                ));
            }
        }

        return $board->with(mcu: $board->mcu->with(rail: $this->rail));
    }

    public function summary(Board $board): string
    {
        return sprintf('Feed the controller from the rail %s', $board->nameOf($this->rail));
    }
}
