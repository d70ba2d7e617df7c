<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Wiring;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\EditRefused;
use IronLatch\Core\Board\Edit\Targets;
use IronLatch\Core\Record\Copy;

/** Chooses which side of a contact is fed: its COM, as is usual, or the other. */
final readonly class FeedContact implements Edit
{
    /**
     * @param bool $atCom false where NO or NC is fed, and COM leads to the appliance
     */
    public function __construct(public string $actuator, public bool $atCom = true) {}

    public function apply(Board $board): Board
    {
        if (null === Targets::actuator($board, $this->actuator)->relay) {
            throw new EditRefused(sprintf('“%s” has no contact.', $board->nameOf($this->actuator)));
        }
        if (!$this->atCom && $board->needsCom($this->actuator)) {
            throw new EditRefused(sprintf(
                '“%s” keeps others off by its contact, or is one end of a two-way circuit: only its COM can be fed.',
                $board->nameOf($this->actuator),
            ));
        }
        $facts = $board->wiring;
        $fed = array_values(array_diff($facts->fedAtContact, [$this->actuator]));
        if (!$this->atCom) {
            $fed[] = $this->actuator;
            natsort($fed);
        }

        return $board->with(wiring: Copy::of($facts, ['fedAtContact' => array_values($fed)]));
    }

    public function summary(Board $board): string
    {
        return sprintf('Feed the contact of “%s” at %s', $board->nameOf($this->actuator), $this->atCom ? 'COM' : 'its other side');
    }
}
