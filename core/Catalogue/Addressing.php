<?php

declare(strict_types=1);

namespace IronLatch\Core\Catalogue;

/** What a line is called by on a channel. */
enum Addressing: string
{
    case Command = 'text command';
    case Topic = 'topic';
    case Path = 'path';
    case Number = 'number';
    /** Of the controller itself: what writes to it writes past the program. */
    case Pin = 'pin';
    /** What is read on a panel, and not spoken. */
    case Tile = 'shown name';
    /** What the board’s own panel calls it, before what is to be done. */
    case Word = 'panel word';
    /** Of a rule that is kept in a service. */
    case Rule = 'rule';
    case Name = 'spoken name';

    /** The board is simply there for it, and seeks nobody: a text on a wire, a panel of its own. */
    public function isAnsweredByTheBoard(): bool
    {
        return self::Command === $this || self::Word === $this;
    }
}
