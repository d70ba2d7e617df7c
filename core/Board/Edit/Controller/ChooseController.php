<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Controller;

use IronLatch\Core\Board\AttachedDevice;
use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\EditRefused;
use IronLatch\Core\Board\Edit\LostFacts;
use IronLatch\Core\Board\McuFacts;
use IronLatch\Core\Board\NewBoard;
use IronLatch\Core\Board\Seat;
use IronLatch\Core\Catalogue\Carrier;
use IronLatch\Core\Catalogue\Chip;
use IronLatch\Core\Catalogue\Controller;
use IronLatch\Core\Record\Copy;
use IronLatch\Core\Record\Knowledge;

/** Puts another controller on the board. Functions keep their seats where the new carrier has a pin of the same name. */
final readonly class ChooseController implements Edit
{
    public function __construct(
        public Carrier $carrier,
        public Chip $chip,
    ) {}

    public function apply(Board $board): Board
    {
        if ($this->carrier->chip !== $this->chip->identity->id) {
            throw new EditRefused('This carrier does not carry that chip. Choose the carrier again.');
        }
        $pins = (new Controller($this->carrier, $this->chip, $board->controller()->expanders))->pins;
        $seats = array_filter($board->seats, static fn(Seat $seat): bool => isset($pins[$seat->pin]));
        $parts = [...$board->parts, $this->carrier->identity->id => $this->carrier, $this->chip->identity->id => $this->chip];

        $rails = $board->rails;
        foreach ($board->rails as $id => $rail) {
            if ($rail->supply === $board->mcu->carrier && !$this->carrier->givesWhenFedAt($board->mcu->entry)) {
                throw new EditRefused(sprintf(
                    'The rail %s comes from the carrier’s own regulator, and the new carrier leads none out. Feed it from something '
                        . 'else first.',
                    $rail->name,
                ));
            }
            if ($rail->throughUsb && null === $this->carrier->usb) {
                throw new EditRefused(sprintf(
                    'The rail %s comes through the carrier’s USB socket, and the new carrier has none. Feed it from something else '
                        . 'first.',
                    $rail->name,
                ));
            }
            if ($rail->supply === $board->mcu->carrier) {
                $rails[$id] = $rail->fedBy($this->carrier->identity->id);
            }
        }
        $devices = array_map(
            static fn(AttachedDevice $device): AttachedDevice => null !== $device->pin && !isset($pins[$device->pin])
                ? Copy::of($device, ['pin' => null])
                : $device,
            $board->devices,
        );
        $entry = $this->carrier->entry($board->mcu->entry)->label === $board->mcu->entry ? $board->mcu->entry : '';

        // What was only assumed of the old controller's radio says nothing of the new one's; nor can a radio be used that is not there.
        $radio = Knowledge::Stated === $board->program->radioUsed->knowledge && $this->chip->radio
            ? $board->program->radioUsed
            : NewBoard::radioOf($this->chip);

        // What stands around a bare module, and what is inside a module, is said of that one module.
        $isSame = $this->carrier->identity->id === $board->mcu->carrier;
        $mcu = $board->mcu->with(entry: $entry);
        $program = $board->program->with(radioUsed: $radio);

        return $board->with(
            mcu: $isSame ? $mcu : new McuFacts($this->carrier->identity->id, $mcu->rail, $mcu->entry, false, $mcu->usbTogether),
            program: $isSame ? $program : Copy::of($program, ['driveRaised' => null]),
            seats: $seats,
            frozenSeats: array_intersect_key($board->frozenSeats, $seats),
            parts: $parts,
            rails: $rails,
            devices: $devices,
        );
    }

    public function summary(Board $board): string
    {
        return LostFacts::after(sprintf('Use the controller %s', $this->carrier->identity->name), $board, $this);
    }
}
