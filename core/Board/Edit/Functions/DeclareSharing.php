<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Functions;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\Nature;
use IronLatch\Core\Board\Edit\Says;
use IronLatch\Core\Board\Edit\Targets;

/** States whether a function shares its pin with others on purpose. */
#[Says(Nature::Intention)]
final readonly class DeclareSharing implements Edit
{
    public function __construct(
        public string $function,
        public bool $shares,
    ) {}

    public function apply(Board $board): Board
    {
        return $board->with(functions: [
            ...$board->functions,
            $this->function => Targets::function($board, $this->function)->with(sharesPin: $this->shares),
        ]);
    }

    public function summary(Board $board): string
    {
        return sprintf(
            $this->shares ? 'State that “%s” shares its pin on purpose' : 'State that “%s” shares its pin with nothing',
            $board->nameOf($this->function),
        );
    }
}
