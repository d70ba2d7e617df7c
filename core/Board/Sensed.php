<?php

declare(strict_types=1);

namespace IronLatch\Core\Board;

/** What a sensor says of the world. */
enum Sensed: string
{
    case Temperature = 'temperature';
    case Humidity = 'humidity';
    case Light = 'light, in parts of its range';
    case Event = 'yes or no';

    /** By how much readings differ from one to the next with nothing changed, in °C or % (common practice, from memory). */
    public function noise(): float
    {
        return match ($this) {
            self::Temperature => 0.5,
            self::Humidity => 3.0,
            self::Light => 5.0,
            self::Event => 0.0,
        };
    }

    /** Whether a function can say it: a contact says yes or no, a wire that carries numbers all else. */
    public function suits(FunctionKind $kind): bool
    {
        $saysYesOrNo = $kind->isContact() || $kind->isActiveSensor() || FunctionKind::LeakProbe === $kind;

        return (self::Event === $this) === $saysYesOrNo || (self::Event === $this && $kind->isAnalogue());
    }
}
