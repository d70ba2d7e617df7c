<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Controller;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\EditRefused;
use IronLatch\Core\Board\Edit\LostFacts;
use IronLatch\Core\Board\Edit\Targets;
use IronLatch\Core\Board\FittedExpander;
use IronLatch\Core\Board\Seat;
use IronLatch\Core\Catalogue\ChipPin;
use IronLatch\Core\Catalogue\Expander;

/** Fits another expander in the place of one; what sits on it keeps its turn among the pins. */
final readonly class ReplaceExpander implements Edit
{
    public function __construct(
        public string $expander,
        public Expander $by,
    ) {}

    public function apply(Board $board): Board
    {
        $fitted = Targets::expander($board, $this->expander);
        $old = $board->expander($fitted);
        if ($old->kind->isOnI2c() !== $this->by->kind->isOnI2c()) {
            throw new EditRefused('The two hang on different kinds of bus. Remove the one and fit the other.');
        }
        $names = static fn(Expander $part): array => array_map(static fn(ChipPin $pin): string => $pin->name, $part->pins);
        $turn = array_flip($names($old));
        $new = $names($this->by);
        $seats = [];
        foreach ($board->seats as $function => $seat) {
            [$of, $pin] = [...explode('.', $seat->pin, 2), ''];
            if ($of !== $this->expander) {
                $seats[$function] = $seat;
            } elseif (isset($new[$turn[$pin]])) {
                $seats[$function] = new Seat($this->expander . '.' . $new[$turn[$pin]], $seat->locked);
            }
        }
        $address = $this->by->kind->isOnI2c() && !$this->by->hasAddress($fitted->address) ? $this->by->firstAddress : $fitted->address;
        $name = explode(',', $this->by->identity->name)[0] . ' ' . $this->expander;

        return $board->withPart($this->by)->with(
            expanders: [
                ...$board->expanders,
                $this->expander => new FittedExpander(
                    $name,
                    $this->by->identity->id,
                    $fitted->bus,
                    $address,
                    $fitted->rail,
                    $fitted->heldOff,
                ),
            ],
            seats: $seats,
            frozenSeats: array_intersect_key($board->frozenSeats, $seats),
        );
    }

    public function summary(Board $board): string
    {
        return LostFacts::after(
            sprintf('Use the %s for “%s”', $this->by->identity->name, $board->nameOf($this->expander)),
            $board,
            $this,
        );
    }
}
