<?php

declare(strict_types=1);

namespace IronLatch\Core\Catalogue;

/** What a source of low voltage is. */
enum SupplyForm: string
{
    case EncapsulatedModule = 'encapsulated mains module';
    case Adapter = 'plug-in adapter';
    case Charger = 'phone charger';
    case UsbPort = 'USB port of a computer';
    case PowerBank = 'power bank';
    case BlockBattery = 'block battery';
    case Battery = 'battery';
    case Bus = 'low-voltage bus';

    /** Whether it takes its energy from the mains, and stops a moment after the mains does. */
    public function isFedByMains(): bool
    {
        return self::EncapsulatedModule === $this || self::Adapter === $this || self::Charger === $this || self::Bus === $this;
    }

    public function isBattery(): bool
    {
        return self::BlockBattery === $this || self::Battery === $this || self::PowerBank === $this;
    }

    /** Comes with a USB plug, so that it can feed a carrier through its socket. */
    public function hasUsbPlug(): bool
    {
        return self::Charger === $this || self::UsbPort === $this || self::PowerBank === $this;
    }
}
