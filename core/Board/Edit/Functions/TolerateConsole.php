<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Functions;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\Nature;
use IronLatch\Core\Board\Edit\Says;
use IronLatch\Core\Board\Edit\Targets;

/** States that boot chatter does no harm to a function and that programs are loaded by other means. */
#[Says(Nature::Intention)]
final readonly class TolerateConsole implements Edit
{
    public function __construct(
        public string $function,
        public bool $tolerates,
    ) {}

    public function apply(Board $board): Board
    {
        $function = Targets::function($board, $this->function);

        return $board->with(functions: [...$board->functions, $this->function => $function->with(toleratesConsole: $this->tolerates)]);
    }

    public function summary(Board $board): string
    {
        return sprintf(
            'State that “%s” %s the console',
            $board->nameOf($this->function),
            $this->tolerates ? 'tolerates' : 'does not tolerate',
        );
    }
}
