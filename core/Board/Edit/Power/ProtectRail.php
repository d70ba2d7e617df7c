<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Power;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\EditRefused;
use IronLatch\Core\Board\Edit\Targets;
use IronLatch\Core\Catalogue\Protection;

/** Puts a fuse, a diode or a surge clamp between a source and its rail. */
final readonly class ProtectRail implements Edit
{
    public function __construct(
        public string $rail,
        public Protection $protection,
    ) {}

    public function apply(Board $board): Board
    {
        $rail = Targets::rail($board, $this->rail);
        if (count($rail->protection) >= 4) {
            throw new EditRefused(sprintf('Four parts protect the rail %s already. Take one away first.', $rail->name));
        }
        $board = $board->withPart($this->protection);

        return $board->with(rails: [
            ...$board->rails,
            $this->rail => $rail->with(protection: [...$rail->protection, $this->protection->identity->id]),
        ]);
    }

    public function summary(Board $board): string
    {
        return sprintf('Protect the rail %s by %s', $board->nameOf($this->rail), $this->protection->identity->name);
    }
}
