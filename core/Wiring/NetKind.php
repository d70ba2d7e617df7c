<?php

declare(strict_types=1);

namespace IronLatch\Core\Wiring;

/** What a net carries. */
enum NetKind: string
{
    case Rail = 'rail';
    case Ground = 'ground';
    case Signal = 'signal';
    case SwitchedDirect = 'switched direct current';
    case Live = 'live';
    case Neutral = 'neutral';
    case Earth = 'protective earth';
    case SwitchedLive = 'switched live';

    public function isMains(): bool
    {
        return match ($this) {
            self::Live, self::Neutral, self::Earth, self::SwitchedLive => true,
            default => false,
        };
    }

    /** Whether many hang on it, so that it is drawn as a bar along the sheet. */
    public function isShared(): bool
    {
        return match ($this) {
            self::Rail, self::Ground, self::Live, self::Neutral, self::Earth => true,
            default => false,
        };
    }

    /** Whether its bar lies at the foot of a sheet, where currents go back to. */
    public function isReturn(): bool
    {
        return self::Ground === $this || self::Neutral === $this || self::Earth === $this;
    }
}
