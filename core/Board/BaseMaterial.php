<?php

declare(strict_types=1);

namespace IronLatch\Core\Board;

/** What carries the mains parts and closes them in. */
enum BaseMaterial: string
{
    case FlameRated = 'flame-rated plastic';
    case Metal = 'metal';
    case OtherPlastic = 'plastic of unknown kind';
    case Wood = 'wood or cardboard';
    case Bare = 'nothing, a bare board';

    /** No base for mains: it burns, or leaves live parts to be touched. */
    public function isUnfit(): bool
    {
        return self::Wood === $this || self::Bare === $this;
    }
}
