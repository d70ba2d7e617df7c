<?php

declare(strict_types=1);

namespace IronLatch\Core\Board;

/** What a line can be operated by. */
enum SurfaceKind: string
{
    case WallSwitch = 'wall switch';
    case PushButton = 'push button';
    case InfraredKey = 'infrared key';
    case SensorRule = 'sensor rule';

    /** The kind of pin function that this surface needs. */
    public function functionKind(): ?FunctionKind
    {
        return match ($this) {
            self::WallSwitch => FunctionKind::MaintainedSwitch,
            self::PushButton => FunctionKind::Button,
            self::InfraredKey => FunctionKind::InfraredReceiver,
            self::SensorRule => null,
        };
    }
}
