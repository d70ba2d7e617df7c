<?php

declare(strict_types=1);

namespace IronLatch\Core\Board;

use IronLatch\Core\Catalogue\BusSignal;

/** What a pin is wanted for. */
enum FunctionKind: string
{
    case RelayOutput = 'relay output';
    case MaintainedSwitch = 'maintained switch';
    case Button = 'push button';
    /** The button that the carrier itself has on its boot strap, used again once the program runs. */
    case BootButton = 'boot button';
    case SelectorPosition = 'selector position';
    case SelectorLadder = 'selector ladder';
    case InfraredReceiver = 'infrared receiver';
    case MotionSensor = 'motion sensor';
    case ReedContact = 'reed contact';
    case LeakProbe = 'leak probe';
    case LeakModule = 'leak detector module';
    case AnalogueSensor = 'analogue sensor';
    case OneWireSensor = 'one-wire sensor';
    case ZeroCross = 'zero-cross input';
    /** Behind a contact, through a coupler: whether the appliance has voltage. */
    case StateSense = 'state by voltage';
    /** Behind a contact, through a current transformer: whether the appliance draws current. */
    case CurrentSense = 'state by current';
    case I2cData = 'I2C data';
    case I2cClock = 'I2C clock';
    case UartTransmit = 'UART transmit';
    case UartReceive = 'UART receive';
    case SpiClock = 'SPI clock';
    case SpiOut = 'SPI data out';
    case SpiIn = 'SPI data in';
    case SpiSelect = 'SPI select';
    case RegisterData = 'shift register data';
    case RegisterClock = 'shift register clock';
    case RegisterLatch = 'shift register latch';
    case StatusLed = 'status LED';
    case Buzzer = 'buzzer';
    case SparePin = 'spare header pin';

    /** A contact to ground that needs something to pull it up when it is open. */
    public function isContact(): bool
    {
        return match ($this) {
            self::MaintainedSwitch, self::Button, self::BootButton, self::SelectorPosition, self::ReedContact => true,
            default => false,
        };
    }

    /** A contact that may stand closed for as long as it likes, power-up included. */
    public function isMaintained(): bool
    {
        return self::MaintainedSwitch === $this || self::SelectorPosition === $this || self::ReedContact === $this;
    }

    /** Needs a pull-up inside or outside, because nothing else drives the wire high. */
    public function needsPullUp(): bool
    {
        return $this->isContact() || self::LeakProbe === $this || self::ZeroCross === $this || self::StateSense === $this;
    }

    /** An input that is high until something pulls it low. */
    public function restsHigh(): bool
    {
        return $this->needsPullUp() || self::InfraredReceiver === $this;
    }

    public function isOutput(): bool
    {
        return match ($this) {
            self::RelayOutput, self::StatusLed, self::Buzzer, self::UartTransmit, self::SpiClock, self::SpiOut, self::SpiSelect,
            self::RegisterData, self::RegisterClock, self::RegisterLatch => true,
            default => false,
        };
    }

    /** Drives its wire and reads it. */
    public function isTwoWay(): bool
    {
        return self::OneWireSensor === $this || self::I2cData === $this || self::I2cClock === $this || self::SparePin === $this;
    }

    public function isAnalogue(): bool
    {
        return self::AnalogueSensor === $this || self::SelectorLadder === $this || self::CurrentSense === $this;
    }

    /** Its edges must be caught to the microsecond. */
    public function needsInterrupt(): bool
    {
        return self::InfraredReceiver === $this || self::ZeroCross === $this;
    }

    /** A sensor whose own output stage drives the wire both ways. */
    public function isActiveSensor(): bool
    {
        return self::MotionSensor === $this || self::LeakModule === $this;
    }

    /** An input whose high level comes from something with a supply of its own. */
    public function isDrivenFromOutside(): bool
    {
        return $this->isActiveSensor()
            || self::InfraredReceiver === $this
            || self::UartReceive === $this
            || self::SpiIn === $this
            || self::AnalogueSensor === $this
            || self::CurrentSense === $this;
    }

    /** Too fast for an expander behind a bus. */
    public function needsOwnPin(): bool
    {
        return $this->isAnalogue()
            || $this->needsInterrupt()
            || $this->isTwoWay()
            || null !== $this->busSignal()
            || self::BootButton === $this
            || self::SpiSelect === $this || self::RegisterData === $this || self::RegisterClock === $this || self::RegisterLatch === $this;
    }

    public function busSignal(): ?BusSignal
    {
        return match ($this) {
            self::I2cData => BusSignal::I2cData,
            self::I2cClock => BusSignal::I2cClock,
            self::UartTransmit => BusSignal::UartTransmit,
            self::UartReceive => BusSignal::UartReceive,
            self::SpiClock => BusSignal::SpiClock,
            self::SpiOut => BusSignal::SpiOut,
            self::SpiIn => BusSignal::SpiIn,
            default => null,
        };
    }

    /** It is joined to the mains itself, and only its coupler or transformer keeps that away. */
    public function listensToMains(): bool
    {
        return self::ZeroCross === $this || $this->sensesState();
    }

    /** It tells whether an appliance is on, from behind the contact. */
    public function sensesState(): bool
    {
        return self::StateSense === $this || self::CurrentSense === $this;
    }

    /** The kinds that a maker adds by name; relay outputs and what senses a state come with their line. */
    public function isAddedByHand(): bool
    {
        return self::RelayOutput !== $this && !$this->sensesState();
    }
}
