<?php

declare(strict_types=1);

namespace IronLatch\Core\Catalogue;

/** What a line is to whoever shows or speaks of it: it decides the picture, the words and what can be asked of it. */
enum ShownKind: string
{
    case Switch = 'switch';
    case Light = 'light';
    case DimmableLight = 'dimmable light';
    case Fan = 'fan';
    case Plug = 'plug';
    case Valve = 'valve';
    case Heater = 'heater';

    /**
     * What stands in for it where it is not known, the nearest first (common practice).
     *
     * @return list<self>
     */
    public function substitutes(): array
    {
        return match ($this) {
            self::Switch => [self::Plug, self::Light],
            self::Light => [self::Switch, self::DimmableLight, self::Plug],
            self::DimmableLight => [self::Light, self::Switch, self::Plug],
            self::Fan => [self::DimmableLight, self::Switch, self::Plug],
            self::Plug => [self::Switch, self::Light],
            self::Valve => [self::Switch, self::Plug],
            self::Heater => [self::Switch, self::Plug],
        };
    }

    /** What is lost when another kind stands in for it; empty for nothing that a relay could do. */
    public function lostAs(self $other): string
    {
        return match (true) {
            $this === $other => '',
            self::DimmableLight === $this => 'cannot be set to a share of its light',
            self::Fan === $this && self::DimmableLight === $other => 'its steps are spoken of as brightness',
            self::Fan === $this => 'cannot be set to a step',
            self::Valve === $this => 'open and closed are spoken of as on and off',
            self::Heater === $this => 'is switched with “all lights” or “all switches” unless it is kept out of them',
            self::Light === $this => 'is left out of “all lights”',
            self::Light === $other => 'is switched with “all lights”',
            default => '',
        };
    }
}
