<?php

declare(strict_types=1);

namespace IronLatch\Board;

use IronLatch\Core\Catalogue\Carrier;
use IronLatch\Core\Catalogue\Catalogue;
use IronLatch\Core\Catalogue\PinReading;
use IronLatch\Core\Exchange\PinTable;
use IronLatch\Core\Exchange\PinTableRow;

/** Which controller a pin table speaks of: the one whose carrier leads out most of the pins that it names. */
final readonly class CarrierOfPins
{
    public function __construct(private Catalogue $catalogue, private UsualStart $start) {}

    /**
     * @return array<string, int> how many of the rows name a pin that is there, by carrier; most first, the usual one before its equals
     * @throws \InvalidArgumentException when the text cannot be read at all
     */
    public function known(string $text): array
    {
        $known = [];
        foreach ([UsualStart::CARRIER, ...array_keys($this->catalogue->parts(Carrier::class))] as $id) {
            $controller = $this->start->board('Pins', $id)->controller();
            $known[$id] ??= count(array_filter(
                PinTable::read($text, $controller),
                static fn(PinTableRow $row): bool => $row->isKindKnown && self::bears($row->reading),
            ));
        }
        arsort($known);

        return $known;
    }

    /** Whether a pin that is free to use bears this very name: in print, or as the chip calls it. */
    private static function bears(?PinReading $reading): bool
    {
        $pin = $reading?->best();

        return null !== $reading && null !== $pin && null === $pin->chip->reserved
            && (null !== $reading->asLabel || 0 === strcasecmp($reading->written, $pin->name()));
    }
}
