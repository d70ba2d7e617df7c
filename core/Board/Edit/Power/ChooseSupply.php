<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Power;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\EditRefused;
use IronLatch\Core\Board\Edit\LostFacts;
use IronLatch\Core\Board\Edit\Targets;
use IronLatch\Core\Catalogue\Supply;

/** Feeds a rail from another supply. */
final readonly class ChooseSupply implements Edit
{
    public function __construct(
        public string $rail,
        public Supply $supply,
        public bool $throughUsb = false,
    ) {}

    public function apply(Board $board): Board
    {
        $rail = Targets::rail($board, $this->rail);
        if ($this->throughUsb && (null === $board->controller()->carrier->usb || !$this->supply->form->hasUsbPlug())) {
            throw new EditRefused(
                'Only a source with a USB plug goes into the socket of a carrier that has one. Choose a charger, a USB port or a power '
                    . 'bank.',
            );
        }
        $board = $board->withPart($this->supply);

        return $board->with(rails: [
            ...$board->rails,
            $this->rail => $rail->fedBy($this->supply->identity->id, null, $this->throughUsb, null !== $this->supply->jack),
        ]);
    }

    public function summary(Board $board): string
    {
        return LostFacts::after(
            sprintf(
                $this->throughUsb ? 'Feed the rail %s from %s through the carrier’s USB socket' : 'Feed the rail %s from %s',
                $board->nameOf($this->rail),
                $this->supply->identity->name,
            ),
            $board,
            $this,
        );
    }
}
