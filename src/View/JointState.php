<?php

declare(strict_types=1);

namespace IronLatch\View;

use IronLatch\Core\Review\Kind;

/** How a joint is drawn. */
enum JointState: string
{
    case Sound = 'sound';
    case Weak = 'weak';
    case Broken = 'broken';
    case Danger = 'danger';
    case Unknown = 'unknown';

    public static function of(Kind $kind): self
    {
        return match ($kind) {
            Kind::Danger => self::Danger,
            Kind::Broken => self::Broken,
            Kind::Weak => self::Weak,
            Kind::Hint => self::Sound,
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
