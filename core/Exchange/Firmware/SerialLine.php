<?php

declare(strict_types=1);

namespace IronLatch\Core\Exchange\Firmware;

use IronLatch\Core\Board\FunctionKind;
use IronLatch\Core\Board\LinkKind;
use IronLatch\Core\Catalogue\Addressing;
use IronLatch\Core\Catalogue\BusSignal;
use IronLatch\Core\Catalogue\Pin;
use IronLatch\Core\Catalogue\ReservedFor;
use IronLatch\Core\Review\Inspection;

/** The serial line of a program: that of a serial radio, else the console; never on a pin that something else sits on. */
final readonly class SerialLine
{
    /**
     * @param ?string $channel that comes by it
     * @param string $object what a sketch calls it
     * @param string $begins how it begins there
     * @param list<string> $taken names of the functions that sit where the console would speak
     */
    private function __construct(
        public ?string $channel,
        public bool $hears,
        public bool $says,
        public string $object,
        public string $begins,
        public array $taken,
    ) {}

    public static function of(Inspection $inspection): self
    {
        $chip = SketchChip::of($inspection);
        $taken = self::taken($inspection);
        $channel = self::channel($inspection);
        if (null === $chip) {
            return new self(
                $channel,
                !isset($taken[BusSignal::UartReceive->value]),
                !isset($taken[BusSignal::UartTransmit->value]),
                '',
                '',
                array_values($taken),
            );
        }
        $receives = self::pin($inspection, FunctionKind::UartReceive);
        $sends = self::pin($inspection, FunctionKind::UartTransmit);
        $line = null === $channel || null === $receives && null === $sends ? null : $chip->line($receives, $sends);
        if (null !== $line) {
            return new self($channel, null !== $receives, null !== $sends, $line[0], $line[1], array_values($taken));
        }
        $isFree = [] === $taken;

        $begins = $isFree ? 'Serial.begin(latch::board::SERIAL_RATE)' : '(void)0';

        return new self(null, $isFree, $isFree, 'Serial', $begins, array_values($taken));
    }

    /** The first that is joined to the controller by pins. */
    private static function channel(Inspection $inspection): ?string
    {
        foreach ($inspection->controls->routes as $id => $route) {
            $hop = $route->hops[0];
            $isText = Addressing::Command === $hop->profile->addressing;
            if ($isText && null === $hop->channel->via && LinkKind::Inside !== $hop->channel->link) {
                return $id;
            }
        }

        return null;
    }

    private static function pin(Inspection $inspection, FunctionKind $kind): ?Pin
    {
        foreach ($inspection->board->functions as $id => $function) {
            if ($kind === $function->kind && isset($inspection->seating->pins[$id])) {
                return $inspection->seating->pins[$id];
            }
        }

        return null;
    }

    /**
     * @return array<string, string> names of functions by the signal of the console whose pin they sit on
     */
    private static function taken(Inspection $inspection): array
    {
        $taken = [];
        foreach ($inspection->seating->pins as $id => $pin) {
            $isOfLine = in_array($inspection->board->functions[$id]->kind, [FunctionKind::UartReceive, FunctionKind::UartTransmit], true);
            if (ReservedFor::Console !== $pin->chip->reserved || $isOfLine) {
                continue;
            }
            $isReceiving = [] !== $pin->chip->unitsAs(BusSignal::UartReceive);
            $taken[($isReceiving ? BusSignal::UartReceive : BusSignal::UartTransmit)->value] = $inspection->board->nameOf($id);
        }

        return $taken;
    }

    /** What somebody who waits for its words has to know; empty where it speaks. */
    public function words(): string
    {
        return $this->says ? '' : sprintf(
            'The serial line says nothing, and the trial of the wiring cannot be followed there: %s.',
            [] === $this->taken ? 'its module only sends' : sprintf('“%s” sits on its pins', implode('” and “', $this->taken)),
        );
    }
}
