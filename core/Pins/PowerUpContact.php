<?php

declare(strict_types=1);

namespace IronLatch\Core\Pins;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Catalogue\Level;
use IronLatch\Core\Catalogue\Pin;
use IronLatch\Core\Catalogue\Strap;

/** A contact whose position at power-up decides how the controller starts. */
final readonly class PowerUpContact
{
    private function __construct(public string $function, public Pin $pin, public Strap $strap) {}

    /**
     * @return list<self> contacts that hold a strap when they are closed as power returns
     */
    public static function all(Board $board, Seating $seating): array
    {
        $found = [];
        foreach ($seating->pins as $function => $pin) {
            if ($board->functions[$function]->kind->isContact() && null !== $pin->chip->strap && Level::High === $pin->chip->strap->needs) {
                $found[] = new self($function, $pin, $pin->chip->strap);
            }
        }

        return $found;
    }
}
