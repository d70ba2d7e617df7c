<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Pins;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\EditRefused;
use IronLatch\Core\Board\Edit\Targets;
use IronLatch\Core\Board\Seat;
use IronLatch\Core\Record\MapOf;

/** Seats many functions at once; those that are locked stay where they are. */
final readonly class SeatFunctions implements Edit
{
    /**
     * @param array<string, string> $pins the chip’s name of the pin, by function
     */
    public function __construct(
        public string $title,
        #[MapOf('string', '^F[1-9][0-9]{0,5}$')]
        public array $pins,
    ) {}

    public function apply(Board $board): Board
    {
        // What is not named must leave a pin that another is to have, or two would sit on it.
        $seats = array_filter(
            $board->seats,
            fn(Seat $seat, string $function): bool => $seat->locked
                || isset($this->pins[$function])
                || !in_array($seat->pin, $this->pins, true),
            ARRAY_FILTER_USE_BOTH,
        );
        foreach ($this->pins as $function => $pin) {
            Targets::function($board, $function);
            $seat = $seats[$function] ?? null;
            if ($pin === $seat?->pin) {
                continue;
            }
            if (true === $seat?->locked) {
                throw new EditRefused(sprintf(
                    '“%s” is locked on %s. Unlock it before you move it.',
                    $board->nameOf($function),
                    $seat->pin,
                ));
            }
            if (!isset($board->controller()->pins[$pin])) {
                throw new EditRefused(sprintf('There is no pin %s on this board any more. Seat all again.', $pin));
            }
            $seats[$function] = new Seat($pin);
        }

        return $board->with(seats: $seats);
    }

    public function summary(Board $board): string
    {
        return '' === trim($this->title) ? sprintf('Seat %d functions', count($this->pins)) : $this->title;
    }
}
