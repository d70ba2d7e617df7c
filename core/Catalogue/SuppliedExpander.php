<?php

declare(strict_types=1);

namespace IronLatch\Core\Catalogue;

use IronLatch\Core\Quantity\Spread;

/** An expander as it stands on a board, on its supply. */
final readonly class SuppliedExpander
{
    /**
     * @param Spread $supply volts
     * @param bool $heldOff its outputs are kept off until the program lets them go
     */
    public function __construct(public Expander $part, public Spread $supply, public bool $heldOff) {}

    /**
     * @return array<string, Pin> by name, “X1.P0”
     */
    public function pins(string $id): array
    {
        $silicon = new Silicon($this->part->identity, $this->part->electrics->suppliedBy($this->supply));
        $pins = [];
        foreach ($this->part->pins as $place => $chipPin) {
            $pin = $chipPin->onExpander($id, $this->heldOff);
            $pins[$pin->name] = new Pin($pin, new HeaderPin(HeaderSide::Left, $place + 1, $pin->name, $pin->name), $silicon, $id);
        }

        return $pins;
    }
}
