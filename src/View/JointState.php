<?php

declare(strict_types=1);

namespace IronLatch\View;

use IronLatch\Core\Review\Severity;

/** How a joint is drawn. */
enum JointState: string
{
    case Sound = 'sound';
    case Weak = 'weak';
    case Broken = 'broken';
    case Danger = 'danger';
    case Unknown = 'unknown';

    public static function of(Severity $kind): self
    {
        return match ($kind) {
            Severity::Danger => self::Danger,
            Severity::Broken => self::Broken,
            Severity::Weak => self::Weak,
            Severity::Hint => self::Sound,
        };
    }

    public function rank(): int
    {
        return match ($this) {
            self::Danger => 4,
            self::Broken => 3,
            self::Weak => 2,
            self::Sound => 1,
            self::Unknown => 0,
        };
    }
}
