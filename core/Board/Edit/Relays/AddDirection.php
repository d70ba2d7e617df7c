<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Relays;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\EditRefused;
use IronLatch\Core\Board\Edit\Functions\AddGroup;
use IronLatch\Core\Board\Edit\Functions\RenameFunction;
use IronLatch\Core\Board\Edit\Targets;
use IronLatch\Core\Board\GroupKind;

/** Gives a line with one relay a second one for the other direction of its motor, and keeps the two apart. */
final readonly class AddDirection implements Edit
{
    public function __construct(
        public string $line,
    ) {}

    public function apply(Board $board): Board
    {
        $line = Targets::line($board, $this->line);
        if (1 !== count($line->actuators) || null !== $line->twoWay) {
            throw new EditRefused(sprintf(
                'Only a line with one relay of its own takes a second direction. “%s” %s.',
                $line->name,
                null === $line->twoWay ? 'has ' . count($line->actuators) : 'is in a two-way circuit',
            ));
        }
        $first = $line->actuators[array_key_first($line->actuators)]->function;
        $board = (new AddRelay($this->line))->apply($board);
        $second = (string) array_key_last($board->functions);
        foreach ([[$first, 'one way'], [$second, 'other way']] as [$function, $way]) {
            $board = (new RenameFunction($function, sprintf('%s %s', $line->name, $way)))->apply($board);
        }

        return (new AddGroup(GroupKind::Directions, $line->name . ' directions', [$first, $second]))->apply($board);
    }

    public function summary(Board $board): string
    {
        return sprintf('Let “%s” run the other way too', $board->nameOf($this->line));
    }
}
