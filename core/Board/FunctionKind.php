<?php

declare(strict_types=1);

namespace IronLatch\Core\Board;

/** What a pin is wanted for. */
enum FunctionKind: string
{
    case RelayOutput = 'relay output';
    case MaintainedSwitch = 'maintained switch';
    case Button = 'push button';
    case InfraredReceiver = 'infrared receiver';
    case LeakProbe = 'leak probe';
    case AnalogueSensor = 'analogue sensor';
    case OneWireSensor = 'one-wire sensor';
    case StatusLed = 'status LED';

    /** A contact to ground that needs something to pull it up when it is open. */
    public function isContact(): bool
    {
        return self::MaintainedSwitch === $this || self::Button === $this;
    }

    /** An input that is high until something pulls it low. */
    public function restsHigh(): bool
    {
        return $this->isContact() || self::LeakProbe === $this || self::InfraredReceiver === $this;
    }

    public function isOutput(): bool
    {
        return self::RelayOutput === $this || self::StatusLed === $this;
    }

    /** The kinds that a maker adds by name; relay outputs come with their relay. */
    public function isAddedByHand(): bool
    {
        return self::RelayOutput !== $this;
    }
}
