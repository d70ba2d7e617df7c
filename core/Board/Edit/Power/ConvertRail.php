<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Power;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\LostFacts;
use IronLatch\Core\Board\Edit\Targets;
use IronLatch\Core\Catalogue\Converter;

/** Feeds a rail from a converter on another rail. */
final readonly class ConvertRail implements Edit
{
    public function __construct(
        public string $rail,
        public Converter $converter,
        public string $from,
    ) {}

    public function apply(Board $board): Board
    {
        $rail = Targets::rail($board, $this->rail);
        Targets::rail($board, $this->from);
        Targets::requireNoLoop($board, $this->rail, $this->from);
        $board = $board->withPart($this->converter);

        return $board->with(rails: [
            ...$board->rails,
            $this->rail => $rail->fedBy($this->converter->identity->id, $this->from, isConverter: true),
        ]);
    }

    public function summary(Board $board): string
    {
        return LostFacts::after(
            sprintf(
                'Feed the rail %s from %s on %s',
                $board->nameOf($this->rail),
                $this->converter->identity->name,
                $board->nameOf($this->from),
            ),
            $board,
            $this,
        );
    }
}
