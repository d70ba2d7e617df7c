<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Power;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\EditRefused;
use IronLatch\Core\Board\Edit\Nature;
use IronLatch\Core\Board\Edit\Place;
use IronLatch\Core\Board\Edit\Question;
use IronLatch\Core\Board\Edit\Says;
use IronLatch\Core\Board\Edit\Targets;
use IronLatch\Core\Record\Fact;

/** States whether the ground of a rail is joined to the controller’s. */
#[Says(Nature::Choice)]
final readonly class StateGround implements Edit
{
    public function __construct(
        public string $rail,
        #[Place('groundJoined')]
        #[Question('Its ground', yes: 'joined to the controller’s', no: 'kept apart')]
        public bool $joined,
    ) {}

    public function apply(Board $board): Board
    {
        $rail = Targets::rail($board, $this->rail);
        if (!$this->joined && null === $board->source($this->rail)) {
            throw new EditRefused(sprintf(
                'The rail %s has its ground through what feeds it. Only a source of its own can be kept apart.',
                $rail->name,
            ));
        }
        if (!$this->joined && $board->mcu->rail === $this->rail) {
            throw new EditRefused('The controller’s own rail is its ground. State it of the other rail.');
        }

        return $board->with(rails: [...$board->rails, $this->rail => $rail->with(groundJoined: Fact::stated($this->joined))]);
    }

    public function summary(Board $board): string
    {
        return sprintf(
            $this->joined ? 'Join the ground of the rail %s to the controller’s' : 'Keep the ground of the rail %s apart',
            $board->nameOf($this->rail),
        );
    }
}
