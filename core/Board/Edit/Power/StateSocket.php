<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Power;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\EditRefused;
use IronLatch\Core\Board\Edit\Nature;
use IronLatch\Core\Board\Edit\Question;
use IronLatch\Core\Board\Edit\Says;
use IronLatch\Core\Board\Edit\Targets;
use IronLatch\Core\Catalogue\JackPolarity;

/** States the polarity of the round socket that a rail’s adapter is plugged into. */
#[Says(Nature::Choice)]
final readonly class StateSocket implements Edit
{
    public function __construct(
        public string $rail,
        #[Question('Its round socket is wired', help: 'Printed beside the socket and on the adapter.')]
        public JackPolarity $socket,
    ) {}

    public function apply(Board $board): Board
    {
        $rail = Targets::rail($board, $this->rail);
        if (null === $board->source($this->rail)?->jack) {
            throw new EditRefused(sprintf('The rail %s has no adapter with a round plug.', $rail->name));
        }

        return $board->with(rails: [...$board->rails, $this->rail => $rail->with(socket: $this->socket)]);
    }

    public function summary(Board $board): string
    {
        return sprintf('Wire the socket of the rail %s %s', $board->nameOf($this->rail), $this->socket->value);
    }
}
