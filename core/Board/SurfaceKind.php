<?php

declare(strict_types=1);

namespace IronLatch\Core\Board;

use IronLatch\Core\Catalogue\Addressing;
use IronLatch\Core\Catalogue\Direction;
use IronLatch\Core\Catalogue\Operation;

/** What a line can be operated by. */
enum SurfaceKind: string
{
    case WallSwitch = 'wall switch';
    case PushButton = 'push button';
    case Knob = 'knob';
    case InfraredKey = 'infrared key';
    case SensorRule = 'sensor rule';
    case Timer = 'timer';
    case StatusLight = 'status light';
    case SerialRadio = 'serial radio';
    case NetworkTopic = 'network topic';
    case WebRequest = 'web request';
    case ServiceEntry = 'service entry';
    case SpokenName = 'spoken name';
    case ServiceRule = 'service rule';
    case PanelTile = 'panel tile';

    /** The kind of pin function that this surface needs. */
    public function functionKind(): ?FunctionKind
    {
        return match ($this) {
            self::WallSwitch => FunctionKind::MaintainedSwitch,
            self::PushButton => FunctionKind::Button,
            self::InfraredKey => FunctionKind::InfraredReceiver,
            self::StatusLight => FunctionKind::StatusLed,
            default => null,
        };
    }

    /** What stands on a channel that calls its lines so. */
    public static function of(Addressing $addressing): self
    {
        return match ($addressing) {
            Addressing::Command => self::SerialRadio,
            Addressing::Topic => self::NetworkTopic,
            Addressing::Path => self::WebRequest,
            Addressing::Number, Addressing::Pin => self::ServiceEntry,
            Addressing::Rule => self::ServiceRule,
            Addressing::Tile, Addressing::Word => self::PanelTile,
            Addressing::Name => self::SpokenName,
        };
    }

    /** Reaches the board by way of a channel. */
    public function isRemote(): bool
    {
        return match ($this) {
            self::SerialRadio, self::NetworkTopic, self::WebRequest, self::ServiceEntry, self::SpokenName, self::ServiceRule,
            self::PanelTile => true,
            default => false,
        };
    }

    /** A hand on the board’s own wires. */
    public function isByHand(): bool
    {
        return self::WallSwitch === $this || self::PushButton === $this || self::Knob === $this;
    }

    /** Which way it speaks by itself; on a channel that is a matter of the channel. */
    public function direction(): Direction
    {
        return self::StatusLight === $this ? Direction::State : Direction::Command;
    }

    /**
     * What an act on it can mean, the usual first; on a channel that is a matter of the channel.
     *
     * @return list<Operation>
     */
    public function operations(): array
    {
        return match ($this) {
            self::WallSwitch => [Operation::Toggle, Operation::Explicit],
            self::PushButton => [
                Operation::Toggle,
                Operation::Push,
                Operation::Steps,
                Operation::On,
                Operation::Off,
                Operation::StepUp,
                Operation::StepDown,
            ],
            self::Knob => [Operation::Steps, Operation::Percent],
            self::InfraredKey => [
                Operation::Toggle,
                Operation::Explicit,
                Operation::Steps,
                Operation::On,
                Operation::Off,
                Operation::StepUp,
                Operation::StepDown,
            ],
            self::SensorRule, self::Timer => [Operation::Explicit, Operation::Off],
            default => [Operation::Explicit],
        };
    }
}
